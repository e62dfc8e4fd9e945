import { Segmented } from 'antd';
import { Link } from 'react-router';
import type { RushSummary } from '../../api/client';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Choice } from '../../ui/Choice';
import type { LensRing } from './useLensRing';

export const EXERCISES = ['still', 'swimmer', 'perch', 'surprise', 'wild'] as const;
export type RingExercise = (typeof EXERCISES)[number];
export const DEGREES = ['90', '180', '300'] as const;
export type Degrees = (typeof DEGREES)[number];
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
        aria-label={t('ring-settings.exercise')}
        disabled={disabled}
        value={exercise}
        options={EXERCISES.map((e) => ({ value: e, label: label('exercise', e) }))}
        onChange={onExercise}
      />
      <Choice
        label={t('ring-settings.rush')}
        disabled={disabled}
        value={rush ?? rushes[0]?.id}
        options={rushes.map((r) => ({ value: r.id, label: r.name }))}
        onChange={(id) => id && onRush(id)}
        {...(rushes.length === 0 ? { none: t('ring-settings.a-gull-that-comes') } : {})}
      />
      <Choice
        label={t('ring-settings.opening')}
        disabled={disabled}
        value={opening === null ? null : String(opening)}
        none={t('ring-settings.wide-open')}
        options={['5.6', '8', '11', '16'].map((n) => ({ value: n, label: `f/${n}` }))}
        onChange={(n) => onOpening(n === null ? null : Number(n))}
      />
      {lens?.ring ? (
        <p className="drill-setting">
          {t.rich('ring-settings.ring-of-right-is', {
            span: (text) => <span>{text}</span>,
            name: lens.name,
            throwDeg: Math.round(lens.ring.throw_deg),
            isRightIsNearer: lens.ring.right_is_nearer ? 'yes' : 'no',
          })}
          {lens.place && <Link to={lens.place}>{t('ring-settings.change')}</Link>}
        </p>
      ) : (
        <>
          <Choice
            label={t('ring-settings.ring-throw')}
            disabled={disabled}
            value={degrees}
            options={DEGREES.map((n) => ({ value: n, label: `${n}°` }))}
            onChange={(n) => onDegrees(n as Degrees)}
          />
          <Choice
            label={t('ring-settings.turning-right')}
            disabled={disabled}
            value={right}
            options={[
              { value: 'far', label: t('ring-settings.farther') },
              { value: 'near', label: t('ring-settings.nearer') },
            ]}
            onChange={(way) => onRight(way as Way)}
          />
          {lens?.place && (
            <Link to={lens.place}>{t('ring-settings.set-them-once-with', { name: lens.name })}</Link>
          )}
        </>
      )}
    </>
  );
}
