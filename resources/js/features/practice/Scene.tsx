import type { ReactNode } from 'react';
import { outlineOf, within } from '../../ui/Silhouette';

type Props = { call: string };

/** A bird or a beast in the picture. */
function Figure({
  of,
  x,
  y,
  wide,
  high,
  faint,
}: {
  of: string;
  x: number;
  y: number;
  wide: number;
  high: number;
  faint?: boolean;
}) {
  const box = within(of, wide, high);
  return (
    <path
      d={outlineOf(of)}
      transform={`translate(${x + box.x} ${y + box.y}) scale(${box.wide} ${box.high})`}
      fill="var(--figure)"
      opacity={faint ? 0.35 : 1}
    />
  );
}

const stems = [34, 78, 120, 168, 214, 262, 300, 346];

/** What is drawn for each call. */
const drawings: Record<string, () => ReactNode> = {
  now: () => <circle cx="190" cy="92" r="34" fill="var(--figure)" />,
  off: () => (
    <>
      <path
        d="M60 150C120 140 160 110 214 84"
        fill="none"
        stroke="var(--figure)"
        strokeWidth="3"
        strokeDasharray="4 9"
      />
      <Figure of="flying-bird" x={212} y={36} wide={96} high={62} />
    </>
  ),
  leaves: () => (
    <>
      <Figure of="flying-bird" x={140} y={62} wide={100} high={66} />
      {stems.map((x, i) => (
        <path
          key={x}
          d={`M${x} 200C${x - 14} 140 ${x + 18} 90 ${x + 4} ${20 + 9 * (i % 3)}`}
          fill="none"
          stroke="var(--clutter)"
          strokeWidth={13 + 4 * (i % 2)}
        />
      ))}
    </>
  ),
  leader: () => (
    <>
      {[0, 1, 2, 3].map((i) => (
        <Figure key={i} of="flying-bird" x={20 + 44 * i} y={96 - 10 * (i % 2)} wide={52} high={34} faint />
      ))}
      <path
        d="M222 92C262 84 276 62 300 44"
        fill="none"
        stroke="var(--figure)"
        strokeWidth="3"
        strokeDasharray="4 9"
      />
      <Figure of="flying-bird" x={286} y={14} wide={78} high={50} />
    </>
  ),
  face: () => (
    <>
      <ellipse cx="190" cy="96" rx="62" ry="66" fill="var(--figure)" />
      <circle cx="166" cy="84" r="10" fill="var(--eye)" />
      <circle cx="214" cy="84" r="10" fill="var(--eye)" />
      <circle cx="169" cy="80" r="3" fill="var(--glint)" />
      <circle cx="217" cy="80" r="3" fill="var(--glint)" />
      <path d="M180 104H200L190 126Z" fill="var(--ground)" />
    </>
  ),
  settles: () => (
    <>
      <rect x="176" y="118" width="26" height="82" fill="var(--strand)" />
      <ellipse cx="190" cy="94" rx="42" ry="26" fill="var(--figure)" transform="rotate(-18 190 94)" />
      <circle cx="224" cy="72" r="15" fill="var(--figure)" />
    </>
  ),
  crosses: () => (
    <>
      <Figure of="flying-bird" x={170} y={40} wide={110} high={70} />
      <path d="M96 200V60C96 34 128 34 128 60V200Z" fill="var(--ground)" opacity="0.85" />
      <path d="M70 172H150" stroke="var(--figure)" strokeWidth="3" strokeDasharray="4 9" />
    </>
  ),
  sun: () => (
    <>
      <rect width="190" height="200" fill="var(--ground)" opacity="0.72" />
      <circle cx="322" cy="42" r="20" fill="var(--glint)" />
      <Figure of="flying-bird" x={168} y={70} wide={96} high={62} />
    </>
  ),
  side: () => (
    <>
      <path d="M8 98H84" stroke="var(--figure)" strokeWidth="3" strokeDasharray="4 9" />
      <Figure of="flying-bird" x={84} y={64} wide={96} high={62} />
      <path d="M380 20V180" stroke="var(--figure)" strokeWidth="2" />
    </>
  ),
  other: () => (
    <>
      <circle cx="140" cy="132" r="28" fill="none" stroke="var(--figure)" strokeWidth="7" />
      <circle cx="244" cy="132" r="28" fill="none" stroke="var(--figure)" strokeWidth="7" />
      <path d="M140 132L178 84L244 132M178 84L214 70" fill="none" stroke="var(--figure)" strokeWidth="7" />
      <circle cx="204" cy="46" r="14" fill="var(--figure)" />
    </>
  ),
  hunts: () => (
    <>
      <Figure of="flying-bird" x={128} y={60} wide={110} high={70} faint />
      <Figure of="flying-bird" x={148} y={66} wide={110} high={70} faint />
      <path
        d="M92 150H288M104 142L92 150L104 158M276 142L288 150L276 158"
        fill="none"
        stroke="var(--figure)"
        strokeWidth="3"
      />
    </>
  ),
  closer: () => (
    <>
      <rect x="178" y="84" width="24" height="116" fill="var(--strand)" />
      <circle cx="190" cy="90" r="52" fill="none" stroke="var(--figure)" strokeWidth="5" />
      <path d="M228 128L266 166" stroke="var(--figure)" strokeWidth="9" />
    </>
  ),
  both: () => (
    <>
      <Figure of="flying-bird" x={70} y={80} wide={110} high={70} />
      <Figure of="flying-bird" x={226} y={44} wide={64} high={42} />
    </>
  ),
};

/** A situation, drawn: it says the same as the words, at a glance. */
export function Scene({ call }: Props) {
  return (
    <svg className="scene" viewBox="0 0 380 200" aria-hidden="true">
      <rect width="380" height="200" fill="var(--sky-low)" />
      <path d="M0 150C90 138 180 160 380 140V200H0Z" fill="var(--land)" />
      {drawings[call]?.()}
    </svg>
  );
}
