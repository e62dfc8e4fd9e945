/** Where focus lies beside the subject, how it is streaked, and what stands before it, in a drawing 72 wide and 34 high. */
type Sketch = {
  /** Places where focus was, from the camera at 0 to the background at 1; the subject stands at 0.55. */
  focus?: number[];
  /** How long the streak is, and whether everything has it. */
  streak?: number;
  all?: boolean;
  /** How deep what is sharp is, if that is the point. */
  depth?: number;
  /** How far it has gone out of the frame. */
  out?: number;
  /** Specks over all of it. */
  specks?: boolean;
  /** Nothing is quite sharp anywhere. */
  veil?: boolean;
};

const SUBJECT = 0.55;

/** What each cause looks like from the side: camera, subject, and the plane that is sharp. */
const SKETCHES: Record<string, Sketch> = {
  'locked-once': { focus: [0.4] },
  background: { focus: [0.94] },
  'nearer-thing': { focus: [0.26] },
  'nearer-part': { focus: [0.49] },
  'jumps-off': { focus: [0.55, 0.9] },
  'lags-or-leads': { focus: [0.66] },
  nervous: { focus: [0.46, 0.55, 0.64] },
  'never-catches': { focus: [0.12] },
  shake: { focus: [SUBJECT], streak: 9, all: true },
  'subject-motion': { focus: [SUBJECT], streak: 14 },
  limbs: { focus: [SUBJECT], streak: 6 },
  air: { veil: true },
  'fine-tune': { focus: [0.61] },
  'lens-soft': { focus: [SUBJECT], veil: true },
  'outer-points': { focus: [0.6], out: 0.5 },
  leftover: { focus: [SUBJECT], streak: 3 },
  'too-little-depth': { focus: [0.53], depth: 0.03 },
  'out-of-frame': { focus: [SUBJECT], out: 1 },
  'too-soon': { focus: [0.2, 0.38] },
  noise: { focus: [SUBJECT], specks: true },
  diffraction: { focus: [SUBJECT], veil: true },
};

const WIDE = 72;
const HIGH = 34;
const across = (share: number) => 10 + (WIDE - 16) * share;

/** A cause as it looks from the side. */
export function CauseSketch({ cause }: { cause: string }) {
  const sketch = SKETCHES[cause];
  if (!sketch) return <span className="cause-sketch" />;
  const middle = HIGH / 2 + (sketch.out ?? 0) * 12;
  const x = across(SUBJECT);
  const depth = (sketch.depth ?? 0.07) * (WIDE - 16);
  return (
    <svg
      className="cause-sketch"
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      width={WIDE}
      height={HIGH}
      aria-hidden="true"
    >
      <path className="sketch-cone" d={`M6 ${HIGH / 2}L${WIDE} 3M6 ${HIGH / 2}L${WIDE} ${HIGH - 3}`} />
      <path className="sketch-camera" d={`M1 ${HIGH / 2 - 4}h5v8h-5Z`} />
      {(sketch.focus ?? []).map((at) => (
        <rect
          key={at}
          className="sketch-focus"
          x={across(at) - depth / 2}
          y={4 + (1 - at) * 8}
          width={depth}
          height={HIGH - 8 - (1 - at) * 16}
        />
      ))}
      {sketch.streak && (
        <path className="sketch-streak" d={`M${x - sketch.streak} ${middle}h${2 * sketch.streak}`} />
      )}
      {sketch.streak && sketch.all && (
        <path
          className="sketch-streak thin"
          d={`M${x - 20} 8h${2 * sketch.streak}M${x - 4} ${HIGH - 7}h${2 * sketch.streak}`}
        />
      )}
      <circle
        className={sketch.veil ? 'sketch-subject veiled' : 'sketch-subject'}
        cx={x}
        cy={middle}
        r="3.6"
      />
      {sketch.specks && (
        <path
          className="sketch-specks"
          d={`M${x - 14} 10h1M${x - 6} 6h1M${x + 5} 9h1M${x + 12} 15h1M${x - 10} 22h1M${x + 2} 26h1M${x + 10} 24h1M${x - 17} 17h1`}
        />
      )}
    </svg>
  );
}
