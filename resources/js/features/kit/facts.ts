import type { Body, Lens } from '../../api/client';
import { t } from '../../lang/kit';
import { within } from '../../lang/labels';
import { figures } from '../../lang/language';

const round = (n: number) => Number(n.toPrecision(2));

/** A body in a line, as far as a list knows it. */
export function bodyFacts(b: Partial<Body>): string {
  const megapixels = ((b.pixels_wide ?? 6000) * (b.pixels_high ?? 4000)) / 1e6;
  return [
    t('facts.mp-on-mm', {
      megapixels: Math.round(megapixels),
      sensorWidthMm: round(b.sensor_width_mm ?? 36),
      sensorHeightMm: round(b.sensor_height_mm ?? 24),
    }),
    t('facts.frames-s', { framesPerS: b.frames_per_s }),
    b.mirror ? t('facts.mirror') : t('facts.no-mirror'),
    t('facts.areas', { areas: Object.keys(b.areas ?? {}).length }),
    b.detects?.length
      ? t('facts.finds', { detects: b.detects.map((kind) => within('detection', kind)).join(', ') })
      : t('facts.no-detection'),
  ].join(' · ');
}

/** How many figures of a body are guesses. */
export function guessedOf(b: Partial<Body>): string | null {
  const many = b.guessed?.length ?? 0;
  if (many === 0) return null;
  return t('facts.figures-are-guesses', { many });
}

/** The widest opening of a lens, at both ends of a zoom where they differ. */
export function openingOf(lens: Partial<Lens>): string {
  const ends = [lens.zoom?.[0]?.max_aperture ?? lens.max_aperture ?? 4, lens.zoom?.at(-1)?.max_aperture];
  return figures(`f/${[...new Set(ends.filter((n) => n !== undefined).map(round))].join('–')}`);
}
