import type { Entry, Outing } from '../../api/day';
import { hereAndNow } from '../desk/place';

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

/** Tomorrow morning, where the last one was or else here, with the rushes worked on last. */
export function freshOuting(rushes: string[], last: Outing | undefined): Outing {
  const { latitude_deg, longitude_deg } = hereAndNow();
  const day = new Date(Date.now() + 86_400_000);
  const two = (n: number) => String(n).padStart(2, '0');
  return {
    format: 'rush-hold/outing@1',
    name: 'Next outing',
    date: `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`,
    place: last?.place ?? {
      name: '',
      latitude_deg,
      longitude_deg,
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    },
    from: '05:00',
    to: '10:00',
    sky: [],
    wind: 0,
    air: 'clear',
    rushes: rushes.map(freshEntry),
    order: 'solved',
    checked: lasting(last?.checked),
    ...(last?.school ? { school: last.school } : {}),
  };
}
