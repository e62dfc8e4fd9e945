import { Segmented, Select } from 'antd';
import { Link } from 'react-router';
import type { RushSummary } from '../../api/client';
import { label } from '../../parts/words';
import type { LensRing } from './useLensRing';

export const EXERCISES = ['still', 'swimmer', 'perch', 'surprise', 'wild'] as const;
export type RingExercise = (typeof EXERCISES)[number];
export type Degrees = '90' | '180' | '300';
export type Way = 'near' | 'far';

type Props = {
  exercise: RingExercise;
  onExercise: (exercise: RingExercise) => void;
  disabled: boolean;
  rushes: RushSummary[];
  rush: string | null;
  onRush: (id: string) => void;
  opening: number | null;
  onOpening: (fNumber: number | null) => void;
  degrees: Degrees;
  onDegrees: (degrees: Degrees) => void;
  right: Way;
  onRight: (way: Way) => void;
  /** The lens it is played with, whose ring counts where it is described. */
  lens: LensRing | null;
};

/** What is practised with the ring, on which rush, and how one's own ring turns. */
export function RingSettings({
  exercise,
  onExercise,
  disabled,
  rushes,
  rush,
  onRush,
  opening,
  onOpening,
  degrees,
  onDegrees,
  right,
  onRight,
  lens,
}: Props) {
  return (
    <>
      <Segmented
        block
        vertical
        aria-label="Exercise"
        disabled={disabled}
        value={exercise}
        options={EXERCISES.map((e) => ({ value: e, label: label('exercise', e) }))}
        onChange={onExercise}
      />
      <div className="drill-setting">
        <span>Rush</span>
        <Select
          aria-label="Rush"
          disabled={disabled}
          value={rush ?? rushes[0]?.id ?? null}
          placeholder="A gull that comes in"
          options={rushes.map((r) => ({ value: r.id, label: r.name }))}
          onChange={onRush}
        />
      </div>
      <div className="drill-setting">
        <span>Opening</span>
        <Select
          aria-label="Opening"
          disabled={disabled}
          value={opening ?? 0}
          options={[
            { value: 0, label: 'Wide open' },
            ...[5.6, 8, 11, 16].map((n) => ({ value: n, label: `f/${n}` })),
          ]}
          onChange={(n) => onOpening(n === 0 ? null : n)}
        />
      </div>
      {lens?.ring ? (
        <p className="drill-setting">
          <span>Ring of {lens.name}</span>
          {Math.round(lens.ring.throw_deg)}°, right is {lens.ring.right_is_nearer ? 'nearer' : 'farther'}
          {lens.place && <Link to={lens.place}>Change</Link>}
        </p>
      ) : (
        <>
          <div className="drill-setting">
            <span>Ring throw</span>
            <Select
              aria-label="Ring throw"
              disabled={disabled}
              value={degrees}
              options={[
                { value: '90', label: '90°' },
                { value: '180', label: '180°' },
                { value: '300', label: '300°' },
              ]}
              onChange={onDegrees}
            />
          </div>
          <div className="drill-setting">
            <span>Turning right</span>
            <Select
              aria-label="Turning right"
              disabled={disabled}
              value={right}
              options={[
                { value: 'far', label: 'farther' },
                { value: 'near', label: 'nearer' },
              ]}
              onChange={onRight}
            />
          </div>
          {lens?.place && <Link to={lens.place}>Set them once, with {lens.name}</Link>}
        </>
      )}
    </>
  );
}
