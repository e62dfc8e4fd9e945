import './place.css';
import { App, AutoComplete, Button, Input } from 'antd';
import { useId, useRef, useState } from 'react';
import { outingActions, useOutingAction } from '../api/outings';
import { type Place, useOwnPlaces } from '../api/places';
import { t } from '../lang/ui';
import { coordinatesIn, townsCalled, zoneAt } from './gazetteer';
import { UploadButton } from './UploadButton';
import { useNotTaken } from './useUndo';

type Choice = { value: string; label: string; place: Place };

const figures = ({ latitude_deg, longitude_deg }: Place) =>
  `${latitude_deg.toFixed(2)}, ${longitude_deg.toFixed(2)}`.replaceAll('-', '−');

/** Where this device is, in the zone of that place. */
function whereIAm(): Promise<Place> {
  return new Promise((found, failed) => {
    if (!navigator.geolocation) {
      failed(new Error(t('place-field.this-browser-does-not')));
      return;
    }
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        const latitude_deg = Number(coords.latitude.toFixed(4));
        const longitude_deg = Number(coords.longitude.toFixed(4));
        zoneAt(latitude_deg, longitude_deg).then(
          (zone) => found({ name: '', latitude_deg, longitude_deg, zone }),
          failed,
        );
      },
      () => failed(new Error(t('place-field.your-place-is-not'))),
      { timeout: 15_000, maximumAge: 600_000 },
    );
  });
}

/** Whatever is called so, or lies there. */
async function found(text: string): Promise<Choice[]> {
  const at = coordinatesIn(text);
  if (at) {
    const place = { ...at, name: '', zone: await zoneAt(at.latitude_deg, at.longitude_deg) };
    return [{ value: 'coordinates', label: t('place-field.use', { place: figures(place) }), place }];
  }
  return (await townsCalled(text)).map(({ where, ...place }) => ({
    value: `${place.name} ${figures(place)}`,
    label: where ? `${place.name}, ${where}` : place.name,
    place,
  }));
}

type Props = { onPlace: (place: Place) => void; placeholder?: string };

/** A place by the name of a town, by coordinates, from where one has been, where one is or a GPX file; its zone comes with it. */
export function PlaceField({ onPlace, placeholder = t('place-field.town-or-coordinates') }: Props) {
  const id = useId();
  const { message } = App.useApp();
  const own = useOwnPlaces().data ?? [];
  const [typed, setTyped] = useState('');
  const [towns, setTowns] = useState<Choice[]>([]);
  const [finding, setFinding] = useState(false);
  const notTaken = useNotTaken();
  const file = useOutingAction(outingActions.place);

  const take = (place: Place) => {
    setTyped('');
    setTowns([]);
    onPlace(place);
  };
  const mine = own
    .filter((place) => place.name.toLowerCase().includes(typed.trim().toLowerCase()))
    .map((place) => ({
      value: `own ${place.name} ${figures(place)}`,
      label: place.name || figures(place),
      place,
    }));
  const latest = useRef('');
  const look = (text: string) => {
    // What is chosen from the list is no text to look for.
    if ([...mine, ...towns].some(({ value }) => value === text)) return;
    setTyped(text);
    latest.current = text;
    // What comes late is of a word that has been typed over.
    void found(text).then((choices) => latest.current === text && setTowns(choices));
  };
  const groups = [
    { label: t('place-field.where-you-have-been'), options: mine },
    { label: t('place-field.towns'), options: towns },
  ].filter(({ options }) => options.length > 0);

  const here = () => {
    setFinding(true);
    whereIAm()
      .then(take, (error: Error) => message.error(error.message))
      .finally(() => setFinding(false));
  };
  return (
    <div className="place-field">
      <label htmlFor={id} className="sr-only">
        {t('place-field.find-a-place')}
      </label>
      <AutoComplete
        id={id}
        className="place-find"
        value={typed}
        options={groups}
        onChange={look}
        onSelect={(value: string) => {
          const chosen = [...mine, ...towns].find((one) => one.value === value);
          if (chosen) take(chosen.place);
        }}
      >
        <Input placeholder={placeholder} autoComplete="off" />
      </AutoComplete>
      <Button loading={finding} onClick={here}>
        {t('place-field.where-i-am')}
      </Button>
      <UploadButton
        label={t('place-field.gpx-file-with-the')}
        accept=".gpx,application/gpx+xml"
        busy={file.isPending}
        onFile={(chosen) =>
          file.mutate(chosen, {
            onError: (error) => notTaken(error),
            onSuccess: (read) =>
              void zoneAt(read.latitude_deg, read.longitude_deg).then((zone) => take({ ...read, zone })),
          })
        }
      >
        {t('place-field.gpx')}
      </UploadButton>
    </div>
  );
}
