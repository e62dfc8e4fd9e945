import type { SubjectProfile } from '../../api/client';
import { t } from '../../lang/subjects';
import { sayDepth, useUnits } from '../../lang/units';
import { fitted, outlineOf } from '../../ui/Silhouette';

const width = 520;
const height = 230;

/** A subject beside something everybody knows the size of, both at one scale, with its aim part. */
export function TrueScale({ profile }: { profile: SubjectProfile }) {
  const units = useUnits();
  const { length_m: long, height_m: tall, figure = 'plain', aim_size_m: aim = 0.04 } = profile.subject;
  // A grown-up for what is large, a hand for what is small.
  const person = Math.max(long, tall) > 0.7;
  const other = person ? 1.75 : 0.19;
  // Raised wings are higher than its body.
  const [longest, highest] = fitted(figure, long, tall);
  const scale = Math.min(
    (width - 150) / (longest + (person ? 0.6 : 0.12)),
    (height - 48) / Math.max(highest, other),
  );
  const ground = height - 24;
  const left = 60;
  const beside = left + longest * scale + 40;
  const bar = [10, 5, 2, 1, 0.5, 0.2, 0.1, 0.05, 0.02, 0.01].find((m) => m * scale <= 130) ?? 0.01;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="true-scale"
      role="img"
      aria-label={t('true-scale.long-and-high-beside', {
        name: profile.subject.name,
        long: sayDepth(long, units),
        tall: sayDepth(tall, units),
        isPerson: person ? 'yes' : 'no',
      })}
    >
      <line x1="0" x2={width} y1={ground} y2={ground} className="scale-ground" />
      <path
        d={outlineOf(figure)}
        transform={`translate(${left} ${ground - highest * scale}) scale(${longest * scale} ${highest * scale})`}
        fill="var(--figure)"
        fillRule="nonzero"
      />
      {person ? (
        <path
          className="scale-other"
          transform={`translate(${beside} ${ground - other * scale}) scale(${0.5 * scale} ${other * scale})`}
          d="M.5 0C.4 0 .34 .03 .34 .065C.34 .1 .38 .125 .43 .135L.42 .155C.3 .165 .18 .17 .14 .2L.04 .46C.03 .49 .12 .51 .15 .48L.25 .3L.28 .5C.28 .66 .26 .8 .27 .97C.27 .99 .25 1 .2 1L.44 1L.48 .6H.52L.56 1L.8 1C.75 1 .73 .99 .73 .97C.74 .8 .72 .66 .72 .5L.75 .3L.85 .48C.88 .51 .97 .49 .96 .46L.86 .2C.82 .17 .7 .165 .58 .155L.57 .135C.62 .125 .66 .1 .66 .065C.66 .03 .6 0 .5 0Z"
        />
      ) : (
        <path
          className="scale-other"
          transform={`translate(${beside} ${ground - other * scale}) scale(${0.11 * scale} ${other * scale})`}
          d="M.3 1L.28 .72L.02 .48L.1 .42L.3 .56L.24 .12L.34 .1L.42 .46L.44 .02L.55 .02L.57 .46L.68 .06L.78 .09L.72 .5L.88 .26L.97 .31L.82 .62L.76 .8L.76 1Z"
        />
      )}
      <path d={`M${left},${ground + 12}h${bar * scale}`} className="scale-bar" />
      <text x={left + bar * scale + 8} y={ground + 16}>
        {sayDepth(bar, units)}
      </text>
      <circle cx={width - 26} cy={22} r={Math.max(1.5, (aim * scale) / 2)} className="scale-aim" />
      <text x={width - 32 - Math.max(1.5, (aim * scale) / 2)} y={26} textAnchor="end">
        {t('true-scale.aim-point', { aim: sayDepth(aim, units) })}
      </text>
    </svg>
  );
}
