import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { usePractice } from '../../api/practice';
import { label } from '../../parts/words';
import type { HandKey } from './hand';
import { OfferCopy } from './OfferCopy';

/** Which were right, how soon, and what was taken for what. */
export function ButtonsResult({ kept, layout }: { kept: KeptDrill; layout: HandKey[] }) {
  const s = kept.score;
  const keys = s.keys ?? [];
  const beyond = (seconds: number | null) =>
    seconds === null || s.reaction_s == null ? null : Math.max(0, seconds - s.reaction_s);
  return (
    <section className="drill-result" aria-label="Result">
      <p className="drill-verdict">
        <strong className="drill-big">{Math.round((s.right ?? 0) * 100)}%</strong> right at once
        <span className="quiet">
          {s.median_s != null && ` · ${s.median_s.toFixed(2)} s until it was pressed`}
          {s.reaction_s != null &&
            s.median_s != null &&
            s.reaction_s < s.median_s &&
            `, of which ${s.reaction_s.toFixed(2)} s is reacting to anything`}
        </span>
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it */}
      <section className="confusions-scroll" tabIndex={0} aria-label="What was pressed for each call">
        <table className="confusions">
          <caption className="sr-only">What was pressed for each call</caption>
          <thead>
            <tr>
              <th scope="col">Called</th>
              {keys.map((k) => (
                <th key={k.key} scope="col">
                  {label('control-place', k.place)}
                </th>
              ))}
              <th scope="col">None</th>
              <th scope="col">Time</th>
            </tr>
          </thead>
          <tbody>
            {keys.map((k) => (
              <tr key={k.key}>
                <th scope="row">{label('call', k.call)}</th>
                {keys.map((other) => {
                  const times = k.pressed[String(other.key)] ?? 0;
                  const right = other.key === k.key;
                  return (
                    <td key={other.key} className={right ? 'right' : times > 0 ? 'wrong' : ''}>
                      {times || ''}
                    </td>
                  );
                })}
                <td className={k.missed > 0 ? 'wrong' : ''}>{k.missed || ''}</td>
                <td>
                  {k.median_s === null ? '' : `${k.median_s.toFixed(2)} s`}
                  {beyond(k.median_s) !== null && (
                    <span className="quiet"> +{beyond(k.median_s)?.toFixed(2)}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <MixedUp />
      {layout.length > 0 && <OfferCopy kind="drill" id={kept.id} says="Give this turn to others" />}
    </section>
  );
}

/** Two controls that are taken for each other again and again, and what could be changed. */
export function MixedUp() {
  const mixed = usePractice().data?.feeds.mixed;
  if (!mixed) return null;
  const [one, other] = [label('control-place', mixed.one), label('control-place', mixed.other)];
  return (
    <p className="mixed-up">
      <strong>{one}</strong> and <strong>{other.toLowerCase()}</strong> were taken for each other{' '}
      {mixed.times} times of {mixed.asked}.{' '}
      {mixed.better === null
        ? 'No other control of this body could take one of them.'
        : mixed.free
          ? `What the ${other.toLowerCase()} does would go on the ${label('control-place', mixed.better).toLowerCase()}, which is free.`
          : `The ${other.toLowerCase()} could change places with the ${label('control-place', mixed.better).toLowerCase()}, which you never confuse with either.`}{' '}
      <Link to="/kit/layouts">Lay them out anew</Link>
    </p>
  );
}
