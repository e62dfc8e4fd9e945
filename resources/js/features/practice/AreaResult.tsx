import { Link } from 'react-router';
import { type KeptDrill, usePractice } from '../../api/practice';
import { andDotted } from '../../lang/lists';
import { t } from '../../lang/practice';
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
    <section className="drill-result" aria-label={t('area-result.result')}>
      <p className="drill-verdict">
        <strong className="drill-big">
          {s.median_s == null
            ? percent(s.share ?? 0)
            : t('area-result.s', { medianS: s.median_s.toFixed(2) })}
        </strong>{' '}
        {s.median_s == null ? t('area-result.reached-in-time') : t('area-result.a-move')}
        <span className="quiet">
          {andDotted(
            s.median_s != null && t('area-result.reached-in-time-2', { share: percent(s.share ?? 0) }),
            (s.overshoots ?? 0) > 0 && t('area-result.ran-past-times', { overshoots: s.overshoots }),
            s.usual_s !== undefined && t('area-result.guessed-s', { usualS: s.usual_s.toFixed(1) }),
          )}
        </span>
      </p>
      <svg className="area-times" viewBox="0 0 480 92" role="img" aria-label={t('area-result.each-move')}>
        <text x="0" y="12" className="area-axis">
          {t('area-result.s-2', { most })}
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
          ? t('area-result.less-than-half-were')
          : reckons
            ? t('area-result.layouts-now-count-s', {
                seconds: (
                  practice?.feeds.moves.find((m) => m.move === s.move)?.seconds ?? s.median_s
                ).toFixed(2),
              })
            : t('area-result.layouts-keep-their-first')}{' '}
        <Link to="/practice">
          {reckons ? t('area-result.what-practice-changes') : t('area-result.let-them')}
        </Link>{' '}
        · <Link to="/kit/layouts">{t('area-result.layouts')}</Link>
      </p>
      <OfferCopy kind="drill" id={kept.id} says={t('area-result.give-this-turn-to')} />
    </section>
  );
}
