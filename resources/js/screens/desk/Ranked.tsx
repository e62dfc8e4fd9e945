import './ranked.css';
import type { Body, Hold, Plan } from '../../api/client';
import { label } from '../../parts/words';

type Entry = NonNullable<Plan['ranking']>[number];

type Words = Body['words'];

/** A set-up in our words, with the camera’s own for its area where they are known. */
export function nameOf(hold: Hold, words?: Words): string {
  const focus = hold.focus ?? {};
  if (focus.technique && focus.technique !== 'auto') return label('technique', focus.technique);
  const area = focus.area && label('area', focus.area).toLowerCase();
  const parts = [area ?? focus.mode ?? focus.technique ?? focus.detect ?? ''];
  if (focus.detect && focus.detect !== 'off') parts.push(label('detection', focus.detect).toLowerCase());
  if (focus.area && focus.mode && focus.mode !== 'continuous')
    parts.push(label('focus-mode', focus.mode).toLowerCase());
  const own = words?.[`area.${focus.area}`]?.label;
  return own ? `${parts.join(', ')} (“${own}”)` : parts.join(', ');
}

/** Of a set-up, what makes it that set-up; the exposure is left to be solved. */
export function pinsOf(hold: Hold): Hold {
  const { technique, mode, area, detect, eye, patience_s, nimble } = hold.focus ?? {};
  return {
    format: 'rush-hold/hold@1',
    focus: { technique, mode, area, detect, eye, patience_s, nimble },
  } as Hold;
}

function Bar({ rate, error }: { rate: number; error: number }) {
  const low = Math.max(0, rate - 2 * error);
  const high = Math.min(1, rate + 2 * error);
  return (
    <span className="rate-bar" role="img" aria-label={`${Math.round(100 * rate)} of 100 frames kept`}>
      <span className="rate" style={{ width: `${rate * 100}%` }} />
      <span
        className="rate-noise"
        style={{ left: `${low * 100}%`, width: `${Math.max(0.8, (high - low) * 100)}%` }}
      />
    </span>
  );
}

type Props = { plan: Plan; words?: Words; onAdopt: (hold: Hold) => void; onCompare?: (hold: Hold) => void };

/** The other set-ups that were played, and those the rules kept out. */
export function RankingList({ plan, words, onAdopt, onCompare }: Props) {
  const played = (plan.ranking ?? []).filter((e) => e.rejected_because === undefined);
  const alike = played.filter((e) => e.alike).length;
  const out = (plan.ranking ?? []).filter((e) => e.rejected_because !== undefined);
  return (
    <section className="hold-detail" aria-label="Other set-ups">
      <p className="quiet">
        {plan.played_less ?? `${plan.tried} set-ups played on the same chances.`} Press one to adopt it.
      </p>
      {plan.ties && <p className="ties">{plan.ties}</p>}
      <ol className="ranked with-compare">
        {played.map((entry: Entry, i) => (
          <li
            key={JSON.stringify(entry.hold)}
            className={plan.ties && i === alike - 1 ? 'last-alike' : undefined}
          >
            <button type="button" onClick={() => onAdopt(pinsOf(entry.hold))} title="Adopt this set-up">
              {nameOf(entry.hold, words)}
              {entry.changes !== undefined && (
                <small className="quiet">
                  {entry.changes === 1 ? '1 change' : `${entry.changes} changes`}
                </small>
              )}
            </button>
            <Bar rate={entry.keeper_rate} error={entry.standard_error ?? 0} />
            <span className="ranked-rate">{Math.round(100 * entry.keeper_rate)} %</span>
            {i > 0 && onCompare ? (
              <button
                type="button"
                className="compare"
                onClick={() => onCompare(entry.hold)}
                aria-label={`Compare ${nameOf(entry.hold)}`}
                title="Compare side by side"
              >
                ⇄
              </button>
            ) : (
              <span />
            )}
          </li>
        ))}
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

/** The sides of the honest disagreements, and what each costs here. */
export function Schools({ plan, onAdopt }: Props) {
  const frames = plan.best.frames ?? 1;
  return (
    <section className="hold-detail" aria-label="Schools">
      <p className="quiet">What each way of working costs here, in frames of a pass.</p>
      <ul className="ranked">
        {plan.by_school?.map((s) => (
          <li key={s.school + s.side}>
            <button type="button" onClick={() => onAdopt(pinsOf(s.hold))} title="Adopt this set-up">
              {label('side', s.side)} <span className="quiet">{label('school', s.school).toLowerCase()}</span>
            </button>
            <Bar rate={s.keeper_rate} error={s.standard_error} />
            <span className="ranked-rate">{!s.matters ? 'none' : `−${(s.cost * frames).toFixed(0)}`}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What would help if the situation could be changed, from playing it again. */
function WhatIfs({ plan }: { plan: Plan }) {
  const frames = plan.best.frames ?? 1;
  const helpful = (plan.what_if ?? []).filter((w) => w.helps);
  if (!plan.what_if) return null;
  return (
    <>
      <h3>If one thing could be changed</h3>
      {helpful.length === 0 && <p className="quiet">Nothing about the place or the light would help much.</p>}
      <ul className="what-if">
        {helpful.map((w) => (
          <li key={w.change}>
            <b>+{(w.keeper_rate_change * frames).toFixed(0)} frames</b>
            <span>{w.sentence}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Where frames are lost, the largest share first. */
export function Losses({ plan }: { plan: Plan }) {
  const losses = Object.entries(plan.best.losses ?? {}).filter(([, share]) => share >= 0.002);
  return (
    <section className="hold-detail" aria-label="Where frames are lost">
      <p className="quiet">Of 100 frames, by what loses them. The rest are kept.</p>
      <ul className="ranked">
        {losses.map(([cause, share]) => (
          <li key={cause}>
            <span>{label('loss-cause', cause)}</span>
            <Bar rate={share} error={0} />
            <span className="ranked-rate">{(100 * share).toFixed(share < 0.1 ? 1 : 0)}</span>
          </li>
        ))}
        {losses.length === 0 && <li>Hardly any frame is lost.</li>}
      </ul>
      <WhatIfs plan={plan} />
    </section>
  );
}
