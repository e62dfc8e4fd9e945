import { describe, expect, it } from 'vitest';
import { blurUm, distanceAt, metresAt, stretchAt, turnFor } from './ring';

const ring = { focal_mm: 500, f_number: 4, nearest_m: 3.5, coc_um: 12 };

describe('the ring', () => {
  it('turns from infinity to the nearest distance', () => {
    expect(turnFor(ring, 3.5)).toBeCloseTo(1, 9);
    expect(metresAt(ring, 0)).toBeGreaterThan(1000);
    expect(metresAt(ring, turnFor(ring, 17))).toBeCloseTo(17, 6);
  });

  it('blurs by the thin lens', () => {
    // f/N × f/(s − f) × |d − s|/d, by hand: 125 mm × 500/19500 × 1/19.
    expect(blurUm(ring, turnFor(ring, 20), 19)).toBeCloseTo(168.7, 1);
    expect(blurUm(ring, turnFor(ring, 20), 20)).toBeCloseTo(0, 6);
  });

  it('goes evenly between known places', () => {
    const stretch = {
      from: 1,
      counts: 1,
      to: 5,
      mark_m: null,
      way: [
        [1, 10],
        [2, 10],
        [4, 20],
      ],
    };
    expect([0, 1.5, 3, 9].map((t) => distanceAt(stretch, t))).toEqual([10, 10, 15, 20]);
    expect(stretchAt([stretch], 4.9)).toBe(stretch);
    expect(stretchAt([stretch], 5)).toBeUndefined();
  });
});
