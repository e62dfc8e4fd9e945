import { Button, Input, Select } from 'antd';
import type { Outing } from '../../api/day';
import type { Place } from '../../api/places';
import { sayDate } from '../../lang/dates';
import { options, within } from '../../lang/labels';
import { inside } from '../../lang/language';
import { t } from '../../lang/outing';
import { LampsField } from '../../ui/LampsField';
import { NumberField } from '../../ui/NumberField';
import { WhereItIs } from './WhereItIs';

/** How much moves in it, as the rush has it. */
const winds = [
  { value: 0, label: t('where-fields.calm') },
  { value: 0.3, label: t('where-fields.breeze') },
  { value: 0.6, label: t('where-fields.windy') },
  { value: 0.9, label: t('where-fields.storm') },
];

/** Where and when, in a line. */
export function whereOf(outing: Outing): string {
  const day = new Date(`${outing.date}T12:00`);
  const wind = inside(winds.findLast((w) => w.value <= outing.wind)?.label ?? '');
  return [
    outing.place.name,
    Number.isNaN(day.getTime()) ? outing.date : sayDate(day, 'weekdayDate'),
    t('where-fields.to', { from: outing.from, to: outing.to }),
    (outing.sky.length > 0 ? outing.sky : [{ at: '', sky: 'clear' }])
      .map((s, i) =>
        i === 0 ? within('sky', s.sky) : t('where-fields.from', { sky: within('sky', s.sky), at: s.at }),
      )
      .join(', '),
    wind,
    outing.air === 'clear' ? null : within('air', outing.air),
    outing.lamps ? within('lamps', outing.lamps) : null,
    outing.ev100 == null
      ? null
      : t('where-fields.metered-ev', { ev100: outing.ev100.toFixed(1).replace('-', '−') }),
  ]
    .filter(Boolean)
    .join(', ');
}

type Props = { outing: Outing; change: (fields: Partial<Outing>) => void };
type AllProps = Props & { onPlace: (place: Partial<Place>) => void };

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
            aria-label={i === 0 ? t('where-fields.sky') : t('where-fields.sky-from', { at: one.at })}
            value={one.sky}
            options={options('sky')}
            onChange={(sky) => set(i, { sky })}
          />
          {i > 0 && (
            <>
              <input
                type="time"
                className="ant-input"
                aria-label={t('where-fields.from-when-on')}
                value={one.at}
                onChange={(e) => e.target.value && set(i, { at: e.target.value })}
              />
              <Button
                type="text"
                aria-label={t('where-fields.leave-out-the-sky', { at: one.at })}
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
          {t('where-fields.then')}
        </Button>
      )}
    </div>
  );
}

/** Name, day, hours, place, sky, wind and air of an outing. */
export function WhereFields({ outing, change, onPlace }: AllProps) {
  return (
    <div className="outing-where">
      <WhereItIs outing={outing} onPlace={onPlace} />
      <div className="clock-field name">
        <span>{t('where-fields.name')}</span>
        <Input
          aria-label={t('where-fields.name-of-the-outing')}
          maxLength={120}
          value={outing.name}
          onChange={(e) => change({ name: e.target.value })}
        />
      </div>
      <label className="clock-field">
        <span>{t('where-fields.date')}</span>
        <input
          type="date"
          className="ant-input"
          value={outing.date}
          onChange={(e) => e.target.value && change({ date: e.target.value })}
        />
      </label>
      {(['from', 'to'] as const).map((end) => (
        <label className="clock-field" key={end}>
          <span>{end === 'from' ? t('where-fields.from-2') : t('where-fields.to-2')}</span>
          <input
            type="time"
            className="ant-input"
            value={outing[end]}
            onChange={(e) => e.target.value && change({ [end]: e.target.value })}
          />
        </label>
      ))}
      <div className="field">
        <label htmlFor="outing-wind">{t('where-fields.wind')}</label>
        <Select id="outing-wind" value={outing.wind} options={winds} onChange={(wind) => change({ wind })} />
      </div>
      <div className="field">
        <label htmlFor="outing-air">{t('where-fields.air')}</label>
        <Select
          id="outing-air"
          value={outing.air}
          options={options('air')}
          onChange={(air) => change({ air })}
        />
      </div>
      <LampsField id="outing-lamps" lamps={outing.lamps} onChange={(lamps) => change({ lamps })} />
      <div className="field">
        <label htmlFor="outing-school">{t('where-fields.buttons')}</label>
        <Select
          id="outing-school"
          popupMatchSelectWidth={false}
          value={outing.school ?? 'free'}
          options={options('button-school')}
          onChange={(school) => change({ school })}
        />
      </div>
      <div className="clock-field sky">
        <span>{t('where-fields.sky')}</span>
        <SkyRows outing={outing} change={change} />
      </div>
      <div className="field">
        <label htmlFor="outing-light">{t('where-fields.light')}</label>
        <Select
          id="outing-light"
          value={outing.ev100 == null ? 'sun' : 'metered'}
          options={[
            { value: 'sun', label: t('where-fields.sun-and-sky') },
            { value: 'metered', label: t('where-fields.metered') },
          ]}
          onChange={(light) => change({ ev100: light === 'metered' ? 13 : null })}
        />
      </div>
      {outing.ev100 != null && (
        <NumberField
          label={t('where-fields.metered-light')}
          quantity="ev"
          hint={t('where-fields.where-the-subjects-are')}
          value={outing.ev100}
          onChange={(ev100) => change({ ev100 })}
        />
      )}
    </div>
  );
}
