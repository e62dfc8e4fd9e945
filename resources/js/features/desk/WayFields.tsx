import { Button, Checkbox, Segmented } from 'antd';
import type { Plan, Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { RemovableRow } from '../../ui/RemovableRow';
import { FindSpeed } from './FindSpeed';
import { PlanMap } from './PlanMap';
import { SpeedSketch } from './SpeedSketch';
import { cornerMore, reshaped, type Shape, shapeOf } from './way';

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
};

function problemIn(refused: Refusal | null) {
  return (...fields: string[]) =>
    refused?.field && fields.some((f) => refused.field?.startsWith(f)) ? refused.message : null;
}

/** Where it comes from, drawn and typed: what one asks first. */
export function PathBasics({ rush, plan, refused, onChange, onRush, onSettle }: Props) {
  const { path, subject } = rush;
  const shape = shapeOf(path);
  const problem = problemIn(refused);
  return (
    <>
      <PlanMap rush={rush} plan={plan} onChange={onChange} onRush={onRush} onSettle={onSettle} />
      <div className="fields three">
        <NumberField
          label={t('way-fields.distance')}
          quantity="length"
          value={path.start_m}
          problem={problem('path.start_m')}
          onChange={(v) => onChange('path', { start_m: v })}
        />
        <NumberField
          label={t('way-fields.speed')}
          quantity="speed"
          value={subject.speed_mps}
          problem={problem('subject.speed_mps')}
          onChange={(v) => onChange('subject', { speed_mps: v })}
        />
        {shape !== 'corners' && (
          <NumberField
            label={shape === 'bend' ? t('way-fields.heading-at-first') : t('way-fields.heading')}
            quantity="angle"
            hint={t('way-fields.0-straight-at-the')}
            value={path.heading_deg}
            problem={problem('path.heading_deg')}
            onChange={(v) => onChange('path', { heading_deg: v })}
          />
        )}
      </div>
    </>
  );
}

/** The rest of its path: its shape, how long, climbing, with its changes of speed. */
export function PathMore({ rush, plan, refused, onChange }: Props) {
  const { path, subject } = rush;
  const shape = shapeOf(path);
  const samples = plan?.lane.samples ?? [];
  const problem = problemIn(refused);
  const setPath = (fields: Partial<Rush['path']>, merge?: string) => onChange('path', fields, merge);

  return (
    <>
      <Segmented
        block
        size="small"
        aria-label={t('way-fields.path-shape')}
        value={shape}
        options={[
          { value: 'straight', label: t('way-fields.straight') },
          { value: 'bend', label: t('way-fields.bend') },
          { value: 'corners', label: t('way-fields.corners') },
        ]}
        onChange={(to: Shape) => setPath(reshaped(path, to, samples), `form ${to}`)}
      />
      <div className="fields">
        {shape === 'bend' && <Bend path={path} problem={problem} onSet={setPath} />}
        <NumberField
          label={t('way-fields.lasts')}
          quantity="time"
          value={path.seconds}
          problem={problem('path.seconds')}
          onChange={(v) => setPath({ seconds: v })}
        />
        <NumberField
          label={t('way-fields.climb')}
          quantity="angle"
          hint={t('way-fields.upward-from-level-90')}
          value={path.climb_deg}
          problem={problem('path.climb_deg')}
          onChange={(v) => setPath({ climb_deg: v })}
        />
        <NumberField
          label={t('way-fields.warning')}
          quantity="time"
          hint={t('way-fields.how-long-you-see')}
          value={path.notice_s}
          problem={problem('path.notice_s')}
          onChange={(v) => setPath({ notice_s: v })}
        />
        <FindSpeed
          subject={subject}
          onUse={(speed_mps) => onChange('subject', { speed_mps }, 'speed found')}
        />
      </div>
      <Checkbox checked={path.repeats} onChange={(event) => setPath({ repeats: event.target.checked })}>
        {t('way-fields.comes-the-same-way')}
      </Checkbox>

      {shape === 'corners' && <Corners path={path} problem={problem} onSet={setPath} />}
      <SpeedChanges rush={rush} samples={samples} problem={problem} onSet={setPath} />
    </>
  );
}

type Path = Rush['path'];

type PartProps = {
  path: Path;
  problem: ReturnType<typeof problemIn>;
  onSet: (fields: Partial<Path>, merge?: string) => void;
};

/** How tight it bends, and which way. */
function Bend({ path, problem, onSet }: PartProps) {
  return (
    <>
      <NumberField
        label={t('way-fields.radius')}
        quantity="length"
        value={Math.abs(path.bend_radius_m ?? 20)}
        problem={problem('path.bend_radius_m')}
        onChange={(v) => onSet({ bend_radius_m: v * Math.sign(path.bend_radius_m ?? 1) })}
      />
      <Choice
        label={t('way-fields.turns-to-its')}
        value={(path.bend_radius_m ?? 1) > 0 ? 'right' : 'left'}
        options={[
          { value: 'left', label: t('way-fields.left') },
          { value: 'right', label: t('way-fields.right') },
        ]}
        onChange={(to) =>
          onSet({ bend_radius_m: Math.abs(path.bend_radius_m ?? 20) * (to === 'left' ? -1 : 1) })
        }
      />
    </>
  );
}

/** Where it turns, one corner after the other. */
function Corners({ path, problem, onSet }: PartProps) {
  const corners = path.points;
  const setCorner = (i: number, fields: Partial<(typeof corners)[number]>) =>
    onSet({ points: corners.map((c, at) => (at === i ? { ...c, ...fields } : c)) }, `corner ${i}`);
  return (
    <section className="rows" aria-label={t('way-fields.corners')}>
      {corners.map((corner, i) => (
        <RemovableRow
          // biome-ignore lint/suspicious/noArrayIndexKey: corners are told apart by their order alone
          key={i}
          what={t('way-fields.corner', { i: i + 1 })}
          needed={corners.length === 1}
          onRemove={() => onSet({ points: corners.filter((_, at) => at !== i) }, 'corner away')}
        >
          <NumberField
            label={t('way-fields.corner-across', { i: i + 1 })}
            quantity="length"
            value={corner.across_m}
            problem={problem('path.points.across_m', `path.points[${i}].across_m`)}
            onChange={(v) => setCorner(i, { across_m: v })}
          />
          <NumberField
            label={t('way-fields.away')}
            quantity="length"
            value={corner.away_m}
            problem={problem('path.points.away_m', `path.points[${i}].away_m`)}
            onChange={(v) => setCorner(i, { away_m: v })}
          />
        </RemovableRow>
      ))}
      <Button
        size="small"
        disabled={corners.length >= 12}
        onClick={() => onSet(cornerMore(path), `corner ${corners.length}`)}
      >
        {t('way-fields.add-a-corner')}
      </Button>
    </section>
  );
}

/** A change after the last one, to half of what it goes at then. */
function oneMoreChange({ speed_changes: changes, seconds }: Path, speed: number): Path['speed_changes'] {
  const last = changes.at(-1);
  const after = last ? last.at_s + last.over_s : 0;
  return [
    ...changes,
    {
      at_s: Number((after + Math.max(0, seconds - after) * 0.4).toFixed(2)),
      to_mps: Number(((last?.to_mps ?? speed) / 2).toFixed(1)),
      over_s: 0.5,
    },
  ];
}

type SpeedProps = Omit<PartProps, 'path'> & { rush: Rush; samples: Plan['lane']['samples'] };

/** Where it brakes or speeds up. */
function SpeedChanges({ rush: { path, subject }, samples, problem, onSet }: SpeedProps) {
  const changes = path.speed_changes;
  const setChange = (i: number, fields: Partial<(typeof changes)[number]>) =>
    onSet(
      { speed_changes: changes.map((c, at) => (at === i ? { ...c, ...fields } : c)) },
      `speed change ${i}${Object.keys(fields)}`,
    );
  return (
    <section className="rows" aria-label={t('way-fields.changes-of-speed')}>
      {changes.length > 0 && <SpeedSketch samples={samples} changes={changes} />}
      {changes.map((change, i) => (
        <RemovableRow
          // biome-ignore lint/suspicious/noArrayIndexKey: changes are told apart by their order alone
          key={i}
          what={t('way-fields.change-of-speed', { i: i + 1 })}
          onRemove={() => onSet({ speed_changes: changes.filter((_, at) => at !== i) }, 'speed change away')}
        >
          <NumberField
            label={t('way-fields.from')}
            quantity="time"
            value={change.at_s}
            problem={problem('path.speed_changes.at_s', `path.speed_changes[${i}].at_s`)}
            onChange={(v) => setChange(i, { at_s: v })}
          />
          <NumberField
            label={t('way-fields.goes-to')}
            quantity="speed"
            value={change.to_mps}
            problem={problem('path.speed_changes.to_mps', `path.speed_changes[${i}].to_mps`)}
            onChange={(v) => setChange(i, { to_mps: v })}
          />
          <NumberField
            label={t('way-fields.within')}
            quantity="time"
            value={change.over_s}
            problem={problem('path.speed_changes.over_s', `path.speed_changes[${i}].over_s`)}
            onChange={(v) => setChange(i, { over_s: v })}
          />
        </RemovableRow>
      ))}
      <Button
        size="small"
        disabled={changes.length >= 8}
        onClick={() =>
          onSet({ speed_changes: oneMoreChange(path, subject.speed_mps) }, `speed change ${changes.length}`)
        }
      >
        {changes.length === 0 ? t('way-fields.it-brakes-or-speeds') : t('way-fields.another-change-of-speed')}
      </Button>
    </section>
  );
}
