import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { figures as decimal } from '../../../lang/language';

type Figures = { megapixels: number; pixel_um: number; crop: number; frame_s: number; buffer_s: number };

/** What the figures of a body come to. */
export function BodyFigures({ body, figures }: { body: Body; figures: Figures | null }) {
  const rows: [string, string][] = figures
    ? [
        [t('body-figures.picture'), t('body-figures.mp', { megapixels: Math.round(figures.megapixels) })],
        [t('body-figures.one-pixel'), t('body-figures.m', { pixelUm: figures.pixel_um.toFixed(1) })],
        [t('body-figures.crop'), decimal(`${figures.crop.toFixed(2)}×`)],
        [
          t('body-figures.between-frames'),
          t('body-figures.ms', { frameS: Math.round(1000 * figures.frame_s) }),
        ],
        [t('body-figures.buffer-lasts'), t('body-figures.s', { bufferS: figures.buffer_s.toFixed(1) })],
      ]
    : [];
  return (
    <dl className="facts">
      {[...rows, [t('body-figures.areas'), String(Object.keys(body.areas).length)]].map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
