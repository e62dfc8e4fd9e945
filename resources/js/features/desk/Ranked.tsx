import './ranked.css';
import type { Body, Hold, Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { label, within } from '../../lang/labels';
import { inside, quoted } from '../../lang/language';
import { Cost, Scale, Spot } from './Scale';

type Entry = NonNullable<Plan['ranking']>[number];

type Words = Body['words'];

/** A set-up in our words, with the camera’s own for its area where they are known. */
export function nameOf(hold: Hold, words?: Words): string {
  const focus = hold.focus ?? {};
  if (focus.technique && focus.technique !== 'auto') return label('technique', focus.technique);
  const area = focus.area && within('area', focus.area);
  const parts = [area ?? focus.mode ?? focus.technique ?? focus.detect ?? ''];
  if (focus.detect && focus.detect !== 'off') parts.push(within('detection', focus.detect));
  if (focus.area && focus.mode && focus.mode !== 'continuous') parts.push(within('focus-mode', focus.mode));
  const own = words?.[`area.${focus.area}`]?.label;
  return own ? `${parts.join(', ')} (${quoted(own)})` : parts.join(', ');
}

/** Of a set-up, what makes it that set-up; the exposure is left to be solved. */
export function pinsOf(hold: Hold): Hold {
  const { technique, mode, area, detect, eye, patience_s, nimble } = hold.focus ?? {};
  return {
    format: 'rush-hold/hold@1',
    focus: { technique, mode, area, detect, eye, patience_s, nimble },
  } as Hold;
}

type Props = {
  plan: Plan;
  words?: Words | undefined;
  onAdopt: (hold: Hold) => void;
  onCompare?: (hold: Hold) => void;
};

const least = (entry: Entry) =>
  entry.unlike?.filter((u) => !/^focus\.(technique|mode|area|detect)$/.test(u.setting)) ?? [];

/** The other set-ups that were played, against the first on one scale, and those the rules kept out. */
export function RankingList({ plan, words, onAdopt, onCompare }: Props) {
  const played = (plan.ranking ?? []).filter((e) => e.rejected_because === undefined);
  const alike = played.filter((e) => e.alike).length;
  const out = (plan.ranking ?? []).filter((e) => e.rejected_because !== undefined);
  const frames = plan.best.frames ?? 1;
  const first = Math.round((played[0]?.keeper_rate ?? 0) * frames);
  return (
    <section className="hold-detail" aria-label={t('ranked.other-holds')}>
      <p className="quiet">
        {t('ranked.press-one-to-use', {
          playedLess: plan.played_less ?? t('ranked.holds-simulated-on-the', { tried: plan.tried }),
        })}
      </p>
      {plan.ties && <p className="ties">{plan.ties}</p>}
      <Scale frames={frames} />
      <ol className="ranked with-compare">
        {played.map((entry: Entry, i) => {
          const fewer = first - Math.round(entry.keeper_rate * frames);
          return (
            <li
              key={JSON.stringify(entry.hold)}
              className={plan.ties && i === alike - 1 ? 'last-alike' : undefined}
            >
              <button
                type="button"
                onClick={() => onAdopt(pinsOf(entry.hold))}
                title={t('ranked.use-this-hold')}
              >
                {nameOf(entry.hold, words)}
              </button>
              <Cost fewer={i === 0 ? null : entry.alike ? 0 : fewer} sure={entry.matters ?? false} />
              {i > 0 && onCompare ? (
                <button
                  type="button"
                  className="compare"
                  onClick={() => onCompare(entry.hold)}
                  aria-label={t('ranked.compare', { hold: nameOf(entry.hold) })}
                  title={t('ranked.compare-side-by-side')}
                >
                  ⇄
                </button>
              ) : (
                <span />
              )}
              <Spot
                rate={entry.keeper_rate}
                error={entry.standard_error ?? 0}
                frames={frames}
                best={played[0]?.keeper_rate ?? 0}
              />
              <small className="quiet">
                {[
                  ...least(entry).map((u) => `${inside(u.name)} ${inside(u.label)}`),
                  ...(entry.changes === undefined
                    ? []
                    : [t('ranked.changes-on-the-camera', { changes: entry.changes })]),
                ].join(' · ')}
              </small>
            </li>
          );
        })}
      </ol>
      {out.length > 0 && (
        <ul className="ruled-out">
          {out.map((entry) => (
            <li key={nameOf(entry.hold) + entry.rejected_because} className="quiet">
              <b>{nameOf(entry.hold)}</b> {entry.rejected_because}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
