import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { label, within } from '../../lang/labels';
import { andDotted } from '../../lang/lists';
import { t } from '../../lang/practice';
import { percent } from './drills';
import { OfferCopy } from './OfferCopy';

type Rush = NonNullable<KeptDrill['score']['rushes']>[number];

/** What would mend it, with the control or setting it is about. */
function mendOf(rush: Rush): string {
  const what = label('rehearsal-mend', rush.mend);
  if (rush.instead)
    return t('rehearsal-result.held-instead', {
      what,
      instead: within('control-place', rush.instead),
    });
  if (rush.setting) return t('rehearsal-result.longest', { what, setting: within('setting', rush.setting) });
  return what;
}

/** Which rushes were ready in time, what the others lost, and what to change. */
export function RehearsalResult({ kept, outing }: { kept: KeptDrill; outing: string | null }) {
  const s = kept.score;
  const rushes = [...(s.rushes ?? [])].sort((a, b) => b.lost - a.lost);
  return (
    <section className="drill-result" aria-label={t('rehearsal-result.result')}>
      <p className="drill-verdict">
        {t.rich('rehearsal-result.ready-in-time', {
          inTime: <strong className="drill-big">{percent(s.in_time ?? 0)}</strong>,
          value: (
            <span className="quiet">
              {andDotted(
                t('rehearsal-result.right-at-once', { right: percent(s.right ?? 0) }),
                s.median_s != null &&
                  t('rehearsal-result.s-until-it-was', { medianS: s.median_s.toFixed(2) }),
              )}
            </span>
          ),
        })}
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so that keys must reach it */}
      <section className="confusions-scroll" tabIndex={0} aria-label={t('rehearsal-result.each-rush')}>
        <table className="confusions rehearsed">
          <caption className="sr-only">{t('rehearsal-result.each-rush-the-worst')}</caption>
          <thead>
            <tr>
              <th scope="col">{t('rehearsal-result.rush')}</th>
              <th scope="col">{t('rehearsal-result.control')}</th>
              <th scope="col">{t('rehearsal-result.right')}</th>
              <th scope="col">{t('rehearsal-result.in-time')}</th>
              <th scope="col">{t('rehearsal-result.warning')}</th>
              <th scope="col">{t('rehearsal-result.ready-after')}</th>
              <th scope="col">{t('rehearsal-result.pass-lost')}</th>
              <th scope="col">{t('rehearsal-result.what-to-change')}</th>
            </tr>
          </thead>
          <tbody>
            {rushes.map((rush) => (
              <tr key={rush.name}>
                <th scope="row">{rush.name}</th>
                <td>{label('control-place', rush.by)}</td>
                <td className={rush.right < rush.asked ? 'wrong' : 'right'}>
                  {t('rehearsal-result.of', { right: rush.right, asked: rush.asked })}
                </td>
                <td className={rush.in_time < rush.asked ? 'wrong' : 'right'}>
                  {t('rehearsal-result.of-2', { inTime: rush.in_time, asked: rush.asked })}
                </td>
                <td>{t('rehearsal-result.s', { warningS: rush.warning_s.toFixed(1) })}</td>
                <td>
                  {rush.held_s === null
                    ? t('rehearsal-result.never')
                    : t('rehearsal-result.s-2', { heldS: (rush.held_s + rush.left_s).toFixed(1) })}
                  {rush.held_s !== null && rush.left_s > 0 && (
                    <span className="quiet">
                      {t('rehearsal-result.s-of-it-dialled', { leftS: rush.left_s.toFixed(1) })}
                    </span>
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
            <Link to={`/outings/${outing}`}>{t('rehearsal-result.the-order-of-the')}</Link> ·{' '}
          </>
        )}
        <Link to="/kit/layouts">{t('rehearsal-result.lay-the-buttons-out')}</Link> ·{' '}
        <Link to="/practice/buttons">{t('rehearsal-result.buttons-by-touch')}</Link>
      </p>
      <OfferCopy kind="drill" id={kept.id} says={t('rehearsal-result.give-this-turn-to')} />
    </section>
  );
}
