import { Link } from 'react-router';
import type { KeptDrill } from '../../api/practice';
import { label, within } from '../../lang/labels';
import { andDotted } from '../../lang/lists';
import { t } from '../../lang/practice';
import { type Column, Table } from '../../ui/Table';
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

const columns = (): Column<Rush>[] => [
  { head: t('rehearsal-result.rush'), names: true, cell: (rush) => rush.name, as: () => 'long' },
  { head: t('rehearsal-result.control'), cell: (rush) => label('control-place', rush.by) },
  {
    head: t('rehearsal-result.right'),
    as: (rush) => (rush.right < rush.asked ? 'wrong' : 'right'),
    cell: (rush) => t('rehearsal-result.of', { right: rush.right, asked: rush.asked }),
  },
  {
    head: t('rehearsal-result.in-time'),
    as: (rush) => (rush.in_time < rush.asked ? 'wrong' : 'right'),
    cell: (rush) => t('rehearsal-result.of-2', { inTime: rush.in_time, asked: rush.asked }),
  },
  {
    head: t('rehearsal-result.warning'),
    figures: true,
    cell: (rush) => t('rehearsal-result.s', { warningS: rush.warning_s.toFixed(1) }),
  },
  {
    head: t('rehearsal-result.ready-after'),
    figures: true,
    cell: (rush) => (
      <>
        {rush.held_s === null
          ? t('rehearsal-result.never')
          : t('rehearsal-result.s-2', { heldS: (rush.held_s + rush.left_s).toFixed(1) })}
        {rush.held_s !== null && rush.left_s > 0 && (
          <span className="rehearsed-dialled">
            {t('rehearsal-result.s-of-it-dialled', { leftS: rush.left_s.toFixed(1) })}
          </span>
        )}
      </>
    ),
  },
  { head: t('rehearsal-result.pass-lost'), figures: true, cell: (rush) => percent(rush.lost) },
  { head: t('rehearsal-result.what-to-change'), as: () => 'long', cell: mendOf },
];

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
      <Table
        caption={t('rehearsal-result.each-rush-the-worst')}
        columns={columns()}
        rows={rushes}
        of={(rush) => rush.name}
        scrolls
      />
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
