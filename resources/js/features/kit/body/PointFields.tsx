import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { options } from '../../../lang/labels';
import { Choice } from '../../../ui/Choice';
import { NumberField } from '../../../ui/NumberField';
import type { Change } from './change';

/** Where the focus points of a mirror body lie. */
export function PointFields({ points, set }: { points: NonNullable<Body['points']>; set: Change }) {
  const share = (
    name: 'width' | 'height' | 'two_way_width' | 'two_way_height' | 'star_width' | 'star_height',
    label: string,
  ) => (
    <NumberField
      label={label}
      quantity="share"
      value={Number(points[name])}
      onChange={(v) => {
        const next = { ...points, [name]: v };
        // What lies inside cannot be larger than what it lies in.
        for (const side of ['width', 'height'] as const) {
          next[`two_way_${side}`] = Math.min(next[`two_way_${side}`], next[side]);
          next[`star_${side}`] = Math.min(next[`star_${side}`], next[side]);
        }
        set({ points: next });
      }}
    />
  );
  return (
    <>
      <p className="quiet">{t('point-fields.where-its-focus-points')}</p>
      <div className="fields">
        {share('width', t('point-fields.all-points-width'))}
        {share('height', t('point-fields.all-points-height'))}
        {share('two_way_width', t('point-fields.two-way-points-width'))}
        {share('two_way_height', t('point-fields.two-way-points-height'))}
        {share('star_width', t('point-fields.star-points-width'))}
        {share('star_height', t('point-fields.star-points-height'))}
        <Choice
          label={t('point-fields.the-outer-points-measure')}
          value={points.outer}
          options={options('line-direction')}
          onChange={(v) => set({ points: { ...points, outer: (v ?? 'upright') as 'upright' | 'level' } })}
        />
      </div>
    </>
  );
}
