import { Link } from 'react-router';
import { type KeptDrill, usePractice } from '../../api/practice';
import { percent } from './drills';
import { OfferCopy } from './OfferCopy';

/** How long a move took, each of them, and what that changes. */
export function AreaResult({ kept }: { kept: KeptDrill }) {
  const s = kept.score;
  const practice = usePractice().data;
  const moves = s.moves ?? [];
  const most = 2.6;
  const reckons = practice?.settings.feeds.controls;
  return (
    <section className="drill-result" aria-label="Result">
      <p className="drill-verdict">
        <strong className="drill-big">
          {s.median_s == null ? percent(s.share ?? 0) : `${s.median_s.toFixed(2)} s`}
        </strong>{' '}
        {s.median_s == null ? 'reached in time' : 'a move'}
        <span className="quiet">
          {s.median_s != null && ` · ${percent(s.share ?? 0)} reached in time`}
          {(s.overshoots ?? 0) > 0 && ` · ran past ${s.overshoots === 1 ? 'once' : `${s.overshoots} times`}`}
          {s.usual_s !== undefined && ` · guessed ${s.usual_s.toFixed(1)} s`}
        </span>
      </p>
      <svg className="area-times" viewBox="0 0 480 92" role="img" aria-label="Each move">
        <text x="0" y="12" className="area-axis">
          {most} s
        </text>
        <text x="0" y="86" className="area-axis">
          0
        </text>
        {s.usual_s !== undefined && (
          <line
            x1="36"
            x2="480"
            y1={82 - (72 * s.usual_s) / most}
            y2={82 - (72 * s.usual_s) / most}
            className="progress-grid"
          />
        )}
        {moves.map((seconds, i) => (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: moves have nothing but their order
            key={i}
            cx={48 + i * 28}
            cy={82 - (72 * Math.min(most, seconds ?? most)) / most}
            r={5}
            className={seconds === null ? 'bead-lost' : 'bead-kept'}
          />
        ))}
      </svg>
      <p className="quiet">
        {s.median_s == null
          ? 'Less than half were reached, so layouts keep their first guess.'
          : reckons
            ? `Layouts now count ${(practice?.feeds.moves.find((m) => m.move === s.move)?.seconds ?? s.median_s).toFixed(2)} s for it.`
            : 'Layouts keep their first guess until you let them use your times.'}{' '}
        <Link to="/practice">{reckons ? 'What practice changes' : 'Let them'}</Link> ·{' '}
        <Link to="/kit/layouts">Layouts</Link>
      </p>
      <OfferCopy kind="drill" id={kept.id} says="Give this turn to others" />
    </section>
  );
}
