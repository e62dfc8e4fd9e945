import { Button, Select } from 'antd';
import type { Plan, Refusal, Rush } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { Fold } from '../../parts/Fold';
import { NumberField } from '../../parts/NumberField';
import { RemovableRow } from '../../parts/RemovableRow';
import { ShareField } from '../../parts/ShareField';
import { options } from '../../parts/words';

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
};

/** What stands in front and behind, who else must be sharp, and the air between. */
export function SceneFields({ rush, plan, refused, onChange, onRush }: Props) {
  const scene = rush.scene as NonNullable<Rush['scene']>;
  const group = rush.group;
  const problem = (field: string) => (refused?.field === field ? refused.message : null);
  const set = (fields: Partial<typeof scene>) => onChange('scene', fields);
  const cluttered = scene.front_clutter > 0;
  const crossed = scene.obstacles_per_s > 0;
  const setOne = (i: number, fields: Partial<(typeof group)[number]>) =>
    onRush(
      { ...rush, group: group.map((one, at) => (at === i ? { ...one, ...fields } : one)) },
      `companion ${i}${Object.keys(fields)}`,
    );

  return (
    <>
      <ShareField
        label="Clutter in front"
        value={scene.front_clutter}
        low="clear"
        high="hidden"
        onChange={(v) => set({ front_clutter: v })}
      />
      {(cluttered || crossed) && (
        <ShareField
          label="Where that is"
          value={scene.front_ratio}
          low="near you"
          high="just before it"
          onChange={(v) => set({ front_ratio: Math.max(0.05, Math.min(0.95, v)) })}
        />
      )}
      <div className="fields">
        <NumberField
          label="Crossings"
          quantity="rate"
          hint="How often something passes in front: players, posts, other birds"
          value={scene.obstacles_per_s}
          problem={problem('scene.obstacles_per_s')}
          onChange={(v) => set({ obstacles_per_s: v })}
        />
        {crossed && (
          <NumberField
            label="Each hides it for"
            quantity="time"
            value={scene.obstacle_s}
            problem={problem('scene.obstacle_s')}
            onChange={(v) => set({ obstacle_s: v })}
          />
        )}
        <NumberField
          label="Background at"
          quantity="length"
          value={scene.background_m}
          problem={problem('scene.background_m')}
          onChange={(v) => set({ background_m: v })}
        />
      </div>
      <ShareField
        label="Detail behind"
        value={scene.background_texture}
        low="plain sky"
        high="busy"
        onChange={(v) => set({ background_texture: v })}
      />
      <ShareField
        label="Blends into background"
        value={scene.background_alike}
        low="stands out"
        high="blends in"
        onChange={(v) => set({ background_alike: v })}
      />
      <ShareField
        label="Wind"
        value={scene.wind}
        low="calm"
        high="all moves"
        onChange={(v) => set({ wind: v })}
      />

      <Fold title="Sharp together with it" open={group.length > 0}>
        {group.length === 0 && (
          <p className="quiet">Others who have to be sharp in the same frame: a pair, a line of riders.</p>
        )}
        {group.length > 0 && <p className="quiet">Where they are when the rush starts; they go with it.</p>}
        <div className="rows">
          {group.map((one, i) => (
            <RemovableRow
              // biome-ignore lint/suspicious/noArrayIndexKey: companions are told apart by their order alone
              key={i}
              what={`number ${i + 2}`}
              onRemove={() => onRush({ ...rush, group: group.filter((_, at) => at !== i) }, 'companion away')}
            >
              <NumberField
                label={`Number ${i + 2} at`}
                quantity="length"
                value={one.distance_m}
                problem={problem(`group[${i}].distance_m`)}
                onChange={(v) => setOne(i, { distance_m: v })}
              />
              <NumberField
                label="To the right"
                quantity="length"
                value={one.across_m}
                problem={problem(`group[${i}].across_m`)}
                onChange={(v) => setOne(i, { across_m: v })}
              />
            </RemovableRow>
          ))}
          <Button
            size="small"
            disabled={group.length >= 8}
            onClick={() => {
              const at = Number((group.at(-1)?.distance_m ?? rush.path.start_m).toFixed(1));
              onRush(
                { ...rush, group: [...group, { distance_m: at, across_m: (group.length + 1) * 0.5 }] },
                `companion ${group.length}`,
              );
            }}
          >
            {group.length === 0 ? 'Somebody beside it' : 'One more'}
          </Button>
        </div>
      </Fold>

      <Fold title="Air and ground">
        <div className="fields">
          <Choice
            label="Between you and it"
            value={scene.surface}
            options={options('surface')}
            onChange={(v) => set({ surface: (v ?? 'grass') as NonNullable<typeof scene.surface> })}
          />
          <NumberField
            label="You look over it at"
            quantity="length"
            hint="Height of the line of sight above that ground"
            value={scene.line_height_m}
            problem={problem('scene.line_height_m')}
            onChange={(v) => set({ line_height_m: v })}
          />
        </div>
        {plan && <p className="quiet">{plan.light.shimmer.sentence}</p>}
        <div className="stacked">
          <span>Hazards</span>
          <Select
            aria-label="Hazards"
            mode="multiple"
            className="wide"
            placeholder="Nothing in particular"
            options={options('hazard')}
            value={scene.hazards}
            onChange={(value) => set({ hazards: value })}
          />
        </div>
      </Fold>
    </>
  );
}
