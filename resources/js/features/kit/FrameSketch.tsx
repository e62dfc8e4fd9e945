import { type PointerEvent, useRef } from 'react';
import type { Body } from '../../api/client';
import { t } from '../../lang/kit';
import { label } from '../../lang/labels';

type Areas = NonNullable<Body['areas']>;
type Area = keyof Areas;

/** A body’s frame with its areas true to scale; of a mirror body also where its points lie. */
export function FrameSketch({
  body,
  chosen,
  onChoose,
  onSize,
}: {
  body: Body;
  chosen?: string | null;
  onChoose?: (area: string) => void;
  /** The corner of the chosen area is dragged: its new width and height as shares of the frame. */
  onSize?: (area: string, width: number, height: number) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const width = 300;
  const height = (width * body.sensor_height_mm) / body.sensor_width_mm;
  const points = body.points;
  const shapes = Object.entries(body.areas)
    .map(([name, area]) => ({
      name: name as Area,
      w: Math.min(area.width, points?.width ?? 1) * width,
      h: Math.min(area.height, points?.height ?? 1) * height,
    }))
    .sort((a, b) => b.w * b.h - a.w * a.h);
  const centred = (w: number, h: number) => ({
    x: (width - w) / 2,
    y: (height - h) / 2,
    width: w,
    height: h,
  });
  const lit = shapes.find((shape) => shape.name === chosen);
  // What the handle does, as of the latest drawing: a drag outlives many of them.
  const latest = useRef({ lit, onSize });
  latest.current = { lit, onSize };
  function hold(event: PointerEvent) {
    event.preventDefault();
    const follow = (e: globalThis.PointerEvent) => {
      const box = svg.current?.getBoundingClientRect();
      const { lit: shape, onSize: resize } = latest.current;
      if (!box || !shape || !resize) return;
      const share = (at: number, from: number, length: number) =>
        Math.min(1, Math.max(0.01, Number((2 * Math.abs((at - from) / length - 0.5)).toFixed(3))));
      resize(shape.name, share(e.clientX, box.left, box.width), share(e.clientY, box.top, box.height));
    };
    const letGo = () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerup', letGo);
      window.removeEventListener('pointercancel', letGo);
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerup', letGo);
    window.addEventListener('pointercancel', letGo);
  }
  const said = t('frame-sketch.areas', {
    shapes: shapes.length,
    isChosen: chosen ? 'yes' : 'no',
    chosen: label('area', chosen),
  });
  return (
    <svg
      ref={svg}
      className="frame-sketch"
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      role="img"
      aria-label={t('frame-sketch.the-frame-with-its', { said })}
    >
      <rect width={width} height={height} rx="3" className="sketch-ground" />
      {points && (
        <>
          <rect {...centred(points.width * width, points.height * height)} className="sketch-reach" />
          <rect
            {...centred(points.two_way_width * width, points.two_way_height * height)}
            className="sketch-two-way"
          />
          <rect
            {...centred(points.star_width * width, points.star_height * height)}
            className="sketch-star"
          />
        </>
      )}
      {shapes.map((shape) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the list beside it does the same by keyboard
        <rect
          key={shape.name}
          {...centred(shape.w, shape.h)}
          rx={Math.min(shape.w, shape.h) * 0.14}
          className={shape.name === chosen ? 'sketch-area chosen' : 'sketch-area'}
          onClick={onChoose ? () => onChoose(shape.name) : undefined}
        />
      ))}
      {lit && onSize && (
        <circle
          className="sketch-handle"
          cx={(width + lit.w) / 2}
          cy={(height + lit.h) / 2}
          r="6"
          onPointerDown={hold}
        />
      )}
    </svg>
  );
}
