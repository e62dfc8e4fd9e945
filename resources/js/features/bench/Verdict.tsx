import { App, Button } from 'antd';
import { type BenchSession, type Found, sweepActions, useSweepAction } from '../../api/bench';
import { t } from '../../lang/bench';
import { say, useUnits } from '../../lang/units';
import { signed } from './values';

/** What comes of a session: the value, or that there is none; the three likeliest, and what to take again. */
export function Verdict({ session, found }: { session: BenchSession; found: Found }) {
  const units = useUnits();
  const { message } = App.useApp();
  const shoot = useSweepAction(sweepActions.standIn);
  const { across, none_because: none, retest } = found;
  const again = async () => {
    for (const place of new Set(retest.map((r) => `${r.distance_m} ${r.focal_mm}`))) {
      const there = retest.filter((r) => `${r.distance_m} ${r.focal_mm}` === place);
      await shoot.mutateAsync({
        id: session.id,
        frames: there.map((r) => ({ value: r.value, times: r.frames })),
        distance_m: there[0]?.distance_m ?? 10,
        focal_mm: there[0]?.focal_mm ?? 500,
      });
    }
  };
  return (
    <section aria-label={t('verdict.result')} className="bench-verdict">
      <div>
        {found.by_distance ? (
          <>
            <p className="bench-value">
              {found.series.map((s) => signed(s.best[0]?.value ?? 0)).join(' · ')}
            </p>
            <p className="quiet">
              {t('verdict.one-stored-for-each', {
                distances: found.series.map((s) => say(s.distance_m, 'length', units)).join(' · '),
              })}
            </p>
          </>
        ) : across ? (
          <>
            <p className="bench-value">{signed(across.value)}</p>
            <p className="quiet">
              {t('verdict.best-so-far-costs', {
                isSeries: found.series.length > 1 ? 'yes' : 'no',
                loss: Math.round(100 * across.loss),
              })}
            </p>
          </>
        ) : (
          none && (
            <>
              <p className="bench-value">{t('verdict.none')}</p>
              <p className="quiet">
                {t('verdict.no-value-serves-them', {
                  signed: signed(none.value),
                  loss: Math.round(100 * none.loss),
                  distanceM: say(none.distance_m, 'length', units),
                  focalMm: Math.round(none.focal_mm),
                })}
              </p>
            </>
          )
        )}
      </div>
      <div>
        <h3>{t('verdict.likeliest')}</h3>
        <ol className="bench-best">
          {found.best.map((best) => (
            <li key={best.value}>
              <b>{signed(best.value)}</b>
              <span className="why-bar" aria-hidden="true">
                <i style={{ width: `${100 * best.probability}%` }} />
              </span>
              {Math.round(100 * best.probability)}%
            </li>
          ))}
        </ol>
      </div>
      <div>
        <h3>{retest.length === 0 ? t('verdict.settled') : t('verdict.reshoot')}</h3>
        {retest.length === 0 ? (
          <p className="quiet">
            {t('verdict.each-series-is-settled', {
              isSeries: found.series.every((s) => s.focal_mm === found.series[0]?.focal_mm) ? 'yes' : 'no',
            })}
          </p>
        ) : (
          <>
            <ul className="bench-again">
              {retest.map((r) => (
                <li key={`${r.value} ${r.distance_m} ${r.focal_mm}`}>
                  {r.frames} × <b>{signed(r.value)}</b>{' '}
                  <span className="quiet">
                    {t('verdict.at-mm', {
                      distanceM: say(r.distance_m, 'length', units),
                      focalMm: Math.round(r.focal_mm),
                    })}
                  </span>
                </li>
              ))}
            </ul>
            {session.stand_in && (
              <Button
                size="small"
                loading={shoot.isPending}
                onClick={() => void again().catch((error: Error) => message.error(error.message))}
              >
                {t('verdict.shoot-them-with-the')}
              </Button>
            )}
          </>
        )}
      </div>
    </section>
  );
}
