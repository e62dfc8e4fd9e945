import type { SubjectProfile } from '../../api/client';
import { label } from '../../lang/labels';
import { t } from '../../lang/subjects';
import { say, sayDepth, useUnits } from '../../lang/units';

/** A share in words, from the first that reaches it. */
const inWords = (share: number, steps: [number, string][]) =>
  steps.find(([least]) => share >= least)?.[1] ?? '';

/** What is known of a subject. */
export function SubjectFacts({ profile: draft }: { profile: SubjectProfile }) {
  const units = useUnits();
  const { subject } = draft;
  const plusMinus = (share: number) => `± ${Math.round(100 * share)}%`;
  return (
    <>
      <dl className="subject-facts">
        <div>
          <dt>{t('subject-facts.size')}</dt>
          <dd>
            {sayDepth(subject.length_m, units)} × {sayDepth(subject.height_m, units)}
          </dd>
          <dd className="quiet">{plusMinus(draft.size_uncertainty)}</dd>
        </div>
        <div>
          <dt>{t('subject-facts.cruises-at')}</dt>
          <dd>{say(subject.speed_mps, 'speed', units)}</dd>
          <dd className="quiet">{plusMinus(draft.speed_uncertainty)}</dd>
        </div>
        <div>
          <dt>{t('subject-facts.at-its-fastest')}</dt>
          <dd>{draft.burst_mps == null ? '–' : say(draft.burst_mps, 'speed', units)}</dd>
          <dd className="quiet">{plusMinus(draft.speed_uncertainty)}</dd>
        </div>
        <div>
          <dt>{t('subject-facts.wings-or-legs')}</dt>
          <dd>{say(subject.limb_speed_mps, 'speed', units)}</dd>
        </div>
        <div>
          <dt>{t('subject-facts.keeps-its-line')}</dt>
          <dd>
            {inWords(subject.erratic, [
              [0.35, t('subject-facts.no')],
              [0.1, t('subject-facts.mostly')],
              [0, t('subject-facts.yes')],
            ])}
          </dd>
        </div>
        <div>
          <dt>{t('subject-facts.detail-to-focus-on')}</dt>
          <dd>
            {inWords(subject.contrast, [
              [0.7, t('subject-facts.plenty')],
              [0.4, t('subject-facts.some')],
              [0, t('subject-facts.little')],
            ])}
          </dd>
        </div>
        <div>
          <dt>{t('subject-facts.detected-as')}</dt>
          <dd>{label('subject-kind', subject.kind)}</dd>
        </div>
      </dl>
      {draft.habit && (
        <p className="subject-habit">
          <b>{t('subject-facts.before-it-moves')}</b> {draft.habit}
        </p>
      )}
      {draft.hazards.map((h) => (
        <p key={h} className="subject-caution">
          {label('caution', h)}
        </p>
      ))}
      <p className="quiet">{draft.source}</p>
    </>
  );
}
