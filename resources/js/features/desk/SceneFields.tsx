import { Button, Select } from 'antd';
import type { Plan, Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { options } from '../../lang/labels';
import { Choice } from '../../ui/Choice';
import { Fold } from '../../ui/Fold';
import { NumberField } from '../../ui/NumberField';
import { RemovableRow } from '../../ui/RemovableRow';
import { ShareField } from '../../ui/ShareField';

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
};

type Scene = NonNullable<Rush['scene']>;

/** What the server says of a field. */
const problemIn = (refused: Refusal | null) => (field: string) =>
  refused?.field === field ? refused.message : null;

/** What stands in front and behind, who else must be sharp, and the air between. */
export function SceneFields({ rush, plan, refused, onChange, onRush }: Props) {
  const scene = rush.scene as Scene;
  const set = (fields: Partial<Scene>) => onChange('scene', fields);
  return (
    <>
      <FrontAndBack scene={scene} refused={refused} onSet={set} />
      <Companions rush={rush} refused={refused} onRush={onRush} />
      <AirAndGround scene={scene} plan={plan} refused={refused} onSet={set} />
    </>
  );
}

type PartProps = { scene: Scene; refused: Refusal | null; onSet: (fields: Partial<Scene>) => void };

function FrontAndBack({ scene, refused, onSet: set }: PartProps) {
  const problem = problemIn(refused);
  const cluttered = scene.front_clutter > 0;
  const crossed = scene.obstacles_per_s > 0;
  return (
    <>
      <ShareField
        label={t('scene-fields.clutter-in-front')}
        value={scene.front_clutter}
        low={t('scene-fields.clear')}
        high={t('scene-fields.hidden')}
        onChange={(v) => set({ front_clutter: v })}
      />
      {(cluttered || crossed) && (
        <ShareField
          label={t('scene-fields.where-that-is')}
          value={scene.front_ratio}
          low={t('scene-fields.near-you')}
          high={t('scene-fields.just-before-it')}
          onChange={(v) => set({ front_ratio: Math.max(0.05, Math.min(0.95, v)) })}
        />
      )}
      <div className="fields">
        <NumberField
          label={t('scene-fields.crossings')}
          quantity="rate"
          hint={t('scene-fields.how-often-something-passes')}
          value={scene.obstacles_per_s}
          problem={problem('scene.obstacles_per_s')}
          onChange={(v) => set({ obstacles_per_s: v })}
        />
        {crossed && (
          <NumberField
            label={t('scene-fields.each-hides-it-for')}
            quantity="time"
            value={scene.obstacle_s}
            problem={problem('scene.obstacle_s')}
            onChange={(v) => set({ obstacle_s: v })}
          />
        )}
        <NumberField
          label={t('scene-fields.background-at')}
          quantity="length"
          value={scene.background_m}
          problem={problem('scene.background_m')}
          onChange={(v) => set({ background_m: v })}
        />
      </div>
      <ShareField
        label={t('scene-fields.detail-behind')}
        value={scene.background_texture}
        low={t('scene-fields.plain-sky')}
        high={t('scene-fields.busy')}
        onChange={(v) => set({ background_texture: v })}
      />
      <ShareField
        label={t('scene-fields.blends-into-background')}
        value={scene.background_alike}
        low={t('scene-fields.stands-out')}
        high={t('scene-fields.blends-in')}
        onChange={(v) => set({ background_alike: v })}
      />
      <ShareField
        label={t('scene-fields.wind')}
        value={scene.wind}
        low={t('scene-fields.calm')}
        high={t('scene-fields.all-moves')}
        onChange={(v) => set({ wind: v })}
      />
    </>
  );
}

/** Others who have to be sharp in the same frame. */
function Companions({ rush, refused, onRush }: Pick<Props, 'rush' | 'refused' | 'onRush'>) {
  const { group } = rush;
  const problem = problemIn(refused);
  const setOne = (i: number, fields: Partial<(typeof group)[number]>) =>
    onRush(
      { ...rush, group: group.map((one, at) => (at === i ? { ...one, ...fields } : one)) },
      `companion ${i}${Object.keys(fields)}`,
    );
  return (
    <Fold title={t('scene-fields.sharp-together-with-it')} open={group.length > 0}>
      {group.length === 0 && <p className="quiet">{t('scene-fields.others-who-have-to')}</p>}
      {group.length > 0 && <p className="quiet">{t('scene-fields.where-they-are-when')}</p>}
      <div className="rows">
        {group.map((one, i) => (
          <RemovableRow
            // biome-ignore lint/suspicious/noArrayIndexKey: companions are told apart by their order alone
            key={i}
            what={t('scene-fields.number', { i: i + 2 })}
            onRemove={() => onRush({ ...rush, group: group.filter((_, at) => at !== i) }, 'companion away')}
          >
            <NumberField
              label={t('scene-fields.number-at', { i: i + 2 })}
              quantity="length"
              value={one.distance_m}
              problem={problem(`group[${i}].distance_m`)}
              onChange={(v) => setOne(i, { distance_m: v })}
            />
            <NumberField
              label={t('scene-fields.to-the-right')}
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
          {group.length === 0 ? t('scene-fields.somebody-beside-it') : t('scene-fields.one-more')}
        </Button>
      </div>
    </Fold>
  );
}

function AirAndGround({ scene, plan, refused, onSet: set }: PartProps & { plan: Plan | undefined }) {
  const problem = problemIn(refused);
  return (
    <Fold title={t('scene-fields.air-and-ground')}>
      <div className="fields">
        <Choice
          label={t('scene-fields.between-you-and-it')}
          value={scene.surface}
          options={options('surface')}
          onChange={(v) => set({ surface: (v ?? 'grass') as NonNullable<typeof scene.surface> })}
        />
        <NumberField
          label={t('scene-fields.you-look-over-it')}
          quantity="length"
          hint={t('scene-fields.height-of-the-line')}
          value={scene.line_height_m}
          problem={problem('scene.line_height_m')}
          onChange={(v) => set({ line_height_m: v })}
        />
      </div>
      {plan && <p className="quiet">{plan.light.shimmer.sentence}</p>}
      <div className="stacked">
        <span>{t('scene-fields.hazards')}</span>
        <Select
          aria-label={t('scene-fields.hazards')}
          mode="multiple"
          className="wide"
          placeholder={t('scene-fields.nothing-in-particular')}
          options={options('hazard')}
          value={scene.hazards}
          onChange={(value) => set({ hazards: value })}
        />
      </div>
    </Fold>
  );
}
