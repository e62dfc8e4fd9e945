import type { Plan } from '../../api/client';

export type Sample = Plan['lane']['samples'][number];
export type Shot = Plan['lane']['frames'][number];

/** The sample at a time, straight between its neighbours. */
export function sampleAt(plan: Plan, time: number): Sample {
  const samples = plan.lane.samples;
  const at = (Math.max(0, Math.min(plan.lane.seconds, time)) / plan.lane.seconds) * (samples.length - 1);
  const i = Math.min(Math.floor(at), samples.length - 2);
  const a = samples[i] as Sample;
  const b = samples[i + 1] as Sample;
  const mix = (x: number, y: number) => x + (y - x) * (at - i);
  return {
    t: time,
    x: mix(a.x, b.x),
    y: mix(a.y, b.y),
    z: mix(a.z, b.z),
    distance_m: mix(a.distance_m, b.distance_m),
    focus_m: mix(a.focus_m, b.focus_m),
    near_m: mix(a.near_m, b.near_m),
    far_m: a.far_m === null || b.far_m === null ? null : mix(a.far_m, b.far_m),
    closing_mps: mix(a.closing_mps, b.closing_mps),
    across_mps: mix(a.across_mps, b.across_mps),
    up_mps: mix(a.up_mps, b.up_mps),
    mm_per_m: mix(a.mm_per_m, b.mm_per_m),
  };
}
