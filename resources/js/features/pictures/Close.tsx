import { type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Picture } from '../../api/pictures';
import { t } from '../../lang/pictures';
import type { Magnification, Offset } from './useCulling';

/** Of a piece, pixels of the screen. */
const SIDE = 720;

/** How often, and after how long, what did not come is asked for again. */
const TRIES = 8;
const AGAIN_MS = 1200;

const CENTRED: Offset = { x: 0, y: 0 };
const within = (share: number) => Math.max(-0.5, Math.min(0.5, share));

/** Address of the piece around what has to be sharp; null where the original is gone. */
export function pieceOf(picture: Picture, magnified: Magnification = 1, offset = CENTRED): string | null {
  const aim = picture.measured?.aim ?? { x: 0, y: 0 };
  const [x, y] = [
    within(aim.x + offset.x / (picture.wide ?? 3000)),
    within(aim.y + offset.y / (picture.high ?? 2000)),
  ];
  return picture.original
    ? `/api/pictures/${picture.id}/crop?x=${x.toFixed(4)}&y=${y.toFixed(4)}&side=${SIDE / magnified}`
    : null;
}

type Props = {
  picture: Picture;
  /** Without what was measured, for whoever is to judge by eye. */
  plain?: boolean;
  magnified?: Magnification;
  /** How far beside what has to be sharp it is shown; two that are side by side share it. */
  offset?: Offset;
  onOffset?: (offset: Offset) => void;
};

/** A frame close up around what has to be sharp, with its blur drawn large: a round one is focus, a long one a smear. */
export function Close({ picture, plain = false, magnified = 1, offset = CENTRED, onOffset }: Props) {
  const src = pieceOf(picture, magnified, offset);
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
  const { moved, ...drag } = useDrag(offset, magnified, onOffset);
  return (
    <figure {...drag} className={onOffset ? 'can-move' : undefined} onDoubleClick={() => onOffset?.(CENTRED)}>
      {src ? (
        <img
          key={tries}
          src={src}
          alt={`${picture.name}, ${100 * magnified}%`}
          draggable={false}
          data-there={there}
          onLoad={() => setThere(true)}
          onError={failed}
          style={{
            width: SIDE,
            opacity: there ? 1 : 0.3,
            transform: `translate(calc(-50% + ${moved.x}px), calc(-50% + ${moved.y}px))`,
            imageRendering: magnified > 1 ? 'pixelated' : undefined,
          }}
        />
      ) : (
        <p className="quiet close-gone">{t('close.the-original-was-deleted')}</p>
      )}
      {!there && src && <span className="close-waits quiet">{t('close.fetching-the-close-up')}</span>}
      {!plain && <Blur picture={picture} />}
      <figcaption className="picture-note">
        {picture.name} · {100 * magnified}%
      </figcaption>
    </figure>
  );
}

/** Dragging the piece shows what lies beside. */
function useDrag(offset: Offset, magnified: number, onOffset?: (offset: Offset) => void) {
  const [moved, setMoved] = useState(CENTRED);
  const from = useRef<Offset | null>(null);
  if (!onOffset) return { moved: CENTRED };
  const end = () => {
    if (!from.current) return;
    from.current = null;
    setMoved(CENTRED);
    if (moved.x !== 0 || moved.y !== 0)
      onOffset({ x: offset.x - moved.x / magnified, y: offset.y - moved.y / magnified });
  };
  return {
    moved,
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      from.current = { x: event.clientX, y: event.clientY };
      event.currentTarget.setPointerCapture?.(event.pointerId);
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      if (from.current) setMoved({ x: event.clientX - from.current.x, y: event.clientY - from.current.y });
    },
    onPointerUp: end,
    onPointerCancel: end,
  };
}

/** The blur of a point as an ellipse of its standard deviations, a pixel as up to eighteen. */
function Blur({ picture }: { picture: Picture }) {
  const m = picture.measured;
  if (m?.long_px == null || m.short_px == null) return null;
  const scale = Math.min(18, 38 / Math.max(1, m.long_px));
  // What may be kept: a round blur of that width has a quarter of it as standard deviation.
  const limit = (m.limit_px / 4) * scale;
  return (
    <svg
      viewBox="-42 -42 84 84"
      role="img"
      aria-label={t('close.blur-by-pixels', { longPx: m.long_px, shortPx: m.short_px })}
    >
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
