import { App, Segmented, Select } from 'antd';
import { useMemo } from 'react';
import type { Lens, Plan, Refusal, Rush } from '../../api/client';
import { useFetchKit, useKit, useKitItem } from '../../api/kit';
import { NumberField } from '../../parts/NumberField';
import { finalUses, freezes, opennesses, Skills, supports } from '../../parts/person';
import { ShareField } from '../../parts/ShareField';
import type { Quantity } from '../../parts/units';
import { KitFields } from './KitFields';
import { LightFields } from './LightFields';
import { SceneFields } from './SceneFields';
import { WayFields } from './WayFields';

type Props = {
  rush: Rush;
  plan: Plan | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onSettle: () => void;
  onChooseLens: () => void;
};

/** The rush: who comes, on which way, through what, in what light, to whom. */
export function RushPanel({ rush, plan, refused, onChange, onRush, onSettle, onChooseLens }: Props) {
  const subjects = useKit('subjects');
  const options = useMemo(() => {
    const groups = new Map<string, { value: string; label: string }[]>();
    for (const s of subjects.data ?? []) {
      const group = s.outline.group ?? 'Own';
      groups.set(group, [...(groups.get(group) ?? []), { value: s.id, label: s.name }]);
    }
    return [...groups].map(([label, options]) => ({ label, options }));
  }, [subjects.data]);
  const current = subjects.data?.find((s) => s.name === rush.subject.name);
  const profile = useKitItem('subjects', current?.id).data?.document;
  const fetchKit = useFetchKit();
  const { message } = App.useApp();

  const problem = (field: string) => (refused?.field === field ? refused.message : null);
  const figure = (
    name: 'length_m' | 'height_m' | 'depth_m' | 'aim_size_m' | 'limb_speed_mps',
    label: string,
    quantity: Quantity,
    fallback = 0,
  ) => (
    <NumberField
      label={label}
      quantity={quantity}
      value={rush.subject[name] ?? fallback}
      problem={problem(`subject.${name}`)}
      onChange={(value) => onChange('subject', { [name]: value })}
    />
  );
  const person = (rush.photographer ?? {}) as NonNullable<Rush['photographer']>;
  const lens = (rush.kit?.lens ?? {}) as Lens;
  const isZoom = (lens.zoom?.length ?? 0) > 0;
  // What is changed here is no longer the lens of that name, but a zoom stays itself when it is zoomed.
  const setLens = (name: string, value: number) =>
    onChange(
      'kit',
      { lens: { ...lens, ...(isZoom && name === 'focal_mm' ? {} : { name: '' }), [name]: value } },
      `kit.lens.${name}`,
    );

  return (
    <aside className="rush" aria-label="Rush" onBlur={onSettle}>
      <div className="rush-subject">
        <Select
          aria-label="Subject"
          className="wide"
          showSearch
          optionFilterProp="label"
          placeholder="Choose a subject"
          loading={subjects.isPending}
          options={options}
          value={current?.id ?? (rush.subject.name ? rush.subject.name : null)}
          onChange={async (id) => {
            try {
              const { subject, hazards = [] } = (await fetchKit('subjects', id)).document;
              onRush(
                { ...rush, subject, scene: { ...rush.scene, hazards } as Rush['scene'] },
                `subject ${id}`,
              );
            } catch (error) {
              message.error((error as Error).message);
            }
          }}
        />
        {profile && <p className="quiet habit">{profile.habit}</p>}
      </div>

      <WayFields
        rush={rush}
        plan={plan}
        refused={refused}
        onChange={onChange}
        onRush={onRush}
        onSettle={onSettle}
      />

      <LightFields rush={rush} plan={plan} refused={refused} onChange={onChange} onRush={onRush} />

      <SceneFields rush={rush} plan={plan} refused={refused} onChange={onChange} onRush={onRush} />

      <details>
        <summary>You and your kit</summary>
        <Skills person={person} onChange={(fields) => onChange('photographer', fields)} />
        <div className="stacked">
          <span>Support</span>
          <Select
            aria-label="Support"
            className="wide"
            value={person.support ?? 'handheld'}
            options={supports}
            onChange={(value) => onChange('photographer', { support: value })}
          />
        </div>
        <KitFields rush={rush} onChange={onChange} onChooseLens={onChooseLens} />
        <div className="fields">
          <NumberField
            label="Focal length"
            quantity="mm"
            value={Number(lens.focal_mm ?? 500)}
            problem={problem('kit.lens.focal_mm')}
            onChange={(v) => setLens('focal_mm', v)}
          />
          {!isZoom && (
            <NumberField
              label="Widest"
              quantity="fnumber"
              value={Number(lens.max_aperture ?? 4)}
              problem={problem('kit.lens.max_aperture')}
              onChange={(v) => setLens('max_aperture', v)}
            />
          )}
          <NumberField
            label="Nearest focus"
            quantity="length"
            value={Number(lens.nearest_m ?? 3.5)}
            problem={problem('kit.lens.nearest_m')}
            onChange={(v) => setLens('nearest_m', v)}
          />
          <NumberField
            label="Extender"
            quantity="times"
            value={rush.kit?.extender ?? 1}
            problem={problem('kit.extender')}
            onChange={(v) => onChange('kit', { extender: v })}
          />
          <NumberField
            label="ISO limit"
            quantity="iso"
            value={person.iso_ceiling ?? 6400}
            problem={problem('photographer.iso_ceiling')}
            onChange={(v) => onChange('photographer', { iso_ceiling: v })}
          />
          <div className="field">
            <label htmlFor="final-use">Final use</label>
            <Select
              id="final-use"
              value={rush.final_use ?? 'pixel'}
              options={finalUses}
              onChange={(value) =>
                onRush({ ...rush, final_use: value as NonNullable<Rush['final_use']> }, 'final_use')
              }
            />
          </div>
        </div>
        <div className="stacked">
          <span id="freeze-label">Freeze</span>
          <Segmented
            block
            aria-labelledby="freeze-label"
            value={person.freeze ?? 'body'}
            options={freezes}
            onChange={(value) => onChange('photographer', { freeze: value })}
          />
        </div>
        <div className="stacked">
          <span id="open-label">When nothing asks otherwise</span>
          <Segmented
            block
            aria-labelledby="open-label"
            value={person.openness ?? 'one-stop-down'}
            options={opennesses}
            onChange={(value) => onChange('photographer', { openness: value })}
          />
        </div>
      </details>

      <details>
        <summary>The subject’s figures</summary>
        {profile && <p className="quiet habit">{profile.source}</p>}
        <div className="fields">
          {figure('length_m', 'Length', 'size')}
          {figure('height_m', 'Height', 'size')}
          {figure('depth_m', 'Depth', 'size', 0.1)}
          {figure('aim_size_m', 'Aim part', 'size', 0.04)}
          {figure('limb_speed_mps', 'Limb speed', 'speed')}
          <div className="field">
            <label htmlFor="kind">Kind</label>
            <Select
              id="kind"
              value={rush.subject.kind ?? 'animal'}
              options={[
                { value: 'bird', label: 'Bird' },
                { value: 'animal', label: 'Animal' },
                { value: 'person', label: 'Person' },
                { value: 'vehicle', label: 'Vehicle' },
                { value: 'off', label: 'Something else' },
              ]}
              onChange={(value) => onChange('subject', { kind: value })}
            />
          </div>
        </div>
        <ShareField
          label="Erratic"
          value={rush.subject.erratic ?? 0.1}
          low="keeps its way"
          high="all over"
          onChange={(v) => onChange('subject', { erratic: v })}
        />
        <ShareField
          label="Colours and pattern"
          value={rush.subject.distinct ?? 0.7}
          low="like many"
          high="unmistakable"
          onChange={(v) => onChange('subject', { distinct: v })}
        />
        <ShareField
          label="Detail on it"
          value={rush.subject.contrast ?? 0.7}
          low="plain"
          high="crisp"
          onChange={(v) => onChange('subject', { contrast: v })}
        />
      </details>
    </aside>
  );
}
