import { describe, expect, it } from 'vitest';
import type { Rush } from '../../api/client';
import { bendThrough, cornerMore, headingOf, reaching, reshaped, type Spot, shapeOf, turned } from './way';

type Path = Rush['path'];
const path = (fields: Partial<Path> = {}): Path =>
  ({
    start_m: 40,
    heading_deg: 20,
    seconds: 2,
    bend_radius_m: null,
    points: [],
    speed_changes: [],
    ...fields,
  }) as Path;

/** Where a way ends, and its middle: the formula by which the core goes round a bend. */
function travelled(p: Path, metres: number): Spot {
  const h = ((p.heading_deg ?? 0) * Math.PI) / 180;
  if (!p.bend_radius_m) return { x: metres * Math.sin(h), y: p.start_m - metres * Math.cos(h) };
  const from = Math.atan2(-Math.cos(h), Math.sin(h));
  const now = from - metres / p.bend_radius_m;
  return {
    x: p.bend_radius_m * (Math.sin(from) - Math.sin(now)),
    y: p.start_m + p.bend_radius_m * (Math.cos(now) - Math.cos(from)),
  };
}
const speed = 10;
const endOf = (p: Path) => travelled(p, speed * (p.seconds ?? 0));
const apart = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

describe('headings', () => {
  it('count from straight at the camera, to the right', () => {
    const start = { x: 0, y: 30 };
    expect(headingOf(start, { x: 0, y: 10 })).toBeCloseTo(0);
    expect(headingOf(start, { x: 10, y: 30 })).toBeCloseTo(90);
    expect(headingOf(start, { x: -10, y: 30 })).toBeCloseTo(-90);
    expect(Math.abs(headingOf(start, { x: 0, y: 60 }))).toBeCloseTo(180);
  });

  it('stay within half a turn', () => {
    expect([190, -190, 540, 20, -180].map(turned)).toEqual([-170, 170, -180, 20, -180]);
  });
});

describe('bending a way by its middle', () => {
  const straight = path();
  const start = { x: 0, y: 40 };
  const end = endOf(straight);
  const middle = { x: (start.x + end.x) / 2, y: (start.y + end.y) / 2 };

  it.each([
    ['to the left of the way', 5, -2],
    ['to the right of it', -4, 1],
    ['far aside', 7, -2.5],
  ])('keeps its end and passes the spot that is held %s', (_, dx, dy) => {
    // Only what lies square to the way bends it.
    const along = { x: (end.x - start.x) / 20, y: (end.y - start.y) / 20 };
    const aside = dx * -along.y + dy * along.x;
    const held = { x: middle.x - along.y * aside, y: middle.y + along.x * aside };
    const bent = { ...straight, ...bendThrough(straight, start, end, held) };
    expect(shapeOf(bent)).toBe('bend');
    // Heading is kept to tenths of a degree and time to twentieths of a second.
    expect(apart(endOf(bent), end)).toBeLessThan(0.5);
    expect(apart(travelled(bent, (speed * (bent.seconds ?? 0)) / 2), held)).toBeLessThan(0.5);
    expect(bent.seconds).toBeGreaterThan(2);
  });

  it('turns right when its middle is pulled to its left', () => {
    const left = { x: middle.x + 5, y: middle.y };
    expect(bendThrough(straight, start, end, left).bend_radius_m).toBeGreaterThan(0);
    expect(bendThrough(straight, start, end, { x: middle.x - 5, y: middle.y }).bend_radius_m).toBeLessThan(0);
  });

  it('becomes straight again, as long as it was, when the middle is put back', () => {
    const bent = { ...straight, ...bendThrough(straight, start, end, { x: middle.x + 4, y: middle.y }) };
    const back = { ...bent, ...bendThrough(bent, start, end, middle) };
    expect(shapeOf(back)).toBe('straight');
    expect(back.heading_deg).toBeCloseTo(20, 0);
    expect(back.seconds).toBeCloseTo(2, 1);
  });

  it('leaves what has no length alone', () => {
    expect(bendThrough(straight, start, { x: 0.1, y: 40 }, middle)).toEqual({});
  });
});

describe('putting the end elsewhere', () => {
  const start = { x: 0, y: 40 };

  it('turns and lengthens a straight way', () => {
    const p = path();
    const moved = { ...p, ...reaching(p, start, endOf(p), { x: -30, y: 40 }, true) };
    expect(moved.heading_deg).toBe(-90);
    expect(moved.seconds).toBeCloseTo(3, 2);
  });

  it('keeps the form of a bend', () => {
    const p = path({ bend_radius_m: 14, seconds: 2.5 });
    const to = { x: -12, y: 22 };
    const moved = { ...p, ...reaching(p, start, endOf(p), to, true) };
    expect(apart(endOf(moved), to)).toBeLessThan(0.8);
    expect((moved.seconds ?? 0) / (moved.bend_radius_m ?? 1)).toBeCloseTo(2.5 / 14, 2);
  });

  it('does not hurry what stands still', () => {
    expect(reaching(path(), start, { x: 5, y: 30 }, { x: 10, y: 20 }, false)).not.toHaveProperty('seconds');
  });
});

describe('telling a way in another form', () => {
  it('goes through its middle and end as corners, and back to its end as a straight line', () => {
    const p = path({ bend_radius_m: 12 });
    const samples = Array.from({ length: 21 }, (_, i) => travelled(p, i));
    const corners = { ...p, ...reshaped(p, 'corners', samples) };
    expect(shapeOf(corners)).toBe('corners');
    expect(corners.points).toHaveLength(2);
    expect(corners.points?.[1]?.across_m).toBeCloseTo(samples[20]?.x ?? 0, 1);
    const straight = { ...corners, ...reshaped(corners, 'straight', samples) };
    expect(shapeOf(straight)).toBe('straight');
    expect(straight.heading_deg).toBeCloseTo(headingOf({ x: 0, y: 40 }, samples[20] as Spot), 0);
  });

  it('bends a straight way gently', () => {
    const p = path();
    const bend = {
      ...p,
      ...reshaped(
        p,
        'bend',
        [0, 10, 20].map((m) => travelled(p, m)),
      ),
    };
    expect(shapeOf(bend)).toBe('bend');
    expect(Math.abs(bend.bend_radius_m ?? 0)).toBeGreaterThan(10);
  });

  it('goes straight on with a corner more, never behind the camera', () => {
    const p = path({
      points: [
        { across_m: 5, away_m: 20 },
        { across_m: 8, away_m: 4 },
      ],
    });
    expect(cornerMore(p).points?.[2]).toEqual({ across_m: 11, away_m: 0.5 });
  });
});
