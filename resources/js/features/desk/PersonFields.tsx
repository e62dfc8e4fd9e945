import { Segmented, Select } from 'antd';
import type { Refusal, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { options } from '../../lang/labels';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { Skills } from '../../ui/person';
import { KitFields, type Newer } from './KitFields';

type Props = {
  rush: Rush;
  refused: Refusal | null;
  newer: Newer[];
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onRush: (rush: Rush, merge: string) => void;
  onChooseLens: () => void;
};

const usual = [1.4, 2];

/** None, those the lens takes or else the usual ones, and the one in use. */
function extendersFor(taken: number[], used: number) {
  const times = [1, ...(taken.length > 0 ? taken : usual), used];
  return [...new Set(times)]
    .sort((a, b) => a - b)
    .map((x) => ({ value: String(x), label: x === 1 ? t('person-fields.none') : `${x}×` }));
}

/** Who shoots, and with what. */
export function PersonFields({ rush, refused, newer, onChange, onRush, onChooseLens }: Props) {
  const problem = (field: string) => (refused?.field === field ? refused.message : null);
  const person = rush.photographer;
  const lens = rush.kit.lens;
  const isZoom = lens.zoom.length > 0;
  // What is changed here is no longer that lens, but a zoom stays itself when it is zoomed.
  const setLens = (name: string, value: number) =>
    onChange(
      'kit',
      isZoom && name === 'focal_mm'
        ? { lens: { ...lens, [name]: value } }
        : { lens: { ...lens, name: '', [name]: value }, lens_id: null },
      `kit.lens.${name}`,
    );
  return (
    <>
      <Skills person={person} onChange={(fields) => onChange('photographer', fields)} />
      <div className="stacked">
        <span>{t('person-fields.support')}</span>
        <Select
          aria-label={t('person-fields.support')}
          className="wide"
          value={person.support}
          options={options('support')}
          onChange={(value) => onChange('photographer', { support: value })}
        />
      </div>
      <KitFields rush={rush} newer={newer} onChange={onChange} onChooseLens={onChooseLens} />
      <div className="fields">
        <NumberField
          label={t('person-fields.focal-length')}
          quantity="mm"
          value={Number(lens.focal_mm)}
          problem={problem('kit.lens.focal_mm')}
          onChange={(v) => setLens('focal_mm', v)}
        />
        {!isZoom && (
          <NumberField
            label={t('person-fields.widest')}
            quantity="fnumber"
            value={Number(lens.max_aperture)}
            problem={problem('kit.lens.max_aperture')}
            onChange={(v) => setLens('max_aperture', v)}
          />
        )}
        <NumberField
          label={t('person-fields.nearest-focus')}
          quantity="length"
          value={Number(lens.nearest_m)}
          problem={problem('kit.lens.nearest_m')}
          onChange={(v) => setLens('nearest_m', v)}
        />
        <Choice
          label={t('person-fields.extender')}
          value={String(rush.kit.extender)}
          options={extendersFor(lens.extenders, rush.kit.extender)}
          onChange={(v) => onChange('kit', { extender: Number(v ?? 1) })}
        />
        <NumberField
          label={t('person-fields.iso-limit')}
          quantity="iso"
          value={person.iso_ceiling}
          problem={problem('photographer.iso_ceiling')}
          onChange={(v) => onChange('photographer', { iso_ceiling: v })}
        />
        <div className="field">
          <label htmlFor="final-use">{t('person-fields.final-use')}</label>
          <Select
            id="final-use"
            value={rush.final_use}
            options={options('final-use')}
            onChange={(value) =>
              onRush({ ...rush, final_use: value as NonNullable<Rush['final_use']> }, 'final_use')
            }
          />
        </div>
      </div>
      <div className="stacked">
        <span id="freeze-label">{t('person-fields.freeze')}</span>
        <Segmented
          block
          aria-labelledby="freeze-label"
          value={person.freeze}
          options={options('freeze')}
          onChange={(value) => onChange('photographer', { freeze: value })}
        />
      </div>
      <div className="stacked">
        <span id="open-label">{t('person-fields.when-nothing-asks-otherwise')}</span>
        <Segmented
          block
          aria-labelledby="open-label"
          value={person.openness}
          options={options('openness')}
          onChange={(value) => onChange('photographer', { openness: value })}
        />
      </div>
    </>
  );
}
