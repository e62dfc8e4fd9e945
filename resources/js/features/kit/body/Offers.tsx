import { Button, Checkbox } from 'antd';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { label, options } from '../../../lang/labels';
import { NumberField } from '../../../ui/NumberField';
import type { Change } from './change';

type Offered = NonNullable<Body['offers']>;

/** What few bodies offer: which of it this one has, and in which steps. */
export function Offers({ body, set }: { body: Body; set: Change }) {
  const offers = (body.offers ?? {}) as Record<string, (number | boolean)[]>;
  const put = (setting: string, values: (number | boolean)[]) => {
    const { [setting]: _, ...others } = offers;
    set({ offers: (values.length > 0 ? { ...others, [setting]: values } : others) as Offered });
  };
  const kinds = options('offered');
  if (kinds.length === 0) return null;
  return (
    <>
      <h2>{t('offers.what-few-bodies-offer')}</h2>
      {kinds.map(({ value: setting, label: kind }) => {
        const values = offers[setting] ?? [];
        return (
          <fieldset className="steps" key={setting}>
            <Checkbox
              checked={values.length > 0}
              onChange={(e) =>
                put(setting, e.target.checked ? (kind === 'switch' ? [false, true] : [0, 0.5]) : [])
              }
            >
              {label('setting', setting)}
            </Checkbox>
            <p className="quiet">{label('offer', setting)}</p>
            {kind === 'steps' && values.length > 0 && (
              <Steps
                name={label('setting', setting)}
                values={values as number[]}
                onChange={(v) => put(setting, v)}
              />
            )}
          </fieldset>
        );
      })}
    </>
  );
}

/** The steps of one of them; the first is how it usually stands, and stays. */
function Steps({
  name,
  values,
  onChange,
}: {
  name: string;
  values: number[];
  onChange: (values: number[]) => void;
}) {
  const [usual, ...steps] = values as [number, ...number[]];
  const put = (next: number[]) => onChange([usual, ...next]);
  return (
    <>
      {steps.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a step has no other name while its value is typed
        <div key={i} className="step-row alone">
          <NumberField
            bare
            label={t('offers.step', { name, i: i + 1 })}
            quantity="time"
            value={step}
            onChange={(v) => put(steps.map((s, at) => (at === i ? Number(v.toFixed(2)) : s)))}
          />
          <Button
            size="small"
            type="text"
            aria-label={t('offers.remove-step', { i: i + 1 })}
            disabled={steps.length === 1}
            onClick={() => put(steps.filter((_, at) => at !== i))}
          >
            ✕
          </Button>
        </div>
      ))}
      <Button size="small" onClick={() => put([...steps, Number(((steps.at(-1) ?? 0) + 0.5).toFixed(2))])}>
        {t('offers.add-a-step')}
      </Button>
    </>
  );
}
