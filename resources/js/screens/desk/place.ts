import type { Rush } from '../../api/client';

type Place = NonNullable<NonNullable<Rush['light']>['place']>;

const key = 'rush-hold.place';

/** Offsets from UTC that are in use somewhere, as documents write them. */
export const zones = [
  ...Array.from({ length: 27 }, (_, i) => (i - 12) * 60),
  -570,
  -210,
  210,
  270,
  330,
  345,
  390,
  525,
  570,
  630,
  765,
]
  .sort((a, b) => a - b)
  .map((minutes) => ({ value: offset(minutes), label: offset(minutes) }));

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
