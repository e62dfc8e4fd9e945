import './hints.css';
import { Button } from 'antd';
import { useState } from 'react';
import { t } from '../lang/ui';
import { useStored } from './useStored';

const hints = {
  desk: [t('hints.drag-the-dot-on'), t('hints.a-filled-bead-is'), t('hints.press-a-line-of')],
  outing: [t('hints.say-where-and-when'), t('hints.the-height-of-a'), t('hints.once-saved-card-carries')],
  review: [t('hints.log-a-burst-from'), t('hints.why-soft-asks-a'), t('hints.what-you-log-outweighs')],
  practice: [t('hints.start-with-what-is'), t('hints.levels-go-from-a'), t('hints.your-results-flow-into')],
} as const;

/** Three hints at the first visit of a page, one at a time; hidden once, they stay hidden. */
export function Hints({ of }: { of: keyof typeof hints }) {
  const [kept, keep] = useStored<'shown' | 'hidden'>(`rush-hold.hints.${of}`, 'shown', ['shown', 'hidden']);
  const [at, setAt] = useState(0);
  if (kept === 'hidden') return null;
  const all = hints[of];
  const last = at === all.length - 1;
  return (
    <aside className="hints" aria-label={t('hints.hints')}>
      <span className="hints-count">{t('hints.of', { at: at + 1, all: all.length })}</span>
      <p aria-live="polite">{all[at]}</p>
      {!last && (
        <Button size="small" onClick={() => setAt(at + 1)}>
          {t('hints.next-hint')}
        </Button>
      )}
      <Button size="small" type="text" onClick={() => keep('hidden')}>
        {last ? t('hints.done') : t('hints.hide-hints')}
      </Button>
    </aside>
  );
}
