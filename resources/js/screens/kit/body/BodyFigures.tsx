import type { Body } from '../../../api/client';

type Figures = { megapixels: number; pixel_um: number; crop: number; frame_s: number; buffer_s: number };

/** What the figures of a body come to. */
export function BodyFigures({ body, figures }: { body: Body; figures: Figures | null }) {
  const rows: [string, string][] = figures
    ? [
        ['Picture', `${Math.round(figures.megapixels)} MP`],
        ['One pixel', `${figures.pixel_um.toFixed(1)} µm`],
        ['Crop', `${figures.crop.toFixed(2)}×`],
        ['Between frames', `${Math.round(1000 * figures.frame_s)} ms`],
        ['Buffer lasts', `${figures.buffer_s.toFixed(1)} s`],
      ]
    : [];
  return (
    <dl className="facts">
      {[...rows, ['Areas', String(Object.keys(body.areas).length)]].map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
