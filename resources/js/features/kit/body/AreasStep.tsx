import { Checkbox } from 'antd';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { label, options } from '../../../lang/labels';
import { NumberField } from '../../../ui/NumberField';
import type { Change } from './change';

type Areas = NonNullable<Body['areas']>;
type AreaName = keyof Areas;
type Area = NonNullable<Areas[AreaName]>;
type Mode = NonNullable<Area['modes']>[number];

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
  const areas = body.areas as Partial<Record<AreaName, Area>>;
  const put = (name: AreaName, fields: Partial<Area>) =>
    set({ areas: { ...areas, [name]: { ...areas[name], ...fields } } as Areas });
  const toggle = (name: AreaName, on: boolean) => {
    if (on) {
      const finds = body.detects.length > 0;
      const like = (usual[name] ?? {}) as Area;
      put(name, {
        ...like,
        detects: finds && like.detects,
        sees_eyes: finds && like.sees_eyes,
      });
      onChoose(name);
    } else {
      const { [name]: _, ...rest } = areas;
      set({
        areas: rest as Areas,
        stored_sets: body.stored_sets.map((s) => (s.area === name ? { ...s, area: null } : s)),
      });
    }
  };
  const lit = chosen && areas[chosen as AreaName] ? (chosen as AreaName) : null;
  const shape = lit ? areas[lit] : null;
  return (
    <>
      <h2>{t('areas-step.areas')}</h2>
      <p className="quiet">{t('areas-step.tick-those-your-camera')}</p>
      <table className="area-table">
        <thead>
          <tr>
            <th>{t('areas-step.area')}</th>
            <th>{t('areas-step.wide-percent')}</th>
            <th>{t('areas-step.high-percent')}</th>
            <th>{t('areas-step.detects')}</th>
            <th>{t('areas-step.finds-eyes')}</th>
          </tr>
        </thead>
        <tbody>
          {(options('area') as { value: AreaName; label: string }[]).map(({ value: name, label: said }) => (
            <Row
              key={name}
              said={said}
              area={areas[name]}
              chosen={name === lit}
              only={areas[name] !== undefined && Object.keys(areas).length === 1}
              onToggle={(on) => toggle(name, on)}
              onPut={(fields) => put(name, fields)}
              onChoose={() => onChoose(name)}
            />
          ))}
        </tbody>
      </table>
      {lit && shape && (
        <fieldset className="modes">
          <legend>{t('areas-step.goes-with', { lit: label('area', lit) })}</legend>
          <Checkbox.Group
            options={options('focus-mode', ['manual'])}
            value={shape.modes}
            onChange={(modes) => put(lit, { modes: modes as Mode[] })}
          />
        </fieldset>
      )}
    </>
  );
}

type RowProps = {
  said: string;
  area: Area | undefined;
  chosen: boolean;
  /** The last one that is left cannot be taken away. */
  only: boolean;
  onToggle: (on: boolean) => void;
  onPut: (fields: Partial<Area>) => void;
  onChoose: () => void;
};

/** An area: whether the body has it, how large it is, and what it sees. */
function Row({ said, area, chosen, only, onToggle, onPut, onChoose }: RowProps) {
  return (
    <tr className={chosen ? 'chosen' : ''}>
      <td>
        <Checkbox
          checked={area !== undefined}
          disabled={only}
          onChange={(e) => onToggle(e.target.checked)}
          aria-label={t('areas-step.has', { said })}
        />{' '}
        <button type="button" className="area-name" disabled={!area} onClick={onChoose}>
          {said}
        </button>
      </td>
      <td>
        {area && (
          <NumberField
            bare
            label={t('areas-step.width-of-in-percent', { said })}
            quantity="share"
            value={area.width}
            onFocus={onChoose}
            onChange={(width) => width > 0 && onPut({ width })}
          />
        )}
      </td>
      <td>
        {area && (
          <NumberField
            bare
            label={t('areas-step.height-of-in-percent', { said })}
            quantity="share"
            value={area.height}
            onFocus={onChoose}
            onChange={(height) => height > 0 && onPut({ height })}
          />
        )}
      </td>
      <td>
        {area && (
          <Checkbox
            aria-label={t('areas-step.detects-subjects', { said })}
            checked={area.detects}
            onChange={(e) =>
              onPut({
                detects: e.target.checked,
                sees_eyes: e.target.checked && area.sees_eyes,
              })
            }
          />
        )}
      </td>
      <td>
        {area && (
          <Checkbox
            aria-label={t('areas-step.finds-eyes-2', { said })}
            checked={area.sees_eyes}
            disabled={!area.detects}
            onChange={(e) => onPut({ sees_eyes: e.target.checked })}
          />
        )}
      </td>
    </tr>
  );
}
