import type { Entry, Outing } from '../../api/day';
import { daylight, type Place } from '../../api/places';
import { t } from '../../lang/outing';

/** A rush as it is put into an outing. */
export const freshEntry = (rush: string): Entry => ({
  rush,
  minutes: 45,
  times: 4,
  wanted: 1,
  facing_deg: null,
  earliest: null,
  latest: null,
  at: null,
});

/** What stays done from one outing to the next: firmware and contacts are not looked at each time. */
const lasting = (checked: Outing['checked']) =>
  Object.fromEntries(Object.entries(checked ?? {}).filter(([key]) => /^(firmware|contacts)\./.test(key)));

const two = (n: number) => String(n).padStart(2, '0');
const dayOf = (at: Date) => `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
const clock = (minutes: number) => `${two(Math.floor(minutes / 60) % 24)}:${two(minutes % 60)}`;
const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

/** The hours of a new outing until the light is known. */
export const HOURS = { from: '05:00', to: '10:00' };
const LONG_MIN = 300;
const GRID_MIN = 15;

/** From sunrise on, as long as it is day; where the sun does not rise or set, around noon. */
export async function daylightHours(place: Place, date: string): Promise<{ from: string; to: string }> {
  const { rises, sets } = await daylight(place, date);
  if (!rises || !sets) return { from: '10:00', to: '14:00' };
  const from = Math.floor(minutesOf(rises) / GRID_MIN) * GRID_MIN;
  const length = (minutesOf(sets) - from + 1440) % 1440;
  return { from: clock(from), to: clock(from + Math.max(60, Math.min(LONG_MIN, length))) };
}

/** One rush, from this minute on, in the light that stands on the desk: what is carried at once. */
export function carriedOuting(
  rush: string,
  name: string,
  ev100: number,
  place: Place | null,
  now = new Date(),
): Outing {
  const from = now.getHours() * 60 + Math.floor(now.getMinutes() / 5) * 5;
  return {
    format: 'rush-hold/outing@1',
    name,
    date: dayOf(now),
    place: place ?? {
      name: '',
      // Only the light depends on it, and that is metered.
      latitude_deg: 0,
      longitude_deg: 0,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    from: clock(from),
    to: clock(from + 120),
    sky: [],
    wind: 0,
    air: 'clear',
    ev100: Number(Math.max(-8, Math.min(20, ev100)).toFixed(1)),
    rushes: [{ ...freshEntry(rush), minutes: 60 }],
    order: 'solved',
  };
}

/** Tomorrow morning, where the last one was, with the rushes worked on last. */
export function freshOuting(rushes: string[], last: Outing | undefined): Outing {
  const day = new Date(Date.now() + 86_400_000);
  return {
    format: 'rush-hold/outing@1',
    name: t('fresh.next-outing'),
    date: dayOf(day),
    place: last?.place ?? {
      name: '',
      latitude_deg: null,
      longitude_deg: null,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    ...HOURS,
    sky: [],
    wind: 0,
    air: 'clear',
    rushes: rushes.map(freshEntry),
    order: 'solved',
    checked: lasting(last?.checked),
    ...(last?.school ? { school: last.school } : {}),
  };
}
