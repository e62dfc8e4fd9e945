import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { hasPlace, type Outing } from '../../api/day';
import type { Place } from '../../api/places';
import { figures } from '../../lang/language';
import { t } from '../../lang/outing';
import { NumberField } from '../../ui/NumberField';
import { PlaceField } from '../../ui/PlaceField';

const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((zone) => ({
  value: zone,
  label: zone.replaceAll('_', ' '),
}));

const degrees = (value: number | null, plus: string, minus: string) =>
  value === null ? '' : `${figures(Math.abs(value).toFixed(2))}° ${value < 0 ? minus : plus}`;

type Props = { outing: Outing; onPlace: (place: Partial<Place>) => void };

/** The place of an outing: its name, how it is found, and its figures where somebody wants them. */
export function WhereItIs({ outing, onPlace }: Props) {
  const { place } = outing;
  const [figures, setFigures] = useState(false);
  return (
    <div className="where-place">
      <div className="clock-field name">
        <span>{t('where-it-is.place')}</span>
        <Input
          aria-label={t('where-it-is.place')}
          maxLength={120}
          value={place.name}
          onChange={(e) => onPlace({ name: e.target.value })}
        />
      </div>
      <div className="where-find">
        <PlaceField onPlace={(found) => onPlace({ ...found, name: found.name || place.name })} />
      </div>
      {hasPlace(outing) && (
        <p className="quiet where-figures">
          {degrees(place.latitude_deg, 'N', 'S')}, {degrees(place.longitude_deg, 'E', 'W')},{' '}
          {place.zone.replaceAll('_', ' ')}{' '}
          <Button type="link" size="small" aria-expanded={figures} onClick={() => setFigures(!figures)}>
            {figures ? t('where-it-is.hide') : t('where-it-is.coordinates')}
          </Button>
        </p>
      )}
      {figures && (
        <div className="fields three">
          <NumberField
            label={t('where-it-is.latitude')}
            quantity="angle"
            value={place.latitude_deg}
            onChange={(v) => onPlace({ latitude_deg: v })}
          />
          <NumberField
            label={t('where-it-is.longitude')}
            quantity="angle"
            value={place.longitude_deg}
            onChange={(v) => onPlace({ longitude_deg: v })}
          />
          <div className="field">
            <label htmlFor="outing-zone">{t('where-it-is.time-zone')}</label>
            <Select
              id="outing-zone"
              showSearch={{ optionFilterProp: 'label' }}
              popupMatchSelectWidth={false}
              value={place.zone}
              options={zones}
              onChange={(zone) => onPlace({ zone })}
            />
          </div>
        </div>
      )}
    </div>
  );
}
