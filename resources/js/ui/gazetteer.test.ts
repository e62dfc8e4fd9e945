import { describe, expect, it, vi } from 'vitest';
import { coordinatesIn, townsCalled, zoneAt } from './gazetteer';

const town = (city: string, pop: number, lat = 10, timezone: string | null = 'UTC') => ({
  city,
  city_ascii: city.normalize('NFD').replace(/\p{M}/gu, ''),
  lat,
  lng: 20,
  pop,
  country: 'Nowhere',
  province: 'North',
  timezone,
});

vi.mock('city-timezones/data/cityMap.json', () => ({
  default: [
    town('Cliffhaven', 4000),
    town('Cliff', 900, 55.123456),
    town('Port Cliff', 90_000),
    town('Säntvik', 5000, 60, null),
    town('Elsewhere', 1),
  ],
}));

describe('coordinates as people write them', () => {
  it.each([
    ['55.5, -9', 55.5, -9],
    ['55.5 −9.25', 55.5, -9.25],
    ['55,5; 9,25', 55.5, 9.25],
    ['33.9 S, 151.2 E', -33.9, 151.2],
    ['55.5° N 9° w', 55.5, -9],
  ])('%s', (typed, latitude_deg, longitude_deg) => {
    expect(coordinatesIn(typed)).toEqual({ latitude_deg, longitude_deg });
  });

  it.each(['', 'Cliff', '91, 0', '0, 181', '55.5', '12 m, 9'])('and not %s', (typed) => {
    expect(coordinatesIn(typed)).toBeNull();
  });
});

describe('towns', () => {
  it('of that very name come first, then the larger', async () => {
    expect((await townsCalled('cliff')).map((t) => t.name)).toEqual(['Cliff', 'Port Cliff', 'Cliffhaven']);
  });

  it('are found without their accents, and one without a zone has that of Greenwich', async () => {
    expect(await townsCalled('santv')).toEqual([
      { name: 'Säntvik', where: 'North, Nowhere', latitude_deg: 60, longitude_deg: 20, zone: 'UTC' },
    ]);
  });

  it('are not looked for by a letter', async () => {
    expect(await townsCalled('c')).toEqual([]);
  });
});

it('a place has its time zone, at sea as well', async () => {
  expect(await zoneAt(0, 0)).toMatch(/^Etc|^[A-Z]/);
  expect(await zoneAt(0, -60)).not.toBe(await zoneAt(0, 60));
});
