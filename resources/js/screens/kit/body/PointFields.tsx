import type { Body } from '../../../api/client';
import { Choice } from '../../../parts/Choice';
import { NumberField } from '../../../parts/NumberField';
import { options } from '../../../parts/words';
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
      <p className="quiet">
        Where its focus points lie, as parts of the frame. Most crowd the middle; only some measure lines of
        both directions, and star points of four.
      </p>
      <div className="fields">
        {share('width', 'All points: width')}
        {share('height', 'All points: height')}
        {share('two_way_width', 'Two-way points: width')}
        {share('two_way_height', 'Two-way points: height')}
        {share('star_width', 'Star points: width')}
        {share('star_height', 'Star points: height')}
        <Choice
          label="The outer points measure"
          value={points.outer}
          options={options('line-direction')}
          onChange={(v) => set({ points: { ...points, outer: (v ?? 'upright') as 'upright' | 'level' } })}
        />
      </div>
    </>
  );
}
