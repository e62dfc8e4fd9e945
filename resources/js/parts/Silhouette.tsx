import drawn from './outlines.json';

type Outline = { path: string; wide: number; head?: [number, number] };

/**
 * Our own outlines of subjects, each drawn in a box one unit wide and one high that stands for the subject’s
 * length and height, with the width they have for each height and where their head is. They face right.
 */
const outlines = drawn as unknown as Record<string, Outline> & { plain: Outline };

export function outlineOf(figure: string): string {
  return (outlines[figure] ?? outlines.plain).path;
}

/** Where its head is on an outline, in its length and height; null where it has none. */
export const headOf = (figure: string) => outlines[figure]?.head ?? null;

/** A build may be so much slimmer or stouter than the outline was drawn. */
const BUILD = 0.15;

const wideOf = (figure: string) => (outlines[figure] ?? outlines.plain).wide;

/**
 * How large an outline is drawn for a subject so that it is not stretched: as tall as what stands upright is, as long
 * as what lies is, and its build a little to either side.
 *
 * @returns width and height in the unit of length and height
 */
export function fitted(figure: string, length: number, height: number): [number, number] {
  const wide = wideOf(figure);
  const build = (ratio: number) => Math.max(1 - BUILD, Math.min(1 + BUILD, ratio));
  return wide < 1
    ? [height * wide * build(length / (height * wide)), height]
    : [length, (length / wide) * build(height / (length / wide))];
}

/** A subject’s outline at a glance. */
export function Silhouette({ figure }: { figure: string }) {
  const wide = wideOf(figure);
  return (
    <svg viewBox="0 -0.05 1.6 1.1" aria-hidden="true">
      <path
        d={outlineOf(figure)}
        transform={`translate(${(1.6 - wide) / 2} 0) scale(${wide} 1)`}
        fill="var(--figure)"
        fillRule="nonzero"
      />
    </svg>
  );
}
