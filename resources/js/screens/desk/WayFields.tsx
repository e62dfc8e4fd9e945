import { Button, Checkbox, Segmented } from 'antd';
import type { Plan, Refusal, Rush } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { NumberField } from '../../parts/NumberField';
import { RemovableRow } from '../../parts/RemovableRow';
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
          label="Distance"
          quantity="length"
          value={path.start_m}
          problem={problem('path.start_m')}
          onChange={(v) => onChange('path', { start_m: v })}
        />
        <NumberField
          label="Speed"
          quantity="speed"
          value={subject.speed_mps}
          problem={problem('subject.speed_mps')}
          onChange={(v) => onChange('subject', { speed_mps: v })}
        />
        {shape !== 'corners' && (
          <NumberField
            label={shape === 'bend' ? 'Heading at first' : 'Heading'}
            quantity="angle"
            hint="0 straight at the camera, 90 across to the right, 180 away"
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
  const corners = path.points;
  const changes = path.speed_changes;
  const samples = plan?.lane.samples ?? [];
  const problem = problemIn(refused);
  const setPath = (fields: Partial<Rush['path']>, merge?: string) => onChange('path', fields, merge);
  const setCorner = (i: number, fields: Partial<(typeof corners)[number]>) =>
    setPath({ points: corners.map((c, at) => (at === i ? { ...c, ...fields } : c)) }, `corner ${i}`);
  const setChange = (i: number, fields: Partial<(typeof changes)[number]>) =>
    setPath(
      { speed_changes: changes.map((c, at) => (at === i ? { ...c, ...fields } : c)) },
      `speed change ${i}${Object.keys(fields)}`,
    );

  return (
    <>
      <Segmented
        block
        size="small"
        aria-label="Path shape"
        value={shape}
        options={[
          { value: 'straight', label: 'Straight' },
          { value: 'bend', label: 'Bend' },
          { value: 'corners', label: 'Corners' },
        ]}
        onChange={(to: Shape) => setPath(reshaped(path, to, samples), `form ${to}`)}
      />
      <div className="fields">
        {shape === 'bend' && (
          <>
            <NumberField
              label="Radius"
              quantity="length"
              value={Math.abs(path.bend_radius_m ?? 20)}
              problem={problem('path.bend_radius_m')}
              onChange={(v) => setPath({ bend_radius_m: v * Math.sign(path.bend_radius_m ?? 1) })}
            />
            <Choice
              label="Turns to its"
              value={(path.bend_radius_m ?? 1) > 0 ? 'right' : 'left'}
              options={[
                { value: 'left', label: 'Left' },
                { value: 'right', label: 'Right' },
              ]}
              onChange={(to) =>
                setPath({ bend_radius_m: Math.abs(path.bend_radius_m ?? 20) * (to === 'left' ? -1 : 1) })
              }
            />
          </>
        )}
        <NumberField
          label="Lasts"
          quantity="time"
          value={path.seconds}
          problem={problem('path.seconds')}
          onChange={(v) => setPath({ seconds: v })}
        />
        <NumberField
          label="Climb"
          quantity="angle"
          hint="Upward from level; 90 straight up, −90 straight down"
          value={path.climb_deg}
          problem={problem('path.climb_deg')}
          onChange={(v) => setPath({ climb_deg: v })}
        />
        <NumberField
          label="Warning"
          quantity="time"
          hint="How long you see it coming before the first frame"
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
        Comes the same way again and again
      </Checkbox>

      {shape === 'corners' && (
        <section className="rows" aria-label="Corners">
          {corners.map((corner, i) => (
            <RemovableRow
              // biome-ignore lint/suspicious/noArrayIndexKey: corners are told apart by their order alone
              key={i}
              what={`corner ${i + 1}`}
              needed={corners.length === 1}
              onRemove={() => setPath({ points: corners.filter((_, at) => at !== i) }, 'corner away')}
            >
              <NumberField
                label={`Corner ${i + 1}, across`}
                quantity="length"
                value={corner.across_m}
                problem={problem('path.points.across_m', `path.points[${i}].across_m`)}
                onChange={(v) => setCorner(i, { across_m: v })}
              />
              <NumberField
                label="Away"
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
            onClick={() => setPath(cornerMore(path), `corner ${corners.length}`)}
          >
            Add a corner
          </Button>
        </section>
      )}

      <section className="rows" aria-label="Changes of speed">
        {changes.length > 0 && <SpeedSketch samples={samples} changes={changes} />}
        {changes.map((change, i) => (
          <RemovableRow
            // biome-ignore lint/suspicious/noArrayIndexKey: changes are told apart by their order alone
            key={i}
            what={`change of speed ${i + 1}`}
            onRemove={() =>
              setPath({ speed_changes: changes.filter((_, at) => at !== i) }, 'speed change away')
            }
          >
            <NumberField
              label="From"
              quantity="time"
              value={change.at_s}
              problem={problem('path.speed_changes.at_s', `path.speed_changes[${i}].at_s`)}
              onChange={(v) => setChange(i, { at_s: v })}
            />
            <NumberField
              label="goes to"
              quantity="speed"
              value={change.to_mps}
              problem={problem('path.speed_changes.to_mps', `path.speed_changes[${i}].to_mps`)}
              onChange={(v) => setChange(i, { to_mps: v })}
            />
            <NumberField
              label="within"
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
          onClick={() => {
            const last = changes.at(-1);
            const after = last ? last.at_s + last.over_s : 0;
            const seconds = path.seconds;
            setPath(
              {
                speed_changes: [
                  ...changes,
                  {
                    at_s: Number((after + Math.max(0, seconds - after) * 0.4).toFixed(2)),
                    to_mps: Number(((last?.to_mps ?? subject.speed_mps) / 2).toFixed(1)),
                    over_s: 0.5,
                  },
                ],
              },
              `speed change ${changes.length}`,
            );
          }}
        >
          {changes.length === 0 ? 'It brakes or speeds up' : 'Another change of speed'}
        </Button>
      </section>
    </>
  );
}
