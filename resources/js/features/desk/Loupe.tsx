import { useId } from 'react';
import { t } from '../../lang/desk';

const SIZE = 92;
/** A disc of this diameter spreads light as far as a Gauss of a quarter of it. */
const SPREAD = 4;

type Props = {
  /** Blur of the frame, µm on the sensor. */
  blurUm: number;
  /** Size of a pixel, µm. */
  pitchUm: number;
  /** Size of the part that counts, pixels. */
  aimPx: number;
  kept: boolean;
  /** Whether that part is an eye. */
  isEye: boolean;
};

/** An eye of this radius in pixels, with what grows around it. */
function Eye({ radius }: { radius: number }) {
  const strands = Array.from({ length: 44 }, (_, i) => {
    const angle = (i / 44) * 2 * Math.PI + (i % 3) * 0.05;
    const from = radius * 1.12 + 2;
    const to = from + 10 + ((i * 7) % 5) * 9;
    const at = (turn: number, r: number) =>
      `${(Math.cos(turn) * r).toFixed(1)},${(Math.sin(turn) * r).toFixed(1)}`;
    return `M${at(angle, from)}L${at(angle + 0.12, to)}`;
  }).join('');
  // Of an eye larger than what is shown, its edge.
  const aside = Math.max(0, radius - SIZE * 0.3);
  return (
    <g transform={`translate(${aside} ${aside * 0.25})`}>
      <path d={strands} stroke="var(--strand)" strokeWidth="1.6" strokeLinecap="round" />
      <circle r={radius * 1.06} fill="var(--strand)" />
      <circle r={radius * 0.94} fill="var(--eye)" />
      <circle cx={-radius * 0.5} cy={-radius * 0.5} r={Math.max(0.8, radius * 0.16)} fill="var(--glint)" />
    </g>
  );
}

/** Cloth, hide or plumage: a broad edge, a seam, and lines a few pixels apart. */
function Cloth() {
  const threads = Array.from({ length: 15 }, (_, i) => `M${-62 + i * 5},60L${-22 + i * 5},-60`).join('');
  return (
    <>
      <path d={threads} stroke="var(--strand)" strokeWidth="1.2" />
      <path d="M18,-60L-4,60H60V-60Z" fill="var(--eye)" />
      <path d="M26,-60L4,60" stroke="var(--glint)" strokeWidth="1.6" strokeDasharray="5 3" />
      <path d="M30,-18h16v8h-8v26h-8Z" fill="var(--glint)" />
    </>
  );
}

/** The part that has to be sharp as it comes out, a pixel of the picture to a pixel of the screen. */
export function Loupe({ blurUm, pitchUm, aimPx, kept, isEye }: Props) {
  const id = useId();
  const spread = blurUm / pitchUm / SPREAD;
  return (
    <div className="loupe">
      <svg
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={t('loupe.at-100-per-cent', {
          blurUm: Math.round(blurUm),
          blurUm2: (blurUm / pitchUm).toFixed(1),
          isKept: kept ? 'yes' : 'no',
        })}
      >
        <defs>
          <clipPath id={`${id}-round`}>
            <circle r={SIZE / 2 - 1} />
          </clipPath>
          <filter id={`${id}-blur`} x="-50%" y="-50%" width="200%" height="200%">
            <feGaussianBlur stdDeviation={Math.min(40, spread)} />
          </filter>
        </defs>
        <g clipPath={`url(#${id}-round)`}>
          <g filter={spread > 0.2 ? `url(#${id}-blur)` : undefined}>
            <rect x={-SIZE} y={-SIZE} width={2 * SIZE} height={2 * SIZE} fill="var(--plumage)" />
            {isEye ? <Eye radius={Math.max(2, aimPx) / 2} /> : <Cloth />}
          </g>
        </g>
        <circle r={SIZE / 2 - 1} fill="none" stroke="var(--line)" strokeWidth="1.5" />
      </svg>
    </div>
  );
}
