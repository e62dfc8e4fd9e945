import type { RefObject } from 'react';
import { say, useUnits } from '../../parts/units';
import { type Ring, turnFor } from './ring';

const DISTANCES = [1, 1.5, 2, 3, 4, 5, 6, 7, 8, 10, 12, 15, 20, 25, 30, 40, 60, 100, 200];

/** The distances engraved on the ring, which move under a mark as it is turned. */
export function RingScale({
  ring,
  wide,
  group,
}: {
  ring: Ring | null;
  wide: number;
  group: RefObject<SVGGElement | null>;
}) {
  const units = useUnits();
  const said: { metres: number; x: number }[] = [];
  if (ring) {
    for (const metres of [...DISTANCES].reverse()) {
      const x = turnFor(ring, metres) * wide;
      const last = said.at(-1);
      if (metres >= ring.nearest_m && (!last || x - last.x > 62)) said.push({ metres, x });
    }
  }
  return (
    <svg viewBox="-300 0 600 64" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
      <g ref={group}>
        {Array.from({ length: wide / 12 + 1 }, (_, i) => i * 12).map((x) => (
          <line key={x} x1={x} x2={x} y1={64} y2={x % 60 === 0 ? 44 : 52} className="ring-tick" />
        ))}
        {ring && (
          <text x={-6} y={30} className="ring-figure">
            ∞
          </text>
        )}
        {said.map(({ metres, x }) => (
          <text key={metres} x={x} y={30} className="ring-figure">
            {say(metres, 'length', units)}
          </text>
        ))}
      </g>
      <path d="M0 0L7 10H-7Z" className="ring-mark" />
    </svg>
  );
}
