import './finder.css';
import { memo, useId, useMemo } from 'react';
import type { Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { label } from '../../lang/labels';
import { say, sayDepth, useUnits } from '../../lang/units';
import { aimOn, fitted, outlineOf, poseAt, usePoses } from '../../ui/Silhouette';
import { Loupe } from './Loupe';
import { passingAt, sampleAt, shotAt, stepAt } from './lane';

/** Blades of grass, leaves or people in front: the same ones each time, covering the share they are said to. */
function clutterBlades(share: number, width: number, height: number) {
  const blades: string[] = [];
  let seed = 7;
  const random = () => {
    seed = (seed * 16807) % 2147483647;
    return seed / 2147483647;
  };
  const count = Math.round(share * 46);
  for (let i = 0; i < count; i++) {
    const foot = ((i + random()) / count) * width;
    const lean = (random() - 0.5) * width * 0.16;
    const tall = height * (0.25 + 0.75 * random() * (0.5 + share / 2));
    const thick = width * (0.006 + 0.012 * random());
    const top = `${foot + lean},${height - tall}`;
    blades.push(
      `M${foot - thick},${height}Q${foot - thick + lean * 0.2},${height - tall * 0.6} ${top}Q${foot + thick + lean * 0.3},${height - tall * 0.5} ${foot + thick},${height}Z`,
    );
  }
  return blades.join('');
}

/** What grows behind: bushes about a metre high at the scale they have there, the same ones each time. */
function growthOf(mmPerM: number, width: number, horizon: number, height: number) {
  const size = Math.max(width * 0.006, Math.min(width * 0.12, mmPerM));
  let seed = 11;
  const random = () => {
    seed = (seed * 16807) % 2147483647;
    return seed / 2147483647;
  };
  const bushes: string[] = [];
  for (let i = 0; i < 70; i++) {
    const x = random() * width;
    const down = random() ** 1.6;
    const y = horizon + down * (height - horizon) * 0.95;
    const r = size * (0.35 + 0.6 * random()) * (0.8 + 0.5 * down);
    bushes.push(
      `M${(x - r).toFixed(2)},${y.toFixed(2)}a${r.toFixed(2)},${(r * 0.8).toFixed(2)} 0 0 1 ${(2 * r).toFixed(2)},0z`,
    );
  }
  return bushes.join('');
}

/** Points drawn as discs spread light as far as a Gauss of a quarter of their diameter does, mm for µm. */
const spreadMm = (discUm: number) => Math.min(6, discUm / 4000);

/** The edge of the area says what it has hold of in the run. */
const seenColour: Record<string, string> = {
  subject: 'var(--accent)',
  'a nearer part': 'var(--accent)',
  'the background': 'var(--warn)',
  'something nearer': 'var(--warn)',
};

/** What the finder shows at one moment, true to scale for this lens and distance. */
export const FinderFrame = memo(function FinderFrame({
  rush,
  plan,
  time,
}: {
  rush: Rush;
  plan: Plan;
  time: number;
}) {
  const units = useUnits();
  const id = useId();
  const [width, height] = plan.frame.sensor_mm as [number, number];
  const horizon = height * 0.66;
  const sample = sampleAt(plan, time);
  const figure = rush.subject.figure;
  const poses = usePoses(figure);
  const pose = poses && poseAt(poses, sample.across_mps, sample.closing_mps, time, plan.frame.poses_hz);
  const known = fitted(
    figure,
    rush.subject.length_m * sample.mm_per_m,
    rush.subject.height_m * sample.mm_per_m,
  );
  const [length, tall] = [known[0] * (pose?.of[0] ?? 1), known[1] * (pose?.of[1] ?? 1)];
  const aim = rush.subject.aim_size_m * sample.mm_per_m;
  const [atX, atY] = plan.frame.area.at as [number, number];
  const centre = { x: width * (0.5 + atX), y: height * (0.5 + atY) };
  const area = { w: plan.frame.area.width * width, h: plan.frame.area.height * height };
  // In a run that was played the aim wanders: the subject stands off the area by the miss.
  const step = plan.trace ? stepAt(plan.trace, time) : undefined;
  const spot = {
    x: centre.x - (step ? step.aim_x * width : 0),
    y: centre.y - (step ? step.aim_y * height : 0),
  };
  const focuses = !plan.lines.some((line) => line.setting === 'focus.area' && line.idle);
  const points = rush.kit.body.points;
  const passing = plan.trace && step?.hidden ? passingAt(plan.trace, time) : null;
  const facing = sample.across_mps < -0.05 ? -1 : 1;
  // What plunges is drawn plunging.
  const steep = Math.abs(sample.up_mps) > 1.5 * Math.abs(sample.across_mps) && !figure.endsWith('-diving');
  const pitch = steep ? (sample.up_mps > 0 ? -60 : 60) : 0;
  const anchor = aimOn(pose ?? {}, plan.best.hold.aim ?? 'body');
  const clutter = rush.scene.front_clutter;
  const growth = useMemo(
    () =>
      growthOf(
        (sample.mm_per_m * sample.distance_m) / Math.max(sample.distance_m, rush.scene.background_m),
        width,
        horizon,
        height,
      ),
    [sample.mm_per_m, sample.distance_m, rush.scene.background_m, width, horizon, height],
  );
  const blades = useMemo(() => clutterBlades(clutter, width, height), [clutter, width, height]);
  const discs = step?.discs ?? sample.discs;
  const shot = shotAt(plan, time);
  const field = [width / sample.mm_per_m, height / sample.mm_per_m] as const;
  // A round number of metres near a quarter of the field, to judge sizes by.
  const rough = field[0] / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  const bar = [5, 2, 1].map((n) => n * power).find((n) => n <= rough) ?? power;
  const describe = t('finder-frame.percent-of-the-frame', {
    name: rush.subject.name || t('finder-frame.subject'),
    length: Math.round((100 * length) / width),
    distanceM: say(sample.distance_m, 'length', units),
    area: plan.best.hold.focus?.area,
  });

  return (
    <figure className="finder">
      <div className="finder-picture">
        <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={describe} className="finder-view">
          <defs>
            <linearGradient id={`${id}-sky`} x1="0" y1="0" x2="0" y2="1">
              <stop offset="0" stopColor="var(--sky-high)" />
              <stop offset="1" stopColor="var(--sky-low)" />
            </linearGradient>
            {(['subject', 'background', 'front'] as const).map((what) => (
              <filter key={what} id={`${id}-${what}`} x="-40%" y="-40%" width="180%" height="180%">
                <feGaussianBlur stdDeviation={spreadMm(discs[`${what}_um`])} />
              </filter>
            ))}
            <mask id={`${id}-outside`}>
              <rect width={width} height={height} fill="#fff" />
              <rect
                x={centre.x - area.w / 2}
                y={centre.y - area.h / 2}
                width={area.w}
                height={area.h}
                rx={Math.min(area.w, area.h) * 0.18}
                fill="#000"
              />
            </mask>
          </defs>
          <rect width={width} height={height} fill={`url(#${id}-sky)`} />
          <path
            d={`M0,${horizon}C${width * 0.2},${horizon - 1} ${width * 0.35},${horizon + 1.2} ${width * 0.55},${horizon + 0.4}S${width * 0.85},${horizon - 1.2} ${width},${horizon + 0.6}V${height}H0Z`}
            fill="var(--land)"
            filter={`url(#${id}-background)`}
          />
          <path
            d={growth}
            fill="var(--growth)"
            filter={`url(#${id}-background)`}
            opacity={0.25 + 0.75 * rush.scene.background_texture}
          />
          <g
            transform={`translate(${spot.x} ${spot.y}) rotate(${pitch * facing}) scale(${facing} 1)`}
            filter={discs.subject_um > 4 ? `url(#${id}-subject)` : undefined}
          >
            <path
              d={pose?.path ?? outlineOf(figure)}
              transform={`translate(${-length * anchor[0]} ${-tall * anchor[1]}) scale(${length} ${tall})`}
              fill="var(--figure)"
              fillRule="nonzero"
            />
          </g>
          {clutter > 0 && (
            <path d={blades} fill="var(--clutter)" opacity="0.82" filter={`url(#${id}-front)`} />
          )}
          {passing !== null && (
            <g
              className="obstacle"
              transform={`translate(${width * (1.15 - 1.3 * passing)} 0)`}
              fill="var(--clutter)"
            >
              <path
                d={`M${-length * 0.45},${height}C${-length * 0.3},${height * 0.6} ${-length * 0.5},${height * 0.3} ${-length * 0.35},0H${length * 0.4}C${length * 0.3},${height * 0.4} ${length * 0.55},${height * 0.7} ${length * 0.45},${height}Z`}
                opacity="0.94"
                filter={`url(#${id}-front)`}
              />
            </g>
          )}
          {/* The area is the part of the view that stays lit; by hand there is none. */}
          {focuses && (
            <rect
              width={width}
              height={height}
              fill="var(--ground)"
              opacity="0.36"
              mask={`url(#${id}-outside)`}
              className="finder-dim"
            />
          )}
          {points && (
            <rect
              className="finder-points"
              x={(width * (1 - points.width)) / 2}
              y={(height * (1 - points.height)) / 2}
              width={width * points.width}
              height={height * points.height}
              fill="none"
              stroke="var(--quiet)"
              strokeWidth={width * 0.002}
            />
          )}
          {step && focuses && (
            <rect
              className="finder-sees"
              x={centre.x - area.w / 2}
              y={centre.y - area.h / 2}
              width={area.w}
              height={area.h}
              rx={Math.min(area.w, area.h) * 0.18}
              fill={step.seen === 'something nearer' ? 'var(--warn)' : 'none'}
              fillOpacity="0.22"
              stroke={seenColour[step.seen] ?? 'none'}
              strokeWidth={width * 0.004}
            />
          )}
          <circle
            cx={centre.x}
            cy={centre.y}
            r={2 * plan.frame.wander * width}
            fill="none"
            stroke="var(--accent)"
            strokeWidth={width * 0.0035}
            strokeDasharray={`0 ${width * 0.014}`}
            strokeLinecap="round"
          />
          <path
            d={`M${spot.x - aim / 2},${spot.y}h${aim}M${spot.x},${spot.y - aim / 2}v${aim}`}
            stroke="var(--accent)"
            strokeWidth={width * 0.004}
            strokeLinecap="round"
          />
          <g transform={`translate(${width * 0.03} ${height * 0.955})`}>
            <path
              d={`M0,${-height * 0.012}v${height * 0.024}M0,0h${bar * sample.mm_per_m}m0,${-height * 0.012}v${height * 0.024}`}
              stroke="var(--text)"
              strokeWidth={width * 0.0028}
            />
            <text
              x={bar * sample.mm_per_m + width * 0.015}
              y={height * 0.012}
              fontSize={height * 0.042}
              fill="var(--text)"
            >
              {sayDepth(bar, units)}
            </text>
          </g>
        </svg>
        {shot && (
          <Loupe
            blurUm={shot.blur}
            pitchUm={(1000 * width) / rush.kit.body.pixels_wide}
            aimPx={(aim / width) * rush.kit.body.pixels_wide}
            kept={shot.kept}
            isEye={['eye', 'head'].includes(plan.best.hold.aim ?? '')}
          />
        )}
      </div>
      <figcaption className="finder-facts">
        <dl>
          <dt>{t('finder-frame.distance')}</dt>
          <dd>{say(step?.distance_m ?? sample.distance_m, 'length', units)}</dd>
          <dt>{sample.closing_mps >= 0 ? t('finder-frame.closing') : t('finder-frame.leaving')}</dt>
          <dd>{say(Math.abs(sample.closing_mps), 'speed', units)}</dd>
          <dt>{t('finder-frame.depth-of-field')}</dt>
          <dd>{sayDepth(sample.far_m === null ? null : sample.far_m - sample.near_m, units)}</dd>
          <dt>{t('finder-frame.frame-covers')}</dt>
          <dd>
            {sayDepth(field[0], units)} <span className="quiet">{t('finder-frame.wide')}</span>
          </dd>
          <dt>{t('finder-frame.subject-fills')}</dt>
          <dd>
            {Math.round((100 * rush.subject.length_m * sample.mm_per_m) / width)} ×{' '}
            {Math.round((100 * rush.subject.height_m * sample.mm_per_m) / height)}%
          </dd>
          <dt>{step && focuses ? t('finder-frame.the-area-sees') : t('finder-frame.aim-point')}</dt>
          <dd>
            {step && focuses
              ? label('seen', step.seen)
              : t('finder-frame.px', { aim: Math.round((aim / width) * rush.kit.body.pixels_wide) })}
          </dd>
        </dl>
        <p className="quiet">
          {t('finder-frame.dotted-how-far-your', {
            isFocuses: focuses ? 'yes' : 'no',
            isPoints: points ? 'yes' : 'no',
          })}
        </p>
      </figcaption>
    </figure>
  );
});
