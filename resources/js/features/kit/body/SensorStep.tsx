import { Checkbox, Input } from 'antd';
import { useId } from 'react';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import type { Quantity } from '../../../lang/units';
import { NumberField } from '../../../ui/NumberField';
import type { Change } from './change';
import { PointFields } from './PointFields';

/** A mechanical shutter as bodies have it. */
const usualMechanical: Body['mechanical'] = { frames_per_s: 10, fastest_shutter_s: 1 / 8000 };

/** The points of a mirror body as most have them: crowding the middle. */
const usualPoints: Body['points'] = {
  width: 0.55,
  height: 0.42,
  two_way_width: 0.26,
  two_way_height: 0.42,
  star_width: 0.05,
  star_height: 0.1,
  outer: 'upright',
};

type Figure = NonNullable<Body['guessed']>[number];

/** Says of a figure that one does not know it: then it is that of the sample, and marked as a guess. */
function Unknown({ label, is, onChange }: { label: string; is: boolean; onChange: (is: boolean) => void }) {
  return (
    <button
      type="button"
      className={is ? 'unknown is' : 'unknown'}
      aria-pressed={is}
      aria-label={t('sensor-step.i-dont-know', { label })}
      onClick={() => onChange(!is)}
    >
      {is ? t('sensor-step.a-guess') : t('sensor-step.i-dont-know-2')}
    </button>
  );
}

/** What a data sheet says of sensor, shutter and focus. */
export function SensorStep({
  body,
  set,
  problemField,
  basis,
}: {
  body: Body;
  set: Change;
  problemField: string | null;
  /** What a figure is taken from that nobody knows. */
  basis: Body | undefined;
}) {
  const id = useId();
  const guessed = body.guessed ?? [];
  /** A figure somebody gave is a guess no longer. */
  const known = (name: Figure, fields: Partial<Body>) =>
    set({ ...fields, ...(guessed.includes(name) ? { guessed: guessed.filter((g) => g !== name) } : {}) });
  const unknown = (name: Figure, label: string) => (
    <Unknown
      label={label}
      is={guessed.includes(name)}
      onChange={(is) =>
        is ? set({ ...(basis ? { [name]: basis[name] } : {}), guessed: [...guessed, name] }) : known(name, {})
      }
    />
  );
  const number = (name: Figure, label: string, quantity: Quantity, hint?: string) => (
    <div className="figure-field">
      {unknown(name, label)}
      <NumberField
        label={label}
        quantity={quantity}
        value={Number(body[name])}
        problem={problemField === name ? t('sensor-step.out-of-range') : null}
        onChange={(value) =>
          known(name, { [name]: quantity === 'count' ? Math.round(value) : value } as Partial<Body>)
        }
        {...(hint ? { hint } : {})}
      />
    </div>
  );
  return (
    <>
      <h2>{t('sensor-step.sensor-and-speed')}</h2>
      <div className="field">
        <label htmlFor={id}>{t('sensor-step.what-you-call-it')}</label>
        <Input
          id={id}
          maxLength={120}
          value={body.name}
          placeholder={t('sensor-step.my-everyday-body')}
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <div className="fields">
        {number('sensor_width_mm', t('sensor-step.sensor-width'), 'fine mm')}
        {number('sensor_height_mm', t('sensor-step.sensor-height'), 'fine mm')}
        {number('pixels_wide', t('sensor-step.pixels-across'), 'count')}
        {number('pixels_high', t('sensor-step.pixels-down'), 'count')}
        {number(
          'frames_per_s',
          body.mirror ? t('sensor-step.frame-rate') : t('sensor-step.frame-rate-electronic'),
          'frames',
          t('sensor-step.while-it-keeps-focusing'),
        )}
        {number('buffer_frames', t('sensor-step.frames-before-it-slows'), 'count')}
        {!body.mirror &&
          number(
            'readout_s',
            t('sensor-step.readout-of-the-sensor'),
            'short time',
            t('sensor-step.from-the-first-line'),
          )}
        {number(
          'fastest_shutter_s',
          body.mechanical
            ? t('sensor-step.shortest-exposure-electronic')
            : t('sensor-step.shortest-exposure'),
          'shutter',
        )}
        {number('focus_cycle_hz', t('sensor-step.focus-measurements-a-second'), 'count')}
        {number(
          'light_limit_ev',
          t('sensor-step.af-low-light-limit'),
          'ev',
          t('sensor-step.as-its-data-sheet'),
        )}
        {number('iso_min', t('sensor-step.lowest-iso'), 'iso')}
        {number('iso_max', t('sensor-step.highest-iso'), 'iso')}
      </div>
      <Mechanical body={body} set={set} />
      <Mirror body={body} set={set} />
    </>
  );
}

/** A mechanical shutter beside the electronic one; behind a mirror there is no other. */
function Mechanical({ body, set }: { body: Body; set: Change }) {
  return (
    <>
      {!body.mirror && (
        <Checkbox
          checked={body.mechanical != null}
          onChange={(event) =>
            set({
              mechanical: event.target.checked ? usualMechanical : null,
            })
          }
        >
          {t('sensor-step.it-has-a-mechanical')}
        </Checkbox>
      )}
      {body.mechanical && (
        <div className="fields">
          <NumberField
            label={t('sensor-step.frame-rate-mechanical')}
            quantity="frames"
            value={body.mechanical.frames_per_s}
            onChange={(v) =>
              set({ mechanical: { ...body.mechanical, frames_per_s: v } as Body['mechanical'] })
            }
          />
          <NumberField
            label={t('sensor-step.shortest-exposure-mechanical')}
            quantity="shutter"
            value={body.mechanical.fastest_shutter_s}
            onChange={(v) =>
              set({ mechanical: { ...body.mechanical, fastest_shutter_s: v } as Body['mechanical'] })
            }
          />
        </div>
      )}
    </>
  );
}

function Mirror({ body, set }: { body: Body; set: Change }) {
  return (
    <>
      <Checkbox
        checked={body.mirror}
        onChange={(event) =>
          set(
            event.target.checked
              ? {
                  mirror: true,
                  readout_s: 0,
                  mechanical: null,
                  points: body.points ?? usualPoints,
                }
              : { mirror: false, points: null },
          )
        }
      >
        {t('sensor-step.it-has-a-mirror')}
      </Checkbox>
      {body.mirror && body.points && <PointFields points={body.points} set={set} />}
    </>
  );
}
