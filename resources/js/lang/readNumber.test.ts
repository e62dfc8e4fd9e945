import { describe, expect, it } from 'vitest';
import { plainNumber, readNumber } from './readNumber';
import { type Quantity, shownIn, type Units } from './units';

const value = (typed: string, quantity: Quantity, units: Units = 'metric') => {
  const read = readNumber(typed, quantity, units);
  return 'value' in read ? read.value : read;
};

describe('numbers as people write them', () => {
  it.each<[string, Quantity, number]>([
    ['12,5', 'length', 12.5],
    ['12.5', 'length', 12.5],
    [' 12.5 m', 'length', 12.5],
    ['1,500', 'length', 1500],
    ['1.500,5', 'length', 1500.5],
    ['12 500', 'iso', 12500],
    ["12'500", 'iso', 12500],
    ['0,125', 'length', 0.125],
    [',5', 'length', 0.5],
    ['−3', 'ev', -3],
    ['82ft', 'length', 24.9936],
    ['5 ft 6 in', 'length', 1.6764],
    ['6\'2"', 'length', 1.8796],
    ['30 yards', 'length', 27.432],
    ['90 cm', 'length', 0.9],
    ['1 1/2 m', 'length', 1.5],
    ['1½', 'length', 1.5],
    ['40 km/h', 'speed', 11.1111111111],
    ['25mph', 'speed', 11.176],
    ['20 knots', 'speed', 10.28888],
    ['1/2000', 'shutter', 1 / 2000],
    ['1/2000 s', 'shutter', 1 / 2000],
    ['2000', 'shutter', 1 / 2000],
    ['0,5', 'shutter', 0.5],
    ['4 ms', 'shutter', 0.004],
    ['3/4', 'share', 0.75],
    ['34', 'share', 0.34],
    ['34%', 'share', 0.34],
    ['f/5.6', 'fnumber', 5.6],
    ['F5,6', 'fnumber', 5.6],
    ['1:4', 'fnumber', 4],
    ['ISO 6400', 'iso', 6400],
    ['6.4k', 'iso', 6400],
    ['500mm', 'mm', 500],
    ['20 cm', 'mm', 200],
    ['2 min', 'time', 120],
    ['250 ms', 'time', 0.25],
    ['3', 'short time', 0.003],
    ['45°', 'angle', 45],
    ['1.4x', 'times', 1.4],
    ['20 fps', 'frames', 20],
  ])('reads “%s” as %s', (typed, quantity, wanted) => {
    expect(value(typed, quantity)).toBeCloseTo(wanted, 8);
  });

  it('takes a bare number for the unit beside it, a written unit for itself', () => {
    expect(value('82', 'length', 'imperial')).toBeCloseTo(24.99, 2);
    expect(value('25 m', 'length', 'imperial')).toBe(25);
    expect(value('70', 'size', 'imperial')).toBeCloseTo(1.778, 3);
  });

  it('does not complain while a number is half typed', () => {
    for (const typed of ['', '-', '1/', '12,', '12.', 'f/'])
      expect(readNumber(typed, typed === 'f/' ? 'fnumber' : 'length', 'metric')).toEqual({ half: true });
  });

  it('says what it wanted where it cannot read', () => {
    for (const [typed, quantity] of [
      ['82 kg', 'length'],
      ['52 k', 'length'],
      ['12 m', 'speed'],
      ['soon', 'time'],
      ['1/0', 'length'],
      ['1.2.3', 'length'],
      ['6 in 5 ft', 'length'],
    ] as [string, Quantity][]) {
      const read = readNumber(typed, quantity, 'metric');
      expect(read).toHaveProperty('problem');
      expect('problem' in read && read.problem).toContain(`“${typed}”`);
    }
  });
});

describe('whatever the spelling', () => {
  // A small generator with a seed, so that a failure comes again.
  let state = 20261125;
  const random = () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
  const group = (whole: string, mark: string) => whole.replace(/\B(?=(\d{3})+(?!\d))/g, mark);

  it('means the same number', () => {
    for (let i = 0; i < 2000; i++) {
      const whole = Math.floor(10 ** (random() * 6));
      const cents = Math.floor(random() * 100);
      const tail = String(cents).padStart(2, '0');
      const number = Number(`${whole}.${tail}`);
      for (const text of [
        `${whole}.${tail}`,
        `${whole},${tail}`,
        `${group(String(whole), ',')}.${tail}`,
        `${group(String(whole), '.')},${tail}`,
        `${group(String(whole), ' ')},${tail}`,
        `${group(String(whole), "'")}.${tail}`,
        `+${whole}.${tail}`,
      ])
        expect([text, value(text, 'plain')]).toEqual([text, number]);
    }
  });

  it('comes back from what a field shows', () => {
    const quantities: Quantity[] = [
      'length',
      'size',
      'speed',
      'time',
      'angle',
      'share',
      'ev',
      'iso',
      'mm',
      'fnumber',
      'short time',
    ];
    for (const units of ['metric', 'imperial'] as Units[])
      for (const quantity of quantities)
        for (let i = 0; i < 50; i++) {
          const kept = Number((random() * 50 + 0.01).toPrecision(3));
          const shown = shownIn(kept, quantity, units);
          const read = value(shown, quantity, units) as number;
          expect(shownIn(read, quantity, units)).toBe(shown);
        }
    for (const n of [2, 8, 60, 250, 1600, 32000])
      expect(value(shownIn(1 / n, 'shutter', 'metric'), 'shutter')).toBeCloseTo(1 / n, 12);
  });

  it('is no number where the marks make none', () => {
    for (const text of ['1,2,3', '1.2,3.4', '12,34,567', '.', ',', '1..2', '--3', 'ten'])
      expect(plainNumber(text)).toBeNull();
  });
});
