import type { RefObject } from 'react';
import { say, useUnits } from '../../lang/units';
import { type Ring, turnFor } from './ring';

const DISTANCES = [1, 1.5, 2, 3, 4, 5, 6, 7, 8, 10, 12, 15, 20, 25, 30, 40, 60, 100, 200];

/** The distances engraved on the ring, which move under a mark as it is turned. */
export function RingScale({
  ring,
  wide,
  sign,
  group,
}: {
  ring: Ring | null;
  /** The whole throw, in pixels. */
  wide: number;
  /** 1: nearer distances lie to the right; −1: to the left. It moves with the hand either way. */
  sign: number;
  group: RefObject<SVGGElement | null>;
}) {
  const units = useUnits();
  const said: { metres: number; x: number }[] = [];
  if (ring) {
    for (const metres of [...DISTANCES].reverse()) {
      const x = sign * turnFor(ring, metres) * wide;
      // The first stands clear of infinity, which is at nought.
      const last = said.at(-1)?.x ?? 0;
      if (metres >= ring.nearest_m && Math.abs(x - last) > (last === 0 ? 44 : 62)) said.push({ metres, x });
    }
  }
  return (
    <svg aria-hidden="true">
      <svg x="50%" overflow="visible" aria-hidden="true">
        <g ref={group}>
          {Array.from({ length: Math.floor(wide / 12) + 1 }, (_, i) => i * 12).map((x) => (
            <line
              key={x}
              x1={sign * x}
              x2={sign * x}
              y1={96}
              y2={x % 60 === 0 ? 70 : 80}
              className="ring-tick"
            />
          ))}
          {ring && (
            <text x={-6 * sign} y={50} className="ring-figure">
              ∞
            </text>
          )}
          {said.map(({ metres, x }) => (
            <text key={metres} x={x} y={50} className="ring-figure">
              {say(metres, 'length', units)}
            </text>
          ))}
        </g>
        <path d="M0 16L9 0H-9Z" className="ring-mark" />
      </svg>
    </svg>
  );
}
