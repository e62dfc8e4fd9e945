import { describe, expect, it } from 'vitest';
import type { Plan } from '../../api/client';
import { passingAt, pictureOf, sampleAt, shotAt, stepAt } from './lane';

const sample = (t: number, distance_m: number, far_m: number | null) => ({
  t,
  x: 0,
  y: distance_m,
  z: 0,
  distance_m,
  focus_m: distance_m,
  near_m: distance_m - 1,
  far_m,
  closing_mps: 10,
  across_mps: 0,
  up_mps: 0,
  mm_per_m: 5,
  smear_um: 2 * t,
  discs: { subject_um: 10 * t, background_um: 100, front_um: 50 },
});
const step = (t: number, distance_m: number, focus_m: number, hidden = false) => ({
  t,
  distance_m,
  focus_m,
  miss_x: 0,
  miss_y: 0,
  seen: 'subject',
  hidden,
});
const plan = {
  margins: { keeper_um: 18 },
  lane: {
    seconds: 2,
    samples: [sample(0, 40, 41), sample(1, 30, 31), sample(2, 20, null)],
    frames: [{ t: 0.5, distance_m: 35, blur_um: 20.4, verdict: 'soft', mostly: 'subject smear' }],
  },
} as unknown as Plan;

describe('the lane between its samples', () => {
  it('goes straight from one to the next, and stops at the ends', () => {
    expect(sampleAt(plan, 0.5).distance_m).toBeCloseTo(35);
    expect(sampleAt(plan, -1).distance_m).toBeCloseTo(40);
    expect(sampleAt(plan, 9).distance_m).toBeCloseTo(20);
  });

  it('mixes how soft things are drawn as well', () => {
    expect(sampleAt(plan, 1.5)).toMatchObject({ smear_um: 3, discs: { subject_um: 15, background_um: 100 } });
  });

  it('has no far end where one of its neighbours has none', () => {
    expect(sampleAt(plan, 0.5).far_m).toBeCloseTo(36);
    expect(sampleAt(plan, 1.5).far_m).toBeNull();
  });
});

describe('the frame at a moment', () => {
  it('is the nearest that was shot, of the run where one was played', () => {
    const frame = (t: number, blur_um: number, kept: boolean) => ({
      t,
      blur_um,
      kept,
      distance_m: 30,
      focus_m: 30,
    });
    const played = {
      ...plan,
      trace: { run: 0, steps: [], frames: [frame(0, 8, true), frame(1, 90, false)] },
    };
    expect(shotAt(plan, 0.1)).toMatchObject({ blur: 20.4, kept: false });
    expect(shotAt(played as unknown as Plan, 0.4)).toMatchObject({ blur: 8, kept: true });
    expect(shotAt(played as unknown as Plan, 0.6)).toMatchObject({ blur: 90, kept: false });
  });
});

describe('what the lane draws', () => {
  it('shows what formulas allow until a run was played', () => {
    const picture = pictureOf(plan);
    // With a pixel of 5 µm beside it in pixels.
    expect(pictureOf(plan, 5).beads[0]?.says).toContain(
      '20 µm (4.1 px) of blur, mostly motion blur, a keeper has up to 18 µm (3.6 px)',
    );
    expect(picture.played).toBe(false);
    expect(picture.beads[0]).toMatchObject({ kept: false, focus: 35 });
    expect(picture.beads[0]?.says).toContain('20 µm of blur, mostly motion blur, a keeper has up to 18 µm');
  });

  it('puts what is sharp around where focus was in the run', () => {
    const played = {
      ...plan,
      trace: {
        steps: [step(0, 40, 20), step(2, 20, 20)],
        frames: [{ t: 1, distance_m: 30, focus_m: 20, kept: false, cause: 'lagging', blur_um: 80 }],
      },
    } as unknown as Plan;
    const picture = pictureOf(played);
    expect(picture.played).toBe(true);
    // Half the distance has a quarter of the depth.
    expect(picture.moments[0]).toMatchObject({ focus: 20, near: 19.75, far: 20.25 });
    expect(picture.moments[1]?.far).toBeNull();
    expect(picture.beads[0]?.says).toBe('lost: focus lagging');
  });
});

describe('what passes in front', () => {
  const trace = {
    steps: [0, 0.1, 0.2, 0.3, 0.4].map((t, i) => step(t, 10, 10, i >= 1 && i <= 3)),
    frames: [],
  } as unknown as NonNullable<Plan['trace']>;

  it('moves through the frame for as long as it hides the subject', () => {
    expect(passingAt(trace, 0.1)).toBeCloseTo(1 / 6);
    expect(passingAt(trace, 0.2)).toBeCloseTo(0.5);
    expect(passingAt(trace, 0.3)).toBeCloseTo(5 / 6);
  });

  it('is looked up at the nearest step', () => {
    expect(stepAt(trace, 0.17)?.t).toBe(0.2);
    expect(stepAt(trace, 7)?.t).toBe(0.4);
  });
});
