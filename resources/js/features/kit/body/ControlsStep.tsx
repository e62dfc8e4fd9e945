import { Button, Checkbox, Select } from 'antd';
import { Link } from 'react-router';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { options, label as said } from '../../../lang/labels';
import { quoted } from '../../../lang/language';
import type { Change } from './change';

type Control = NonNullable<Body['controls']>[number];
type StoredSet = NonNullable<Body['stored_sets']>[number];
type Duty = NonNullable<Control['may']>[number];

/** The controls a hand reaches, what each may carry, and the sets that are stored on them. */
export function ControlsStep({ body, set }: { body: Body; set: Change }) {
  const sets = body.stored_sets;
  const holding = body.controls.filter((c) => c.may.includes('stored-set'));
  const setControls = (next: Control[]) =>
    set({
      controls: next,
      stored_sets: sets.filter((s) =>
        next.some((c) => c.place === s.control && c.may.includes('stored-set')),
      ),
    });
  const addSet = () =>
    set({
      stored_sets: [
        ...sets,
        {
          control: holding[0]?.place ?? 'thumb-1',
          mode: null,
          area: null,
          detect: null,
          preset: null,
          recalls_exposure: false,
        },
      ],
    });
  return (
    <>
      <h2>{t('controls-step.controls-you-reach-without')}</h2>
      <p className="quiet">{t('controls-step.tick-what-is-there')}</p>
      <Controls controls={body.controls} onChange={setControls} />
      <h2>{t('controls-step.moving-the-area')}</h2>
      <p className="quiet">
        {t.rich('controls-step.how-it-gets-to', { link: (text) => <Link to="/practice/area">{text}</Link> })}
      </p>
      <Checkbox.Group
        className="area-moves"
        options={options('area-move')}
        value={body.area_moves}
        onChange={(area_moves) => set({ area_moves: area_moves as Body['area_moves'] })}
      />
      <h2>{t('controls-step.stored-sets')}</h2>
      <p className="quiet">{t('controls-step.focus-settings-that-a')}</p>
      {sets.map((stored, i) => (
        <Stored
          // biome-ignore lint/suspicious/noArrayIndexKey: a set is only told by its place
          key={`${stored.control}-${i + 1}`}
          body={body}
          stored={stored}
          number={i + 1}
          onChange={(fields) =>
            set({ stored_sets: sets.map((one, at) => (at === i ? { ...one, ...fields } : one)) })
          }
          onRemove={() => set({ stored_sets: sets.filter((_, at) => at !== i) })}
        />
      ))}
      <div>
        <Button disabled={holding.length === 0} onClick={addSet}>
          {t('controls-step.add-a-stored-set')}
        </Button>{' '}
        {holding.length === 0 && <span className="quiet">{t('controls-step.no-control-here-may')}</span>}
      </div>
    </>
  );
}

/** Which controls there are, and what may be given to each. */
function Controls({
  controls,
  onChange: setControls,
}: {
  controls: Control[];
  onChange: (next: Control[]) => void;
}) {
  return (
    <table className="area-table">
      <tbody>
        {options('control-place').map(({ value: place, label }) => {
          const control = controls.find((c) => c.place === place);
          return (
            <tr key={place}>
              <td style={{ width: '36%' }}>
                <Checkbox
                  checked={control !== undefined}
                  onChange={(e) =>
                    setControls(
                      e.target.checked
                        ? [...controls, { place: place as Control['place'], may: ['start-focus'] }]
                        : controls.filter((c) => c.place !== place),
                    )
                  }
                >
                  {label}
                </Checkbox>
              </td>
              <td>
                {control && (
                  <Select
                    aria-label={t('controls-step.what-may-do', { label })}
                    mode="multiple"
                    size="small"
                    className="wide"
                    maxTagCount="responsive"
                    options={options('duty')}
                    value={control.may}
                    onChange={(may: Duty[]) =>
                      setControls(controls.map((c) => (c === control ? { ...c, may } : c)))
                    }
                  />
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

type StoredProps = {
  body: Body;
  stored: StoredSet;
  number: number;
  onChange: (fields: Partial<StoredSet>) => void;
  onRemove: () => void;
};

/** What holding a control puts in force. */
function Stored({ body, stored, number, onChange, onRemove }: StoredProps) {
  const holding = body.controls.filter((c) => c.may.includes('stored-set'));
  const shape = stored.area ? body.areas[stored.area as keyof NonNullable<Body['areas']>] : null;
  const wordOf = (key: string, ours: string) => {
    const own = body.words[key]?.label;
    return own ? `${ours} (${quoted(own)})` : ours;
  };
  return (
    <div className="fields stored">
      <div className="field">
        <span className="label">{t('controls-step.while-holding')}</span>
        <Select
          aria-label={t('controls-step.control-of-stored-set', { i: number })}
          value={stored.control}
          options={holding.map((c) => ({
            value: c.place,
            label: wordOf(`control.${c.place}`, said('control-place', c.place)),
          }))}
          onChange={(control) => onChange({ control })}
        />
      </div>
      <Open
        label={t('controls-step.focus-mode')}
        value={stored.mode}
        options={options('focus-mode', ['manual']).filter(
          (m) => !shape || shape.modes.includes(m.value as never),
        )}
        onChange={(mode) => onChange({ mode: mode as never })}
      />
      <Open
        label={t('controls-step.area')}
        value={stored.area}
        options={Object.keys(body.areas).map((a) => ({
          value: a,
          label: wordOf(`area.${a}`, said('area', a)),
        }))}
        onChange={(area) => {
          const allowed = body.areas[area as keyof NonNullable<Body['areas']>]?.modes;
          onChange({
            area: area as never,
            ...(stored.mode && allowed && !allowed.includes(stored.mode as never) ? { mode: null } : {}),
          });
        }}
      />
      <Open
        label={t('controls-step.detection')}
        value={stored.detect}
        options={[
          ...body.detects.map((k) => ({ value: k as string, label: said('detection', k) })),
          { value: 'off', label: t('controls-step.off') },
        ]}
        onChange={(detect) => onChange({ detect: detect as never })}
      />
      <Open
        label={t('controls-step.response')}
        value={stored.preset}
        options={body.presets.map((p) => ({
          value: p.id,
          label: wordOf(`preset.${p.id}`, p.id),
        }))}
        onChange={(preset) => onChange({ preset })}
      />
      <div className="stored-last">
        <Checkbox
          checked={stored.recalls_exposure}
          onChange={(e) => onChange({ recalls_exposure: e.target.checked })}
        >
          {t('controls-step.recalls-shutter-or-iso')}
        </Checkbox>
        <Button
          size="small"
          type="text"
          aria-label={t('controls-step.remove-stored-set', { i: number })}
          onClick={onRemove}
        >
          ✕
        </Button>
      </div>
    </div>
  );
}

function Open({
  label,
  value,
  options: choices,
  onChange,
}: {
  label: string;
  value: string | null | undefined;
  options: { value: string; label: string }[];
  onChange: (value: string | null) => void;
}) {
  return (
    <div className="field">
      <span className="label">{label}</span>
      <Select
        aria-label={label}
        allowClear
        placeholder={t('controls-step.as-it-is')}
        value={value ?? null}
        options={choices}
        onChange={(v) => onChange(v)}
        onClear={() => onChange(null)}
      />
    </div>
  );
}
