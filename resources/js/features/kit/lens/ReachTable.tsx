import { t } from '../../../lang/kit';
import { figures } from '../../../lang/language';
import { say, useUnits } from '../../../lang/units';

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
  return (
    <table className="plain-table">
      <thead>
        <tr>
          <th>{t('reach-table.lens')}</th>
          <th className="num">{t('reach-table.angle')}</th>
          <th className="num">{t('reach-table.field')}</th>
          <th className="num">{t('reach-table.px-cm')}</th>
          <th className="num">{t('reach-table.focuses-to')}</th>
        </tr>
      </thead>
      <tbody>
        {reach.map((r) => (
          <tr key={`${r.focal_mm} ${r.extender}`}>
            <td>
              {t('reach-table.f', { focalMm: Math.round(r.focal_mm), widest: round(r.widest) })}
              {r.extender > 1 && <small className="quiet"> {r.extender}×</small>}
            </td>
            <td className="num">{figures(r.angle_deg.toFixed(1))}°</td>
            <td className="num">{say(r.field_m, 'length', units)}</td>
            <td className="num">{Math.round(r.px_per_cm)}</td>
            <td className="num">{t('reach-table.ev', { litEv: r.lit_ev.toFixed(1).replace('-', '−') })}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
