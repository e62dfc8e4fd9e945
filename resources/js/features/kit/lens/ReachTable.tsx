import { t } from '../../../lang/kit';
import { figures } from '../../../lang/language';
import { say, useUnits } from '../../../lang/units';
import { type Column, Table } from '../../../ui/Table';

type Reach = {
  focal_mm: number;
  extender: number;
  widest: number;
  angle_deg: number;
  field_m: number;
  px_per_cm: number;
  lit_ev: number;
};

const round = (n: number) => Number(n.toPrecision(2));

/** What a lens sees through a body at each focal length and with each extender. */
export function ReachTable({ reach }: { reach: Reach[] }) {
  const units = useUnits();
  const columns: Column<Reach>[] = [
    {
      head: t('reach-table.lens'),
      names: true,
      cell: (r) => (
        <>
          {t('reach-table.f', { focalMm: Math.round(r.focal_mm), widest: round(r.widest) })}
          {r.extender > 1 && <small className="quiet"> {r.extender}×</small>}
        </>
      ),
    },
    { head: t('reach-table.angle'), figures: true, cell: (r) => `${figures(r.angle_deg.toFixed(1))}°` },
    { head: t('reach-table.field'), figures: true, cell: (r) => say(r.field_m, 'length', units) },
    { head: t('reach-table.px-cm'), figures: true, cell: (r) => Math.round(r.px_per_cm) },
    {
      head: t('reach-table.focuses-to'),
      figures: true,
      cell: (r) => t('reach-table.ev', { litEv: r.lit_ev.toFixed(1).replace('-', '−') }),
    },
  ];
  return (
    <Table
      caption={t('reach-table.caption')}
      columns={columns}
      rows={reach}
      of={(r) => `${r.focal_mm} ${r.extender}`}
    />
  );
}
