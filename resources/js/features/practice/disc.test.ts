import { describe, expect, it } from 'vitest';
import { discBlur, halved, mixOf, type Plane, RADII } from './disc';

/** One white point in the middle. */
function point(size: number): Plane {
  const data = new Float32Array(size * size * 4);
  const middle = (size >> 1) * (size + 1) * 4;
  for (let c = 0; c < 4; c++) data[middle + c] = 1;
  return { wide: size, high: size, data };
}

/** How much light there is, and how far it is spread to one side, in pixels. */
function spread({ wide, high, data }: Plane): { light: number; deviation: number; peak: number } {
  let light = 0;
  let square = 0;
  let peak = 0;
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++) {
      const value = data[(y * wide + x) * 4] ?? 0;
      light += value;
      square += value * (x - (wide >> 1)) ** 2;
      peak = Math.max(peak, value);
    }
  return { light, deviation: Math.sqrt(square / light), peak };
}

describe('the disc of what is out of focus', () => {
  it('keeps all the light and spreads a point over a disc of the radius', () => {
    for (const radius of [1.5, 3, 7, 15.5]) {
      const { light, deviation, peak } = spread(discBlur(point(61), radius));
      expect(light).toBeCloseTo(1, 4);
      // The spread of an even disc to one side is half its radius.
      expect(Math.abs(deviation - radius / 2)).toBeLessThan(0.06 * radius);
      // Even, not heaped in the middle.
      expect(Math.abs(peak * Math.PI * radius * radius - 1)).toBeLessThan(0.12);
    }
  });

  it('leaves alone what is in focus', () => {
    expect(spread(discBlur(point(21), 0)).peak).toBe(1);
  });

  it('mixes two radii to the spread of the one between', () => {
    for (const radius of [0.3, 1, 2, 6.5, 28, 60]) {
      const { lower, upper, share } = mixOf(radius);
      const variance = (1 - share) * (RADII[lower] ?? 0) ** 2 + share * (RADII[upper] ?? 0) ** 2;
      expect(Math.sqrt(variance)).toBeCloseTo(radius, 6);
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
    expect(mixOf(500).share).toBe(0);
  });

  it('halves without losing brightness', () => {
    const flat = { wide: 8, high: 6, data: new Float32Array(8 * 6 * 4).fill(0.5) };
    expect([...halved(flat).data].every((v) => v === 0.5)).toBe(true);
    expect(halved(flat).wide).toBe(4);
  });
});
