import type { Place } from '../api/places';

type City = {
  city: string;
  city_ascii: string;
  lat: number;
  lng: number;
  pop: number;
  country: string;
  province?: string;
  timezone?: string | null;
};

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

const MOST = 8;
const EXACT = 4;
const BEGINS = 2;

let cities: Promise<(City & { called: string })[]> | null = null;

/** Seven thousand towns with their time zones, fetched when somebody first looks for one. */
const all = () => {
  cities ??= import('city-timezones/data/cityMap.json').then(({ default: list }) =>
    (list as City[]).map((city) => ({ ...city, called: plain(`${city.city} ${city.city_ascii}`) })),
  );
  return cities;
};

/** Towns that are called so or begin so, the largest first. */
export async function townsCalled(typed: string): Promise<(Place & { where: string })[]> {
  const wanted = plain(typed.trim());
  if (wanted.length < 2) return [];
  const of = ({ called }: { called: string }) =>
    called.split(' ').slice(0, wanted.split(' ').length).join(' ') === wanted ? EXACT : BEGINS;
  return (await all())
    .filter((city) => city.called.startsWith(wanted) || city.called.includes(` ${wanted}`))
    .sort((a, b) => of(b) - of(a) || b.pop - a.pop)
    .slice(0, MOST)
    .map((city) => ({
      name: city.city,
      where: [city.province, city.country].filter(Boolean).join(', '),
      latitude_deg: Number(city.lat.toFixed(4)),
      longitude_deg: Number(city.lng.toFixed(4)),
      zone: city.timezone ?? 'UTC',
    }));
}

/** The time zone of a place. */
export async function zoneAt(latitudeDeg: number, longitudeDeg: number): Promise<string> {
  const { default: zoneOf } = await import('tz-lookup');
  return zoneOf(latitudeDeg, longitudeDeg);
}

/** “55.5, −9” and what people copy from maps: degrees, north and east first or by their letters. */
export function coordinatesIn(typed: string): { latitude_deg: number; longitude_deg: number } | null {
  const found =
    /^\s*([-−+]?\d{1,2}(?:[.,]\d+)?)\s*°?\s*([NS])?\s*[,;\s]\s*([-−+]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*([EW])?\s*$/i.exec(
      typed,
    );
  if (!found) return null;
  const number = (text = '', letter = '') =>
    Number(text.replace('−', '-').replace(',', '.')) * (/[SW]/i.test(letter) ? -1 : 1);
  const latitude_deg = number(found[1], found[2]);
  const longitude_deg = number(found[3], found[4]);
  return Math.abs(latitude_deg) <= 90 && Math.abs(longitude_deg) <= 180
    ? { latitude_deg, longitude_deg }
    : null;
}
