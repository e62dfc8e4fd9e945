import { Button } from 'antd';
import type { Lens } from '../../../api/client';
import { t } from '../../../lang/kit';
import { NumberField } from '../../../ui/NumberField';

type Zoom = Lens['zoom'];

/** Steps that a zoom may have: more would say nothing more. */
const most = 8;

/** A step halfway between the last two, as apertures and focal lengths go. */
function between(zoom: Zoom): Zoom {
  const [a, b] = [zoom.at(-2), zoom.at(-1)];
  if (!a || !b) return zoom;
  const middle = {
    focal_mm: Math.round(Math.sqrt(a.focal_mm * b.focal_mm)),
    max_aperture: Number(Math.sqrt(a.max_aperture * b.max_aperture).toFixed(1)),
  };
  return [...zoom.slice(0, -1), middle, b];
}

/** The widest opening of a zoom at some of its focal lengths. */
export function ZoomFields({ zoom, onZoom: setZoom }: { zoom: Zoom; onZoom: (zoom: Zoom) => void }) {
  return (
    <div className="zoom-steps">
      {zoom.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: only told by its place
        <div key={`step ${i + 1}`} className="fields zoom-step">
          <NumberField
            label={
              i === 0
                ? t('zoom-fields.shortest')
                : i === zoom.length - 1
                  ? t('zoom-fields.longest')
                  : t('zoom-fields.in-between')
            }
            quantity="mm"
            value={step.focal_mm}
            onChange={(v) => setZoom(zoom.map((z, at) => (at === i ? { ...z, focal_mm: v } : z)))}
          />
          <NumberField
            label={t('zoom-fields.widest-there')}
            quantity="fnumber"
            value={step.max_aperture}
            onChange={(v) => setZoom(zoom.map((z, at) => (at === i ? { ...z, max_aperture: v } : z)))}
          />
          <Button
            size="small"
            type="text"
            aria-label={t('zoom-fields.remove-step', { i: i + 1 })}
            disabled={zoom.length <= 2}
            onClick={() => setZoom(zoom.filter((_, at) => at !== i))}
          >
            ✕
          </Button>
        </div>
      ))}
      <Button size="small" disabled={zoom.length >= most} onClick={() => setZoom(between(zoom))}>
        {t('zoom-fields.add-a-focal-length')}
      </Button>
    </div>
  );
}
