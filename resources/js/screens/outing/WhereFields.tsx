import { App, Button, Input, Select } from 'antd';
import type { Outing } from '../../api/day';
import { outingActions, useOutingAction } from '../../api/outings';
import { LampsField } from '../../parts/LampsField';
import { NumberField } from '../../parts/NumberField';
import { UploadButton } from '../../parts/UploadButton';
import { useNotTaken } from '../../parts/useUndo';
import { label, options } from '../../parts/words';

/** How much moves in it, as the rush has it. */
const winds = [
  { value: 0, label: 'Calm' },
  { value: 0.3, label: 'Breeze' },
  { value: 0.6, label: 'Windy' },
  { value: 0.9, label: 'Storm' },
];

const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((zone) => ({
  value: zone,
  label: zone.replaceAll('_', ' '),
}));

/** Where and when, in a line. */
export function whereOf(outing: Outing): string {
  const day = new Date(`${outing.date}T12:00`);
  const wind = winds.findLast((w) => w.value <= outing.wind)?.label.toLowerCase();
  return [
    outing.place.name,
    Number.isNaN(day.getTime())
      ? outing.date
      : day.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }),
    `${outing.from} to ${outing.to}`,
    (outing.sky.length > 0 ? outing.sky : [{ at: '', sky: 'clear' }])
      .map((s, i) => (i === 0 ? label('sky', s.sky) : `${label('sky', s.sky)} from ${s.at}`).toLowerCase())
      .join(', '),
    wind,
    outing.air === 'clear' ? null : label('air', outing.air).toLowerCase(),
    outing.lamps ? label('lamps', outing.lamps).toLowerCase() : null,
  ]
    .filter(Boolean)
    .join(', ');
}

type Props = { outing: Outing; change: (fields: Partial<Outing>) => void };

/** The sky by the hour: what it is from when on. */
function SkyRows({ outing, change }: Props) {
  const skies = outing.sky.length > 0 ? outing.sky : [{ at: outing.from, sky: 'clear' }];
  const set = (i: number, fields: Partial<(typeof skies)[number]>) =>
    change({ sky: skies.map((s, at) => (at === i ? { ...s, ...fields } : s)) });
  return (
    <div className="outing-sky">
      {skies.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: they have nothing else to be told by
        <div key={i} className="sky-row">
          <Select
            aria-label={i === 0 ? 'Sky' : `Sky from ${one.at}`}
            value={one.sky}
            options={options('sky')}
            onChange={(sky) => set(i, { sky })}
          />
          {i > 0 && (
            <>
              <input
                type="time"
                className="ant-input"
                aria-label="From when on"
                value={one.at}
                onChange={(e) => e.target.value && set(i, { at: e.target.value })}
              />
              <Button
                type="text"
                aria-label={`Leave out the sky from ${one.at}`}
                onClick={() => change({ sky: skies.filter((_, at) => at !== i) })}
              >
                ×
              </Button>
            </>
          )}
        </div>
      ))}
      {skies.length < 6 && (
        <Button
          size="small"
          onClick={() =>
            change({ sky: [...skies, { at: outing.to, sky: skies[skies.length - 1]?.sky ?? 'clear' }] })
          }
        >
          Then
        </Button>
      )}
    </div>
  );
}

/** Name, day, hours, place, sky, wind and air of an outing. */
export function WhereFields({ outing, change }: Props) {
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const place = useOutingAction(outingActions.place);
  const readPlace = (file: File) =>
    place.mutate(file, {
      onError: (error) => notTaken(error),
      onSuccess: (read) => {
        change({ place: { ...outing.place, ...read, name: read.name || outing.place.name } });
        message.success(read.name ? `The place is “${read.name}”.` : 'The place is set.');
      },
    });
  return (
    <div className="outing-where">
      <div className="clock-field name">
        <span>Name</span>
        <Input
          aria-label="Name of the outing"
          maxLength={120}
          value={outing.name}
          onChange={(e) => change({ name: e.target.value })}
        />
      </div>
      <label className="clock-field">
        <span>Date</span>
        <input
          type="date"
          className="ant-input"
          value={outing.date}
          onChange={(e) => e.target.value && change({ date: e.target.value })}
        />
      </label>
      {(['from', 'to'] as const).map((end) => (
        <label className="clock-field" key={end}>
          <span>{end === 'from' ? 'From' : 'To'}</span>
          <input
            type="time"
            className="ant-input"
            value={outing[end]}
            onChange={(e) => e.target.value && change({ [end]: e.target.value })}
          />
        </label>
      ))}
      <div className="clock-field name">
        <span>Place</span>
        <Input
          aria-label="Place"
          maxLength={120}
          value={outing.place.name}
          onChange={(e) => change({ place: { ...outing.place, name: e.target.value } })}
        />
      </div>
      <NumberField
        label="Latitude"
        quantity="angle"
        value={outing.place.latitude_deg}
        onChange={(v) => change({ place: { ...outing.place, latitude_deg: v } })}
      />
      <NumberField
        label="Longitude"
        quantity="angle"
        value={outing.place.longitude_deg}
        onChange={(v) => change({ place: { ...outing.place, longitude_deg: v } })}
      />
      <div className="field">
        <label htmlFor="outing-zone">Zone</label>
        <Select
          id="outing-zone"
          showSearch={{ optionFilterProp: 'label' }}
          popupMatchSelectWidth={false}
          value={outing.place.zone}
          options={zones}
          onChange={(zone) => change({ place: { ...outing.place, zone } })}
        />
      </div>
      <div className="field">
        <label htmlFor="outing-wind">Wind</label>
        <Select id="outing-wind" value={outing.wind} options={winds} onChange={(wind) => change({ wind })} />
      </div>
      <div className="field">
        <label htmlFor="outing-air">Air</label>
        <Select
          id="outing-air"
          value={outing.air}
          options={options('air')}
          onChange={(air) => change({ air })}
        />
      </div>
      <LampsField id="outing-lamps" lamps={outing.lamps} onChange={(lamps) => change({ lamps })} />
      <div className="field">
        <label htmlFor="outing-school">Buttons</label>
        <Select
          id="outing-school"
          popupMatchSelectWidth={false}
          value={outing.school ?? 'free'}
          options={options('button-school')}
          onChange={(school) => change({ school })}
        />
      </div>
      <div className="clock-field sky">
        <span>Sky</span>
        <SkyRows outing={outing} change={change} />
      </div>
      <div className="clock-field">
        <span>Place from a file</span>
        <UploadButton
          label="GPX file with the place"
          accept=".gpx,application/gpx+xml"
          busy={place.isPending}
          onFile={readPlace}
        >
          GPX
        </UploadButton>
      </div>
    </div>
  );
}
