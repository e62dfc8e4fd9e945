import type { Plan } from '../../api/client';
import { t } from '../../lang/desk';
import { label, within } from '../../lang/labels';

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
    smear_um: mix(a.smear_um, b.smear_um),
    discs: {
      subject_um: mix(a.discs.subject_um, b.discs.subject_um),
      background_um: mix(a.discs.background_um, b.discs.background_um),
      front_um: mix(a.discs.front_um, b.discs.front_um),
    },
  };
}

type Trace = NonNullable<Plan['trace']>;

export type Moment = { t: number; subject: number; focus: number; near: number; far: number | null };

export type Bead = {
  t: number;
  distance: number;
  focus: number;
  kept: boolean;
  /** µm on the sensor */
  blur: number;
  says: string;
};

/** What the lane draws: a run as it was played, or what the formulas allow while it has not been; blur in pixels too where a pixel is known. */
export function pictureOf(
  plan: Plan,
  pitchUm: number | null = null,
): { moments: Moment[]; beads: Bead[]; played: boolean } {
  const micrometres = (um: number) =>
    t('lane.m', {
      um: um.toFixed(0),
      isPitchUm: pitchUm ? 'yes' : 'no',
      um2: pitchUm ? (um / pitchUm).toFixed(1) : '',
    });
  const limit = micrometres(plan.margins.keeper_um);
  const trace = plan.trace;
  if (!trace) {
    return {
      played: false,
      moments: plan.lane.samples.map((s) => ({
        t: s.t,
        subject: s.distance_m,
        focus: s.focus_m,
        near: s.near_m,
        far: s.far_m,
      })),
      beads: plan.lane.frames.map((f) => ({
        t: f.t,
        distance: f.distance_m,
        focus: sampleAt(plan, f.t).focus_m,
        kept: f.verdict !== 'soft',
        blur: f.blur_um,
        says: t('lane.of-blur-a-keeper', {
          verdict: within('verdict', f.verdict),
          blurUm: micrometres(f.blur_um),
          isMostly: f.mostly ? 'yes' : 'no',
          mostly: label('blur-part', f.mostly),
          limit,
        }),
      })),
    };
  }
  return {
    played: true,
    moments: trace.steps.map((step) => {
      const s = sampleAt(plan, step.t);
      // What is sharp grows with the square of the focus distance.
      const grown = (step.focus_m / s.focus_m) ** 2;
      return {
        t: step.t,
        subject: step.distance_m,
        focus: step.focus_m,
        near: Math.max(0.1, step.focus_m - (s.focus_m - s.near_m) * grown),
        far: s.far_m === null ? null : step.focus_m + (s.far_m - s.focus_m) * grown,
      };
    }),
    beads: trace.frames.map((f) => ({
      t: f.t,
      distance: f.distance_m,
      focus: f.focus_m,
      kept: f.kept,
      blur: f.blur_um,
      says: f.kept
        ? t('lane.kept-of-blur-a', { blurUm: micrometres(f.blur_um), limit })
        : t('lane.lost', { cause: within('loss-cause', f.cause) }),
    })),
  };
}

/** The frame nearest to a time, of the run that was played or as the formulas have it. */
export function shotAt(plan: Plan, time: number): { blur: number; kept: boolean } | null {
  const shots = plan.trace
    ? plan.trace.frames.map((f) => ({ t: f.t, blur: f.blur_um, kept: f.kept }))
    : plan.lane.frames.map((f) => ({ t: f.t, blur: f.blur_um, kept: f.verdict !== 'soft' }));
  return shots.reduce<(typeof shots)[number] | null>(
    (best, shot) => (best === null || Math.abs(shot.t - time) < Math.abs(best.t - time) ? shot : best),
    null,
  );
}

/** The step of the run that was played, at a time. */
export function stepAt(trace: Trace, time: number): Trace['steps'][number] | undefined {
  const last = trace.steps.length - 1;
  const length = trace.steps[last]?.t ?? 1;
  return trace.steps[Math.max(0, Math.min(last, Math.round((time / length) * last)))];
}

/** How far something that hides the subject has passed at a time, 0 to 1, going by how long it hides it in this run. */
export function passingAt(trace: Trace, time: number): number {
  const { steps } = trace;
  const last = steps.length - 1;
  const length = steps[last]?.t ?? 1;
  const at = Math.max(0, Math.min(last, Math.round((time / length) * last)));
  let from = at;
  let to = at;
  while (from > 0 && steps[from - 1]?.hidden) from--;
  while (to < last && steps[to + 1]?.hidden) to++;
  return (at - from + 0.5) / (to - from + 1);
}

/** Size of a pixel, µm. */
export const pitchOf = (body: { sensor_width_mm: number; pixels_wide: number }): number =>
  (1000 * body.sensor_width_mm) / body.pixels_wide;
