import { Checkbox, Input } from 'antd';
import { useId } from 'react';
import type { Body } from '../../../api/client';
import { NumberField } from '../../../parts/NumberField';
import type { Quantity } from '../../../parts/units';
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
      aria-label={`I don’t know: ${label}`}
      onClick={() => onChange(!is)}
    >
      {is ? 'a guess' : 'I don’t know'}
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
        problem={problemField === name ? 'Out of range' : null}
        onChange={(value) =>
          known(name, { [name]: quantity === 'count' ? Math.round(value) : value } as Partial<Body>)
        }
        {...(hint ? { hint } : {})}
      />
    </div>
  );
  return (
    <>
      <h2>Sensor and speed</h2>
      <div className="field">
        <label htmlFor={id}>What you call it</label>
        <Input
          id={id}
          maxLength={120}
          value={body.name}
          placeholder="My everyday body"
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <div className="fields">
        {number('sensor_width_mm', 'Sensor width', 'fine mm')}
        {number('sensor_height_mm', 'Sensor height', 'fine mm')}
        {number('pixels_wide', 'Pixels across', 'count')}
        {number('pixels_high', 'Pixels down', 'count')}
        {number(
          'frames_per_s',
          body.mirror ? 'Frame rate' : 'Frame rate, electronic',
          'frames',
          'While it keeps focusing',
        )}
        {number('buffer_frames', 'Frames before it slows', 'count')}
        {!body.mirror &&
          number('readout_s', 'Readout of the sensor', 'short time', 'From the first line to the last')}
        {number(
          'fastest_shutter_s',
          body.mechanical ? 'Shortest exposure, electronic' : 'Shortest exposure',
          'shutter',
        )}
        {number('focus_cycle_hz', 'Focus measurements a second', 'count')}
        {number(
          'light_limit_ev',
          'AF low-light limit',
          'ev',
          'As its data sheet gives it, with a bright lens',
        )}
        {number('iso_min', 'Lowest ISO', 'iso')}
        {number('iso_max', 'Highest ISO', 'iso')}
      </div>
      {!body.mirror && (
        <Checkbox
          checked={body.mechanical != null}
          onChange={(event) =>
            set({
              mechanical: event.target.checked ? usualMechanical : null,
            })
          }
        >
          It has a mechanical shutter as well
        </Checkbox>
      )}
      {body.mechanical && (
        <div className="fields">
          <NumberField
            label="Frame rate, mechanical"
            quantity="frames"
            value={body.mechanical.frames_per_s}
            onChange={(v) =>
              set({ mechanical: { ...body.mechanical, frames_per_s: v } as Body['mechanical'] })
            }
          />
          <NumberField
            label="Shortest exposure, mechanical"
            quantity="shutter"
            value={body.mechanical.fastest_shutter_s}
            onChange={(v) =>
              set({ mechanical: { ...body.mechanical, fastest_shutter_s: v } as Body['mechanical'] })
            }
          />
        </div>
      )}
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
        It has a mirror
      </Checkbox>
      {body.mirror && body.points && <PointFields points={body.points} set={set} />}
    </>
  );
}
