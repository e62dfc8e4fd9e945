import './hints.css';
import { Button } from 'antd';
import { useState } from 'react';
import { useStored } from './useStored';

const hints = {
  desk: [
    'Drag the dot on the map or type over a number: everything answers at once.',
    'A filled bead is a sharp frame, a hollow one is lost. Point at a bead to see why.',
    'Press a line of the hold for its reason. Pin a line and the rest is solved around it.',
  ],
  outing: [
    'Say where and when first: light, sun and heat shimmer follow from it.',
    'The height of a row is the share of frames kept at that hour. Drag a block to another time.',
    'Once saved, Card carries all of it on your phone, with or without a signal.',
  ],
  review: [
    'Log a burst from the card in two taps, or add your pictures and they are measured for you.',
    'Why soft? asks a few questions about a burst and says what to change.',
    'What you log outweighs what the model assumes. Accuracy shows how right it has been.',
  ],
  practice: [
    'Start with what is due today: a few minutes often do more than an hour once.',
    'Levels go from a still subject to a wild one. The next opens when you are ready for it.',
    'Your results flow into your plans: the person in a rush is as quick as you are.',
  ],
} as const;

/** Three hints at the first visit of a page, one at a time; hidden once, they stay hidden. */
export function Hints({ of }: { of: keyof typeof hints }) {
  const [kept, keep] = useStored<'shown' | 'hidden'>(`rush-hold.hints.${of}`, 'shown', ['shown', 'hidden']);
  const [at, setAt] = useState(0);
  if (kept === 'hidden') return null;
  const all = hints[of];
  const last = at === all.length - 1;
  return (
    <aside className="hints" aria-label="Hints">
      <span className="hints-count">
        {at + 1} of {all.length}
      </span>
      <p aria-live="polite">{all[at]}</p>
      {!last && (
        <Button size="small" onClick={() => setAt(at + 1)}>
          Next hint
        </Button>
      )}
      <Button size="small" type="text" onClick={() => keep('hidden')}>
        {last ? 'Done' : 'Hide hints'}
      </Button>
    </aside>
  );
}
