import { Select } from 'antd';
import type { Refusal, Rush } from '../../api/client';
import { NumberField } from '../../parts/NumberField';
import { ShareField } from '../../parts/ShareField';
import type { Quantity } from '../../parts/units';
import { options } from '../../parts/words';

type Props = {
  rush: Rush;
  /** Where the figures of the subject come from. */
  source: string | undefined;
  refused: Refusal | null;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
};

/** The subject’s figures in this rush. */
export function SubjectFigures({ rush, source, refused, onChange }: Props) {
  const problem = (field: string) => (refused?.field === field ? refused.message : null);
  const figure = (
    name: 'length_m' | 'height_m' | 'depth_m' | 'aim_size_m' | 'limb_speed_mps',
    label: string,
    quantity: Quantity,
  ) => (
    <NumberField
      label={label}
      quantity={quantity}
      value={rush.subject[name]}
      problem={problem(`subject.${name}`)}
      onChange={(value) => onChange('subject', { [name]: value })}
    />
  );
  return (
    <>
      {source && <p className="quiet habit">{source}</p>}
      <div className="fields">
        {figure('length_m', 'Length', 'size')}
        {figure('height_m', 'Height', 'size')}
        {figure('depth_m', 'Depth', 'size')}
        {figure('aim_size_m', 'Aim point', 'size')}
        {figure('limb_speed_mps', 'Limb speed', 'speed')}
        <div className="field">
          <label htmlFor="kind">Kind</label>
          <Select
            id="kind"
            value={rush.subject.kind}
            options={options('subject-kind')}
            onChange={(value) => onChange('subject', { kind: value })}
          />
        </div>
      </div>
      <ShareField
        label="Erratic"
        value={rush.subject.erratic}
        low="keeps its line"
        high="all over"
        onChange={(v) => onChange('subject', { erratic: v })}
      />
      <ShareField
        label="Colours and pattern"
        value={rush.subject.distinct}
        low="like many"
        high="unmistakable"
        onChange={(v) => onChange('subject', { distinct: v })}
      />
      <ShareField
        label="Detail on it"
        value={rush.subject.contrast}
        low="plain"
        high="crisp"
        onChange={(v) => onChange('subject', { contrast: v })}
      />
    </>
  );
}
