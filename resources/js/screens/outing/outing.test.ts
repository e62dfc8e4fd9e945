import { describe, expect, it } from 'vitest';
import type { Outing } from '../../api/day';
import { withKit } from './Carried';
import { freshOuting } from './fresh';

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
