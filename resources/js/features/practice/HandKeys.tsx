import type { PointerEvent, ReactNode } from 'react';
import { label } from '../../lang/labels';
import { type HandKey, spotOf } from './hand';

type Props = {
  layout: HandKey[];
  held: number | null;
  /** What is written on a control. */
  says: (key: HandKey, at: number) => ReactNode;
  onPress: (key: number, down: boolean, at: number) => void;
};

/** The controls where the hand has them, with the letter that stands for each. */
export function HandKeys({ layout, held, says, onPress }: Props) {
  const press = (key: number, down: boolean) => (event: PointerEvent) => {
    event.preventDefault();
    if (down) (event.currentTarget as HTMLElement).setPointerCapture?.(event.pointerId);
    onPress(key, down, event.timeStamp);
  };
  return (
    <div className="buttons-hand">
      {layout.map((key, i) => {
        const spot = spotOf(key.place);
        return (
          <button
            key={key.place}
            type="button"
            data-key={i}
            className={held === i ? 'hand-key held' : 'hand-key'}
            style={{ left: `${spot.x}%`, top: `${(spot.y / 60) * 100}%` }}
            tabIndex={-1}
            onPointerDown={press(i, true)}
            onPointerUp={press(i, false)}
            onPointerCancel={press(i, false)}
          >
            <kbd>{spot.key}</kbd>
            {says(key, i)}
            <span className="sr-only">{label('control-place', key.place)}</span>
          </button>
        );
      })}
    </div>
  );
}
