import type { Rush } from '../../api/client';

type Place = NonNullable<NonNullable<Rush['light']>['place']>;

const key = 'rush-hold.place';

const zoneKey = 'rush-hold.zone';

/** Minutes east of UTC of a zone at a local time, as its clocks go. */
export function minutesOf(zone: string, local: string): number {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
  });
  const asUtc = (at: number) => {
    const of = Object.fromEntries(parts.formatToParts(at).map((p) => [p.type, Number(p.value)]));
    return Date.UTC(of.year ?? 1970, (of.month ?? 1) - 1, of.day, of.hour, of.minute);
  };
  const wanted = Date.parse(`${local.slice(0, 16)}Z`);
  // What the clocks there show is some hours from the same figures in UTC; near a change the second look counts.
  let at = wanted;
  for (let i = 0; i < 2; i++) at = wanted - (asUtc(at) - at);
  return Math.round((wanted - at) / 60_000);
}

/** All zones the system knows, with how far each is from UTC at a local time. */
export function zonesAt(local: string): { value: string; label: string; offset: string }[] {
  return ['UTC', ...Intl.supportedValuesOf('timeZone')].map((zone) => {
    const from = offset(minutesOf(zone, local));
    return { value: zone, label: `${zone.replaceAll('_', ' ')} ${from}`, offset: from };
  });
}

/** The zone that was chosen last, or the one this device is in; null where it is another time from UTC than the document says. */
export function zoneOf(at: string): string | null {
  const zone = localStorage.getItem(zoneKey) ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
  const said = at.endsWith('Z') ? '+00:00' : at.slice(19);
  return offset(minutesOf(zone, at)) === said ? zone : null;
}

export const rememberZone = (zone: string) => localStorage.setItem(zoneKey, zone);

/** Minutes east of UTC as “+01:00”. */
export function offset(minutes: number): string {
  const all = Math.abs(minutes);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(all / 60))}:${two(all % 60)}`;
}

/** This minute, at the place that was last typed; whoever typed none begins at the reserve of the examples. */
export function hereAndNow(now = new Date()): Place {
  const east = -now.getTimezoneOffset();
  const local = new Date(now.getTime() + east * 60_000).toISOString().slice(0, 16);
  const place: Place = {
    latitude_deg: 55.5,
    longitude_deg: -9,
    at: `${local}:00${offset(east)}`,
    shooting_bearing_deg: null,
  };
  try {
    const last = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<Place> | null;
    return { ...place, ...last };
  } catch {
    return place;
  }
}

export function rememberPlace({ latitude_deg, longitude_deg }: Place) {
  localStorage.setItem(key, JSON.stringify({ latitude_deg, longitude_deg }));
}
