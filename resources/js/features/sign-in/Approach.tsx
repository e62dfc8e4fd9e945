/** What the product is about, in one drawing: a subject coming nearer, focus meeting it, frames kept and lost. */
export function Approach() {
  const beads = Array.from({ length: 17 }, (_, i) => {
    const t = i / 16;
    return { x: 60 + 560 * t, y: 120 + 420 * (1 - (1 - t) ** 1.9), r: 4 + 7 * t, kept: i > 2 && i !== 11 };
  });
  const along = beads.map((b) => `${b.x},${b.y}`).join(' ');
  const band = [
    ...beads.map((b) => `${b.x},${b.y - 34 + 24 * (b.x / 700)}`),
    ...[...beads].reverse().map((b) => `${b.x},${b.y + 34 - 24 * (b.x / 700)}`),
  ].join(' ');
  return (
    <div className="approach" aria-hidden="true">
      <svg aria-hidden="true" viewBox="0 0 680 640" preserveAspectRatio="xMidYMid slice">
        {[90, 180, 290, 420, 570].map((y) => (
          <line key={y} x1="0" x2="680" y1={y} y2={y} stroke="var(--hair)" />
        ))}
        <polygon points={band} fill="var(--band)" />
        <polyline points={along} fill="none" stroke="var(--subject)" strokeWidth="1.5" />
        {beads.map((b) => (
          <circle
            key={b.x}
            cx={b.x}
            cy={b.y}
            r={b.r}
            fill={b.kept ? 'var(--text)' : 'var(--ground)'}
            stroke="var(--text)"
            strokeWidth="1.6"
          />
        ))}
      </svg>
    </div>
  );
}
