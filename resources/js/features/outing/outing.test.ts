import { describe, expect, it } from 'vitest';
import { hasPlace, isPlaced, type Outing } from '../../api/day';
import { recorded } from '../../testing/recorded';
import { withKit } from './Carried';
import { carriedOuting, freshOuting } from './fresh';
import { later, whenPlanned } from './planned';

const two = (): Outing => ({ ...freshOuting(['a', 'b'], undefined), bodies: [], lenses: [] });

describe('what is carried', () => {
  it('is put in once, and left at home when no rush is shot with it', () => {
    const first = withKit(two(), 0, 'body', { name: 'Race body' });
    expect(first.bodies).toEqual([{ name: 'Race body' }]);
    expect(first.rushes.map((e) => e.body)).toEqual([0, undefined]);
    const both = withKit(first, 1, 'body', { name: 'Race body' });
    expect(both.bodies).toHaveLength(1);
    expect(both.rushes.map((e) => e.body)).toEqual([0, 0]);
    const other = withKit(both, 1, 'body', { name: 'Cliff body' });
    expect(other.rushes.map((e) => e.body)).toEqual([0, 1]);
    const back = withKit(other, 0, 'body', null);
    expect(back.bodies).toEqual([{ name: 'Cliff body' }]);
    expect(back.rushes.map((e) => e.body)).toEqual([null, 0]);
  });
});

describe('where an outing is', () => {
  const at = (latitude_deg: number | null, name = ''): Outing => ({
    ...two(),
    place: { name, latitude_deg, longitude_deg: latitude_deg, zone: 'UTC' },
  });

  it('is known by figures or by name, and need not be where the light was metered', () => {
    expect([at(null), at(0), at(0, 'Buoy'), at(55)].map(hasPlace)).toEqual([false, false, true, true]);
    expect(isPlaced({ ...at(0), ev100: 11 })).toBe(true);
    expect(isPlaced({ ...at(0), ev100: null })).toBe(false);
  });

  it('is nowhere for what is carried at once, from this minute on, over midnight as well', () => {
    const carried = carriedOuting('7', 'Tern', 11.46, null, new Date(2026, 5, 7, 23, 13));
    expect(hasPlace(carried)).toBe(false);
    expect(carried).toMatchObject({ date: '2026-06-07', from: '23:10', to: '01:10', ev100: 11.5 });
  });
});

describe('a new outing', () => {
  it('is where the last one was, and remembers what is looked at once in a while', () => {
    const last = {
      ...two(),
      place: { name: 'Reserve', latitude_deg: 55, longitude_deg: -9, zone: 'UTC' },
      school: 'thumb',
      checked: { 'firmware.body.Mine': '2026-06-01', 'contacts.Long': '2026-06-02', first: '2026-06-03' },
    };
    const next = freshOuting(['c'], last);
    expect(next.place.name).toBe('Reserve');
    expect(next.school).toBe('thumb');
    expect(Object.keys(next.checked ?? {})).toEqual(['firmware.body.Mine', 'contacts.Long']);
    expect(next.rushes.map((e) => e.rush)).toEqual(['c']);
    expect(next.date > new Date().toISOString().slice(0, 10)).toBe(true);
  });
});

describe('a rush at its time', () => {
  const day = recorded('day');

  it('is what it is in the quarter hour it begins in, also between two', () => {
    const [rush] = day.rushes;
    const [first, second] = rush?.by_time ?? [];
    if (!rush?.planned || !first || !second) throw new Error('No rush with a time.');
    const planned = { ...rush.planned, from: first.at.replace(/:00([+-])/, ':59$1') };
    expect(whenPlanned({ ...rush, planned })).toBe(first);
    expect(whenPlanned({ ...rush, planned: { ...planned, from: second.at } })).toBe(second);
    expect(whenPlanned({ ...rush, planned: null })).toBeUndefined();
  });

  it('goes on past the full hour and past midnight', () => {
    expect([later('05:55', 10), later('23:50', 15), later('07:05', 0)]).toEqual(['06:05', '00:05', '07:05']);
  });
});
