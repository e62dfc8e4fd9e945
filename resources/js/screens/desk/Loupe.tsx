import { useId } from 'react';

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
};

/** The part that has to be sharp as it comes out, a pixel of the picture to a pixel of the screen. */
export function Loupe({ blurUm, pitchUm, aimPx, kept }: Props) {
  const id = useId();
  const sigma = blurUm / pitchUm / SPREAD;
  const eye = Math.max(2, aimPx) / 2;
  const strands = Array.from({ length: 44 }, (_, i) => {
    const angle = (i / 44) * 2 * Math.PI + (i % 3) * 0.05;
    const from = eye * 1.12 + 2;
    const to = from + 10 + ((i * 7) % 5) * 9;
    return `M${(Math.cos(angle) * from).toFixed(1)},${(Math.sin(angle) * from).toFixed(1)}L${(Math.cos(angle + 0.12) * to).toFixed(1)},${(Math.sin(angle + 0.12) * to).toFixed(1)}`;
  }).join('');
  return (
    <div className="loupe">
      <svg
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={`At 100 per cent: ${Math.round(blurUm)} µm of blur, ${(blurUm / pitchUm).toFixed(1)} pixels${kept ? '' : ', soft'}.`}
      >
        <defs>
          <clipPath id={`${id}-round`}>
            <circle r={SIZE / 2 - 1} />
          </clipPath>
          <filter id={`${id}-blur`} x="-50%" y="-50%" width="200%" height="200%">
            <feGaussianBlur stdDeviation={Math.min(40, sigma)} />
          </filter>
        </defs>
        <g clipPath={`url(#${id}-round)`}>
          <g filter={sigma > 0.2 ? `url(#${id}-blur)` : undefined}>
            <rect x={-SIZE} y={-SIZE} width={2 * SIZE} height={2 * SIZE} fill="var(--plumage)" />
            <path d={strands} stroke="var(--strand)" strokeWidth="1.6" strokeLinecap="round" />
            <circle r={eye * 1.06} fill="var(--strand)" />
            <circle r={eye * 0.94} fill="var(--eye)" />
            <circle cx={-eye * 0.3} cy={-eye * 0.34} r={Math.max(0.8, eye * 0.16)} fill="var(--glint)" />
          </g>
        </g>
        <circle r={SIZE / 2 - 1} fill="none" stroke="var(--line)" strokeWidth="1.5" />
      </svg>
    </div>
  );
}
