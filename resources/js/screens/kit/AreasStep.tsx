import { Checkbox, InputNumber } from 'antd';
import type { Body } from '../../api/client';
import type { Change } from './BodyEditor';
import { areaLabels, modeLabels } from './words';

type Areas = NonNullable<Body['areas']>;
type AreaName = keyof Areas;
type Area = NonNullable<Areas[AreaName]>;
type Mode = NonNullable<Area['modes']>[number];

const usual: Record<string, Area> = {
  pinpoint: { width: 0.012, height: 0.018 },
  point: { width: 0.035, height: 0.05 },
  'point-4': { width: 0.08, height: 0.12 },
  'point-8': { width: 0.1, height: 0.15 },
  'point-8-medium': { width: 0.15, height: 0.22 },
  'point-8-large': { width: 0.22, height: 0.32 },
  'zone-tall': { width: 0.22, height: 0.85 },
  'zone-wide': { width: 0.85, height: 0.22 },
  zone: { width: 0.36, height: 0.4 },
  'zone-side': { width: 0.33, height: 0.9 },
  whole: { width: 0.96, height: 0.94 },
  follow: { width: 0.05, height: 0.07 },
};

const percent = (v: number) => Number((v * 100).toFixed(1));

/** Which areas the body has, how large they are, and what each goes with. */
export function AreasStep({
  body,
  set,
  chosen,
  onChoose,
}: {
  body: Body;
  set: Change;
  chosen: string | null;
  onChoose: (area: string) => void;
}) {
  const areas = (body.areas ?? {}) as Partial<Record<AreaName, Area>>;
  const put = (name: AreaName, fields: Partial<Area>) =>
    set({ areas: { ...areas, [name]: { ...areas[name], ...fields } } as Areas });
  const toggle = (name: AreaName, on: boolean) => {
    if (on) {
      const detects =
        !['pinpoint', 'point', 'point-4', 'point-8'].includes(name) && (body.detects?.length ?? 0) > 0;
      put(name, {
        ...usual[name],
        detects,
        sees_eyes: detects,
        modes:
          name === 'pinpoint'
            ? ['single', 'single-then-ring']
            : name === 'follow'
              ? ['continuous']
              : ['single', 'single-then-ring', 'continuous', 'auto-switch'],
      });
      onChoose(name);
    } else {
      const { [name]: _, ...rest } = areas;
      set({
        areas: rest as Areas,
        stored_sets: (body.stored_sets ?? []).map((s) => (s.area === name ? { ...s, area: null } : s)),
      });
    }
  };
  const lit = chosen && areas[chosen as AreaName] ? (chosen as AreaName) : null;
  const shape = lit ? areas[lit] : null;
  return (
    <>
      <h2>Areas</h2>
      <p className="quiet">
        Tick those your camera has. Sizes are parts of the frame’s width and height: compare the drawing with
        your finder, and type them or drag the corner.
      </p>
      <table className="area-table">
        <thead>
          <tr>
            <th>Area</th>
            <th>Wide %</th>
            <th>High %</th>
            <th>Detects</th>
            <th>Finds eyes</th>
          </tr>
        </thead>
        <tbody>
          {(Object.keys(areaLabels) as AreaName[]).map((name) => {
            const area = areas[name];
            return (
              <tr key={name} className={name === lit ? 'chosen' : ''}>
                <td>
                  <Checkbox
                    checked={area !== undefined}
                    disabled={area !== undefined && Object.keys(areas).length === 1}
                    onChange={(e) => toggle(name, e.target.checked)}
                    aria-label={`Has ${areaLabels[name]}`}
                  />{' '}
                  <button type="button" className="area-name" disabled={!area} onClick={() => onChoose(name)}>
                    {areaLabels[name]}
                  </button>
                </td>
                <td>
                  {area && (
                    <InputNumber
                      size="small"
                      aria-label={`Width of ${areaLabels[name]} in %`}
                      min={0.2}
                      max={100}
                      value={percent(area.width ?? 0)}
                      onFocus={() => onChoose(name)}
                      onChange={(v) => v && put(name, { width: v / 100 })}
                    />
                  )}
                </td>
                <td>
                  {area && (
                    <InputNumber
                      size="small"
                      aria-label={`Height of ${areaLabels[name]} in %`}
                      min={0.2}
                      max={100}
                      value={percent(area.height ?? 0)}
                      onFocus={() => onChoose(name)}
                      onChange={(v) => v && put(name, { height: v / 100 })}
                    />
                  )}
                </td>
                <td>
                  {area && (
                    <Checkbox
                      aria-label={`${areaLabels[name]} detects subjects`}
                      checked={area.detects ?? false}
                      onChange={(e) =>
                        put(name, {
                          detects: e.target.checked,
                          sees_eyes: e.target.checked && (area.sees_eyes ?? false),
                        })
                      }
                    />
                  )}
                </td>
                <td>
                  {area && (
                    <Checkbox
                      aria-label={`${areaLabels[name]} finds eyes`}
                      checked={area.sees_eyes ?? false}
                      disabled={!area.detects}
                      onChange={(e) => put(name, { sees_eyes: e.target.checked })}
                    />
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {lit && shape && (
        <fieldset className="modes">
          <legend>{areaLabels[lit]} goes with</legend>
          <Checkbox.Group
            options={Object.entries(modeLabels).map(([value, label]) => ({ value, label }))}
            value={shape.modes ?? []}
            onChange={(modes) => put(lit, { modes: modes as Mode[] })}
          />
        </fieldset>
      )}
    </>
  );
}
