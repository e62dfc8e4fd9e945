import { Checkbox, Input, Segmented, Select } from 'antd';
import { useEffect, useMemo } from 'react';
import type { Plan, Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { options } from '../../lang/labels';
import { LampsField } from '../../ui/LampsField';
import { NumberField } from '../../ui/NumberField';
import { hereAndNow, minutesOf, offset, rememberPlace, rememberZone, zoneOf, zonesAt } from './place';

type Light = NonNullable<Rush['light']>;
type Source = 'ev100' | 'meter' | 'place';

const scenes = [
  { value: 15, label: t('light-fields.bright-sun') },
  { value: 14, label: t('light-fields.hazy-sun') },
  { value: 13, label: t('light-fields.bright-cloud') },
  { value: 12, label: t('light-fields.overcast') },
  { value: 11, label: t('light-fields.heavy-overcast') },
  { value: 10, label: t('light-fields.deep-shade') },
  { value: 8, label: t('light-fields.sun-just-down') },
  { value: 6, label: t('light-fields.dusk') },
];

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
};

/** What is picked is left to the lamps when they are switched on or off; what is metered or reckoned stands. */
function lit({ lamps: _, ...dark }: Light, lamps: string | undefined): Light {
  const { ev100: __, ...rest } = dark as Light & { ev100?: number };
  return { ...(dark.place || dark.meter ? dark : rest), ...(lamps ? { lamps } : {}) } as Light;
}

/** What the server says of a field. */
const problemOf = (refused: Refusal | null, field: string) =>
  refused?.field === field ? refused.message : null;

/** Light from a picker, from a meter, or from place and time. */
export function LightFields({ rush, plan, refused, onChange, onRush }: Props) {
  const light = rush.light as Light;
  const source: Source = light.place ? 'place' : light.meter ? 'meter' : 'ev100';
  const ev = plan?.light.ev100;

  function take(next: Source) {
    const { ev100: _, meter: __, place: ___, ...rest } = light as Light & Record<string, unknown>;
    const value =
      next === 'ev100'
        ? { ev100: ev ?? 13 }
        : next === 'meter'
          ? { meter: { shutter_s: 0.001, aperture: 5.6, iso: 400 } }
          : { place: hereAndNow() };
    onRush({ ...rush, light: { ...rest, ...value } as unknown as Light }, `light ${next}`);
  }

  const known = plan?.light.direction != null && plan.light.direction !== 'none';
  return (
    <>
      <Segmented
        block
        size="small"
        aria-label={t('light-fields.where-the-light-comes')}
        value={source}
        onChange={take}
        options={[
          { value: 'ev100', label: t('light-fields.picked') },
          { value: 'meter', label: t('light-fields.metered') },
          { value: 'place', label: t('light-fields.place-time') },
        ]}
      />
      {source === 'ev100' && (
        <Picked picked={light.ev100 ?? ev ?? null} refused={refused} onChange={onChange} />
      )}
      {source === 'meter' && light.meter && (
        <Metered meter={light.meter} refused={refused} onChange={onChange} />
      )}
      {source === 'place' && light.place && (
        <Reckoned place={light.place} refused={refused} onChange={onChange} />
      )}
      <div className="fields">
        <div className="field">
          <label htmlFor="light-sky">{t('light-fields.sky')}</label>
          <Select
            id="light-sky"
            value={light.sky}
            options={options('sky')}
            onChange={(value) => onChange('light', { sky: value })}
          />
        </div>
        <NumberField
          label={t('light-fields.shade')}
          quantity="stops"
          hint={t('light-fields.stops-on-top-of')}
          value={light.offset_stops ?? 0}
          problem={problemOf(refused, 'light.offset_stops')}
          onChange={(v) => onChange('light', { offset_stops: v })}
        />
      </div>
      <div className="fields">
        <LampsField
          id="light-lamps"
          lamps={light.lamps}
          onChange={(lamps) => onRush({ ...rush, light: lit(light, lamps) }, 'light lamps')}
        />
      </div>
      {(!known || rush.scene.backlit) && (
        <Checkbox
          checked={rush.scene.backlit}
          onChange={(event) => onChange('scene', { backlit: event.target.checked })}
        >
          {t('light-fields.backlit')}
        </Checkbox>
      )}
    </>
  );
}

type Fields = Pick<Props, 'refused' | 'onChange'>;

function Picked({ picked, refused, onChange }: Fields & { picked: number | null }) {
  return (
    <div className="fields">
      <div className="field">
        <label htmlFor="light-scene">{t('light-fields.looks-like')}</label>
        <Select
          id="light-scene"
          value={scenes.find((s) => picked !== null && Math.abs(s.value - picked) < 0.5)?.value ?? null}
          placeholder={t('light-fields.in-between')}
          options={scenes}
          onChange={(value) => onChange('light', { ev100: value })}
        />
      </div>
      <NumberField
        label={t('light-fields.light-value')}
        quantity="ev"
        value={picked}
        problem={problemOf(refused, 'light.ev100')}
        onChange={(v) => onChange('light', { ev100: v })}
      />
    </div>
  );
}

function Metered({ meter, refused, onChange }: Fields & { meter: NonNullable<Light['meter']> }) {
  return (
    <div className="fields three">
      <NumberField
        label={t('light-fields.shutter')}
        quantity="shutter"
        value={meter.shutter_s}
        problem={problemOf(refused, 'light.meter.shutter_s') ?? problemOf(refused, 'exposure.shutter_s')}
        onChange={(v) => onChange('light', { meter: { ...meter, shutter_s: v } }, 'meter.s')}
      />
      <NumberField
        label={t('light-fields.aperture')}
        quantity="fnumber"
        value={meter.aperture}
        problem={problemOf(refused, 'exposure.aperture')}
        onChange={(v) => onChange('light', { meter: { ...meter, aperture: v } }, 'meter.n')}
      />
      <NumberField
        label={t('light-fields.at')}
        quantity="iso"
        value={meter.iso}
        problem={problemOf(refused, 'exposure.iso')}
        onChange={(v) => onChange('light', { meter: { ...meter, iso: v } }, 'meter.iso')}
      />
    </div>
  );
}

/** From where the sun stands at a place and a time. */
function Reckoned({ place, refused, onChange }: Fields & { place: NonNullable<Light['place']> }) {
  useEffect(() => rememberPlace(place), [place]);
  const set = (fields: Partial<typeof place>, merge: string) =>
    onChange('light', { place: { ...place, ...fields } }, merge);
  return (
    <>
      <div className="fields three">
        <NumberField
          label={t('light-fields.latitude')}
          quantity="angle"
          value={place.latitude_deg}
          problem={problemOf(refused, 'light.latitude_deg')}
          onChange={(v) => set({ latitude_deg: v }, 'lat')}
        />
        <NumberField
          label={t('light-fields.longitude')}
          quantity="angle"
          value={place.longitude_deg}
          problem={problemOf(refused, 'light.longitude_deg')}
          onChange={(v) => set({ longitude_deg: v }, 'lon')}
        />
        <NumberField
          label={t('light-fields.facing')}
          quantity="angle"
          value={place.shooting_bearing_deg ?? null}
          problem={problemOf(refused, 'light.place.shooting_bearing_deg')}
          onChange={(v) => set({ shooting_bearing_deg: v }, 'bearing')}
        />
      </div>
      <When place={place} refused={refused} onSet={set} />
    </>
  );
}

type WhenProps = {
  place: NonNullable<Light['place']>;
  refused: Refusal | null;
  onSet: (fields: { at: string }, merge: string) => void;
};

/** The clock there, and its zone: in one that is known by name the clocks change with the season. */
function When({ place, refused, onSet }: WhenProps) {
  const zone = place.at.endsWith('Z') ? '+00:00' : place.at.slice(19);
  const named = zoneOf(place.at);
  const day = place.at.slice(0, 10);
  const zones = useMemo(() => zonesAt(`${day}T12:00`), [day]);
  return (
    <div className="fields when">
      <div className="field">
        <label htmlFor="light-at">{t('light-fields.local-time')}</label>
        <Input
          id="light-at"
          type="datetime-local"
          value={place.at.slice(0, 16)}
          status={refused?.field === 'light.place.at' ? 'error' : ''}
          onChange={(event) => {
            const local = event.target.value;
            const from = local && named ? offset(minutesOf(named, local)) : zone;
            if (local) onSet({ at: `${local}:00${from}` }, 'at');
          }}
        />
      </div>
      <div className="field">
        <label htmlFor="light-zone">{t('light-fields.zone')}</label>
        <Select
          id="light-zone"
          showSearch
          popupMatchSelectWidth={false}
          value={named ?? zone}
          options={zones}
          optionFilterProp="label"
          labelRender={() => zone}
          onChange={(to) => {
            rememberZone(to);
            const from = offset(minutesOf(to, place.at));
            onSet({ at: `${place.at.slice(0, 19)}${from}` }, 'zone');
          }}
        />
      </div>
    </div>
  );
}
