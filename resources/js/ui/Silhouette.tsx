import { useEffect, useState } from 'react';
import drawn from './outlines.json';

type Place = [number, number];
type Places = { head?: Place; eye?: Place; chest?: Place };
type Outline = Places & { path: string; wide: number; kind: string; flies: boolean };

/** An outline as it is seen from somewhere in a moment; `of` is how long and high it is for one of length and height. */
export type Pose = Places & { path: string; of: Place };
export type Poses = [Pose, Pose, Pose][];

/**
 * Our own outlines of subjects, each drawn in a box one unit wide and one high, with the width they have for each height and
 * where eye, head and chest are. They face right. `bin/outlines` takes them from the models.
 */
const outlines = drawn as unknown as Record<string, Outline> & { plain: Outline };
const of = (figure: string) => outlines[figure] ?? outlines.plain;

export const outlineOf = (figure: string): string => of(figure).path;

/** What a camera that looks for something takes it for. */
export const kindOf = (figure: string): string => of(figure).kind;

/** Where its head is on an outline, in its length and height; null where it has none. */
export const headOf = (figure: string): Place | null => of(figure).head ?? null;

/** Where the part that has to be sharp is on an outline. */
export function aimOn({ eye, head, chest }: Places, aim: string): Place {
  if (!head || !chest) return [0.5, 0.5];
  if (aim === 'eye') return eye ?? head;
  return aim === 'head' ? head : chest;
}

/** A build may be so much slimmer or stouter than the outline was drawn. */
const BUILD = 0.15;

/**
 * How large an outline is drawn for a subject so that it is not stretched: as tall as what stands upright is, as long
 * as what lies or flies is, and its build a little to either side.
 *
 * @returns width and height in the unit of length and height
 */
export function fitted(figure: string, length: number, height: number): [number, number] {
  const { wide, flies } = of(figure);
  const build = (ratio: number) => (flies ? 1 : Math.max(1 - BUILD, Math.min(1 + BUILD, ratio)));
  return wide < 1 && !flies
    ? [height * wide * build(length / (height * wide)), height]
    : [length, (length / wide) * build(height / (length / wide))];
}

/** How large it is drawn within a box, and where in it. */
export function within(figure: string, wide: number, high: number) {
  const own = of(figure).wide;
  const tall = Math.min(high, wide / own);
  return { x: (wide - own * tall) / 2, y: (high - tall) / 2, wide: own * tall, high: tall };
}

/** Each in a file of its own, fetched where it is shown. */
const files = import.meta.glob<{ default: unknown }>('./poses/*.json');

/** All poses of a figure as soon as they are there; until then, and where they cannot be had, none. */
export function usePoses(figure: string): Poses | null {
  const [poses, setPoses] = useState<{ of: string; all: Poses } | null>(null);
  useEffect(() => {
    let here = true;
    files[`./poses/${figure}.json`]?.().then(
      (file) => here && setPoses({ of: figure, all: file.default as Poses }),
      () => undefined,
    );
    return () => {
      here = false;
    };
  }, [figure]);
  return poses?.of === figure ? poses.all : null;
}

/** From the side, from between, or head on: by how fast it goes across, and to or from the camera. */
const VIEWS = [22.5, 67.5];

/**
 * @param times how often a second it goes through its poses
 */
export function poseAt(poses: Poses, across: number, along: number, time: number, times: number): Pose {
  const turned = (Math.atan2(Math.abs(along), Math.abs(across) + 1e-6) * 180) / Math.PI;
  const view = VIEWS.filter((limit) => turned > limit).length;
  // There and back again.
  const turn = 2 * poses.length - 2;
  const step = turn > 0 ? Math.floor(Math.max(0, time) * times * turn) % turn : 0;
  return (poses[step < poses.length ? step : turn - step] as [Pose, Pose, Pose])[view] as Pose;
}

/** A subject’s outline at a glance. */
export function Silhouette({ figure }: { figure: string }) {
  const box = within(figure, 1.6, 1);
  return (
    <svg viewBox="0 -0.05 1.6 1.1" aria-hidden="true">
      <path
        d={outlineOf(figure)}
        transform={`translate(${box.x} ${box.y}) scale(${box.wide} ${box.high})`}
        fill="var(--figure)"
        fillRule="nonzero"
      />
    </svg>
  );
}
