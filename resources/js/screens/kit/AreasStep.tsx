import { Checkbox, InputNumber } from 'antd';
import type { Body } from '../../api/client';
import type { Change } from './BodyEditor';
import { areaLabels, modeLabels } from './words';

type Areas = NonNullable<Body['areas']>;
type AreaName = keyof Areas;
type Area = NonNullable<Areas[AreaName]>;
type Mode = NonNullable<Area['modes']>[number];

const percent = (v: number) => Number((v * 100).toFixed(1));

/** Which areas the body has, how large they are, and what each goes with. */
export function AreasStep({
  body,
  set,
  usual,
  chosen,
  onChoose,
}: {
  body: Body;
  set: Change;
  /** Areas as most bodies have them: those of a sample that has them all. */
  usual: Areas;
  chosen: string | null;
  onChoose: (area: string) => void;
}) {
  const areas = (body.areas ?? {}) as Partial<Record<AreaName, Area>>;
  const put = (name: AreaName, fields: Partial<Area>) =>
    set({ areas: { ...areas, [name]: { ...areas[name], ...fields } } as Areas });
  const toggle = (name: AreaName, on: boolean) => {
    if (on) {
      const finds = (body.detects?.length ?? 0) > 0;
      const like = (usual[name] ?? {}) as Area;
      put(name, {
        ...like,
        detects: finds && (like.detects ?? false),
        sees_eyes: finds && (like.sees_eyes ?? false),
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
