import { describe, expect, it } from 'vitest';
import type { Card, CardRush, Pocket } from '../../field/db';
import { ulid } from '../../field/ulid';
import { figures } from './LogSheet';
import { answerOf, nearestLight } from './pocket';
import { ago, clockAt, exposureAt, quarterAt, rushAt } from './when';

const at = (time: string) => Date.parse(`2027-06-07T${time}:00+01:00`);
const quarters = ['05:00', '05:15', '05:30'].map((time) => ({ at: `2027-06-07T${time}:00+01:00` }));

describe('the clock of a card', () => {
  it('is that of the place', () => {
    expect(clockAt(at('05:10'), 'Europe/London')).toBe('05:10');
    expect(clockAt(at('05:10'), 'Asia/Tokyo')).toBe('13:10');
  });

  it('finds the quarter hour a moment lies in, and none before and after', () => {
    expect(quarterAt(quarters, at('05:20'))).toBe(quarters[1]);
    expect(quarterAt(quarters, at('05:30'))).toBe(quarters[2]);
    expect(quarterAt(quarters, at('04:59'))).toBeNull();
    expect(quarterAt(quarters, at('05:31'))).toBeNull();
    expect(quarterAt([], at('05:20'))).toBeNull();
  });

  it('opens with the rush whose time it is, or the next', () => {
    const span = (from: string, to: string) => ({
      planned: { from: `2027-06-07T${from}:00+01:00`, to: `2027-06-07T${to}:00+01:00` },
    });
    const card = { rushes: [span('05:00', '05:30'), span('06:00', '06:30'), { planned: null }] } as Card;
    expect(rushAt(card, at('05:29'))).toBe(0);
    expect(rushAt(card, at('05:31'))).toBe(1);
    expect(rushAt(card, at('07:00'))).toBe(0);
  });

  it('exposes for the light now, and for the planned hour while the outing is not on', () => {
    const rush = {
      shutter: '1/1000 s',
      aperture: 'f/4',
      iso: 'ISO 400',
      planned: { from: quarters[2]?.at, to: '' },
      by_time: quarters.map((q, i) => ({ ...q, shutter: `1/${i}`, aperture: 'f/8', iso: 'ISO 100' })),
    } as unknown as CardRush;
    expect(exposureAt(rush, at('05:20'))).toMatchObject({ shutter: '1/1', now: true });
    expect(exposureAt(rush, at('09:00'))).toMatchObject({
      shutter: '1/1000 s',
      at: quarters[2]?.at,
      now: false,
    });
  });

  it('says how old it is', () => {
    expect(ago(at('05:00'), at('05:00'))).toBe('just now');
    expect(ago(at('05:00'), at('05:40'))).toBe('40 min ago');
    expect(ago(at('05:00'), at('07:40'))).toBe('3 h ago');
    expect(ago(at('05:00') - 3 * 86_400_000, at('05:00'))).toBe('3 days ago');
  });
});

describe('what is logged', () => {
  it('is read as counted, or not at all', () => {
    expect(figures('12 of 40')).toEqual({ keepers: 12, frames: 40 });
    expect(figures(' 7/9 ')).toEqual({ keepers: 7, frames: 9 });
    expect(figures('12')).toEqual({ keepers: 12, frames: null });
    expect(figures('41 of 40')).toBeNull();
    expect(figures('0 of 0')).toBeNull();
    expect(figures('some')).toBeNull();
  });

  it('has an id of its own that sorts by time', () => {
    const early = ulid(1_700_000_000_000);
    expect(early).toMatch(/^[0-7][0-9a-hjkmnp-tv-z]{25}$/);
    expect(ulid(1_700_000_000_001) > early).toBe(true);
    expect(new Set(Array.from({ length: 200 }, () => ulid(5))).size).toBe(200);
  });
});

describe('the pocket table', () => {
  const word = (value: string) => ({ value, label: value });
  // Each cell names its own number as the value of the only setting.
  const pocket = {
    who: [{}, {}],
    near: [{}, {}, {}],
    way: ['a', 'b'].map(word),
    through: ['x', 'y'].map(word),
    light: [3, 9],
    settings: [
      { setting: 'focus.area', name: 'Area', own: null, rest: 'n5' },
      { setting: 'focus.detect', name: 'Detection', own: null, rest: 'Off' },
      { setting: 'exposure.iso', name: 'ISO', own: null, rest: null },
    ],
    values: [
      Array.from({ length: 48 }, (_, i) => ({ label: `n${i}`, own: null })),
      [{ label: 'Bird', own: { label: 'Feathers', where: '' } }],
      [{ label: '400', own: null }],
    ],
    controls: [
      { name: 'First thumb button', own: null, lines: [{ setting: 'focus.detect', label: 'Bird' }] },
    ],
    cells: Array.from({ length: 48 }, (_, i) => [i, i % 2 === 0 ? 0 : -1, 0, i % 2 === 0 ? 0 : -1]),
  } as unknown as Pocket;

  it('takes the answer at its place in the grid', () => {
    const seen = new Set<string>();
    for (let who = 0; who < 2; who++)
      for (let near = 0; near < 3; near++)
        for (let way = 0; way < 2; way++)
          for (let through = 0; through < 2; through++)
            for (let light = 0; light < 2; light++) {
              const { lines } = answerOf(pocket, who, near, way, through, light);
              expect(lines[0]?.label).toBe(`n${seen.size}`);
              seen.add(lines[0]?.label ?? '');
            }
    expect(seen.size).toBe(48);
  });

  it('says what is not so with the set held, or at rest where none is', () => {
    const held = answerOf(pocket, 0, 0, 0, 0, 0);
    expect(held.control?.name).toBe('First thumb button');
    expect(held.lines.map((l) => [l.label, l.change])).toEqual([
      ['n0', true],
      ['Feathers', false],
    ]);
    expect(held.exposure).toEqual(['ISO 400']);
    const rest = answerOf(pocket, 0, 0, 1, 0, 1);
    expect(rest.control).toBeNull();
    expect(rest.lines.map((l) => [l.label, l.change])).toEqual([['n5', false]]);
  });

  it('takes the nearest light', () => {
    expect(nearestLight(pocket, 5.9)).toBe(0);
    expect(nearestLight(pocket, 6.1)).toBe(1);
    expect(nearestLight(pocket, null)).toBe(0);
  });
});
