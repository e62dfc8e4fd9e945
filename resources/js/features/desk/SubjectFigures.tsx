import { Select } from 'antd';
import type { Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { options } from '../../lang/labels';
import type { Quantity } from '../../lang/units';
import { NumberField } from '../../ui/NumberField';
import { ShareField } from '../../ui/ShareField';

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
        {figure('length_m', t('subject-figures.length'), 'size')}
        {figure('height_m', t('subject-figures.height'), 'size')}
        {figure('depth_m', t('subject-figures.depth'), 'size')}
        {figure('aim_size_m', t('subject-figures.aim-point'), 'size')}
        {figure('limb_speed_mps', t('subject-figures.limb-speed'), 'speed')}
        <div className="field">
          <label htmlFor="kind">{t('subject-figures.kind')}</label>
          <Select
            id="kind"
            value={rush.subject.kind}
            options={options('subject-kind')}
            onChange={(value) => onChange('subject', { kind: value })}
          />
        </div>
      </div>
      <ShareField
        label={t('subject-figures.erratic')}
        value={rush.subject.erratic}
        low={t('subject-figures.keeps-its-line')}
        high={t('subject-figures.all-over')}
        onChange={(v) => onChange('subject', { erratic: v })}
      />
      <ShareField
        label={t('subject-figures.colours-and-pattern')}
        value={rush.subject.distinct}
        low={t('subject-figures.like-many')}
        high={t('subject-figures.unmistakable')}
        onChange={(v) => onChange('subject', { distinct: v })}
      />
      <ShareField
        label={t('subject-figures.detail-on-it')}
        value={rush.subject.contrast}
        low={t('subject-figures.plain')}
        high={t('subject-figures.crisp')}
        onChange={(v) => onChange('subject', { contrast: v })}
      />
    </>
  );
}
