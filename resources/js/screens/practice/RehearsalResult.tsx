import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { label } from '../../parts/words';
import { percent } from './drills';
import { OfferCopy } from './OfferCopy';

type Rush = NonNullable<KeptDrill['score']['rushes']>[number];

/** What would mend it, with the control or setting it is about. */
function mendOf(rush: Rush): string {
  const what = label('rehearsal-mend', rush.mend);
  if (rush.instead) return `${what} Held instead: ${label('control-place', rush.instead).toLowerCase()}.`;
  if (rush.setting) return `${what} Longest: ${label('setting', rush.setting).toLowerCase()}.`;
  return what;
}

/** Which rushes were ready in time, what the others lost, and what to change. */
export function RehearsalResult({ kept, outing }: { kept: KeptDrill; outing: string | null }) {
  const s = kept.score;
  const rushes = [...(s.rushes ?? [])].sort((a, b) => b.lost - a.lost);
  return (
    <section className="drill-result" aria-label="Result">
      <p className="drill-verdict">
        <strong className="drill-big">{percent(s.in_time ?? 0)}</strong> ready in time
        <span className="quiet">
          {` · ${percent(s.right ?? 0)} right at once`}
          {s.median_s != null && ` · ${s.median_s.toFixed(2)} s until it was held`}
        </span>
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it */}
      <section className="confusions-scroll" tabIndex={0} aria-label="Each rush">
        <table className="confusions rehearsed">
          <caption className="sr-only">Each rush, the worst first</caption>
          <thead>
            <tr>
              <th scope="col">Rush</th>
              <th scope="col">Control</th>
              <th scope="col">Right</th>
              <th scope="col">In time</th>
              <th scope="col">Warning</th>
              <th scope="col">Ready after</th>
              <th scope="col">Pass lost</th>
              <th scope="col">What to change</th>
            </tr>
          </thead>
          <tbody>
            {rushes.map((rush) => (
              <tr key={rush.name}>
                <th scope="row">{rush.name}</th>
                <td>{label('control-place', rush.by)}</td>
                <td className={rush.right < rush.asked ? 'wrong' : 'right'}>
                  {rush.right} of {rush.asked}
                </td>
                <td className={rush.in_time < rush.asked ? 'wrong' : 'right'}>
                  {rush.in_time} of {rush.asked}
                </td>
                <td>{rush.warning_s.toFixed(1)} s</td>
                <td>
                  {rush.held_s === null ? 'never' : `${(rush.held_s + rush.left_s).toFixed(1)} s`}
                  {rush.held_s !== null && rush.left_s > 0 && (
                    <span className="quiet">{rush.left_s.toFixed(1)} s of it dialled</span>
                  )}
                </td>
                <td>{percent(rush.lost)}</td>
                <td className="rehearsed-mend">{mendOf(rush)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <p>
        {outing !== null && (
          <>
            <Link to={`/outings/${outing}`}>The order of the day</Link> ·{' '}
          </>
        )}
        <Link to="/kit/layouts">Lay the buttons out anew</Link> ·{' '}
        <Link to="/practice/buttons">Buttons by touch</Link>
      </p>
      <OfferCopy kind="drill" id={kept.id} says="Give this turn to others" />
    </section>
  );
}
