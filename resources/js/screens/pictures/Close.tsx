import { useEffect, useRef, useState } from 'react';
import type { Picture } from '../../api/pictures';

const SIDE = 720;
/** How often, and after how long, what did not come is asked for again. */
const TRIES = 8;
const AGAIN_MS = 1200;

/** Address of the piece around what has to be sharp; null where the original is gone. */
export function pieceOf(picture: Picture): string | null {
  const aim = picture.measured?.aim ?? { x: 0, y: 0 };
  return picture.original
    ? `/api/pictures/${picture.id}/crop?x=${aim.x.toFixed(4)}&y=${aim.y.toFixed(4)}&side=${SIDE}`
    : null;
}

/**
 * A frame pixel for pixel around what has to be sharp, with its blur drawn large: a round one is focus, a long one a smear.
 * Plain it is without, for whoever is to judge by eye.
 */
export function Close({ picture, plain = false }: { picture: Picture; plain?: boolean }) {
  const src = pieceOf(picture);
  const [there, setThere] = useState(false);
  // Pieces are made one at a time for one person: another one may still be on its way.
  const [tries, setTries] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another picture begins anew
  useEffect(() => {
    setThere(false);
    setTries(0);
  }, [src]);
  const again = useRef(0);
  useEffect(() => () => window.clearTimeout(again.current), []);
  const failed = () => {
    if (tries < TRIES) again.current = window.setTimeout(() => setTries(tries + 1), AGAIN_MS);
  };
  return (
    <figure>
      {src ? (
        <img
          key={tries}
          src={src}
          alt={`${picture.name}, pixel for pixel`}
          onLoad={() => setThere(true)}
          onError={failed}
          style={{ opacity: there ? 1 : 0.3 }}
        />
      ) : (
        <p className="quiet" style={{ padding: 16 }}>
          The original was deleted after it was measured.
        </p>
      )}
      {!plain && <Blur picture={picture} />}
      <figcaption className="picture-note">{picture.name} · 100 %</figcaption>
    </figure>
  );
}

/** The blur of a point as an ellipse of its standard deviations, a pixel as up to eighteen. */
function Blur({ picture }: { picture: Picture }) {
  const m = picture.measured;
  if (m?.long_px == null || m.short_px == null) return null;
  const scale = Math.min(18, 38 / Math.max(1, m.long_px));
  // What may be kept: a round blur of that width has a quarter of it as standard deviation.
  const limit = (m.limit_px / 4) * scale;
  return (
    <svg viewBox="-42 -42 84 84" role="img" aria-label={`Blur ${m.long_px} by ${m.short_px} pixels`}>
      <circle r={limit} fill="none" stroke="#f1ece3" strokeDasharray="3 3" strokeWidth="1" />
      <ellipse
        rx={Math.max(1.5, m.long_px * scale)}
        ry={Math.max(1.5, m.short_px * scale)}
        transform={`rotate(${-(m.angle_deg ?? 0)})`}
        fill={m.verdict === 'kept' ? '#f1ece3' : 'none'}
        stroke="#f1ece3"
        strokeWidth="2"
      />
    </svg>
  );
}
