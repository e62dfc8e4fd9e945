import type { Body, Lens } from '../../api/client';

const round = (n: number) => Number(n.toPrecision(2));

/** A body in a line, as far as a list knows it. */
export function bodyFacts(b: Partial<Body>): string {
  const megapixels = ((b.pixels_wide ?? 6000) * (b.pixels_high ?? 4000)) / 1e6;
  return [
    `${Math.round(megapixels)} MP on ${round(b.sensor_width_mm ?? 36)} × ${round(b.sensor_height_mm ?? 24)} mm`,
    `${b.frames_per_s} frames/s`,
    b.mirror ? 'mirror' : 'no mirror',
    `${Object.keys(b.areas ?? {}).length} areas`,
    b.detects?.length ? `finds ${b.detects.join(', ')}` : 'no detection',
  ].join(' · ');
}

/** How many figures of a body are guesses. */
export function guessedOf(b: Partial<Body>): string | null {
  const many = b.guessed?.length ?? 0;
  if (many === 0) return null;
  return many === 1 ? 'one figure is a guess' : `${many} figures are guesses`;
}

/** The widest opening of a lens, at both ends of a zoom where they differ. */
export function openingOf(lens: Partial<Lens>): string {
  const ends = [lens.zoom?.[0]?.max_aperture ?? lens.max_aperture ?? 4, lens.zoom?.at(-1)?.max_aperture];
  return `f/${[...new Set(ends.filter((n) => n !== undefined).map(round))].join('–')}`;
}
