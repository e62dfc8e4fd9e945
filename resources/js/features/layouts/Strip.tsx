import type { Reached } from '../../api/layout';
import { t } from '../../lang/layouts';

/** So long a strip is at least, s. */
const SHORTEST = 3;

/** From rest to the moment: what is done one after the other, against the warning there is. */
export function Strip({ rush, longest }: { rush: Reached; longest: number }) {
  const whole = Math.max(SHORTEST, longest);
  const at = (seconds: number) => `${(100 * Math.min(whole, seconds)) / whole}%`;
  let from = 0;
  return (
    <div className="warning-strip">
      <div className="strip-bar" aria-hidden="true">
        {rush.press.map((press) => {
          const start = from;
          from += press.seconds;
          return (
            <span
              key={press.says}
              className={press.look ? 'strip-part look' : 'strip-part'}
              style={{ left: at(start), width: at(press.seconds) }}
            />
          );
        })}
        <i className="strip-warning" style={{ left: at(rush.warning_s) }} />
      </div>
      {rush.press.length === 0 ? (
        <p className="quiet">{t('strip.ready-at-rest')}</p>
      ) : (
        <ol>
          {rush.press.map((press) => (
            <li key={press.says} className={press.look ? 'look' : undefined}>
              {press.says}{' '}
              <span className="quiet">{t('strip.s', { seconds: press.seconds.toFixed(1) })}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
