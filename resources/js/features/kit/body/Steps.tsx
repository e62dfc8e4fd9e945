import { Button, Input } from 'antd';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { NumberField } from '../../../ui/NumberField';
import { named } from './change';

const scales = { patience: t('steps.steps-of-patience'), nimble: t('steps.steps-of-nimbleness') };

/** The steps a body has on one scale, each with the camera’s own name for it. */
export function Steps({
  scale,
  most,
  steps,
  words,
  onChange,
}: {
  scale: keyof typeof scales;
  most: number;
  steps: number[];
  words: Body['words'];
  onChange: (steps: number[], words: Body['words']) => void;
}) {
  const key = (step: number) => `${scale}.${step}`;
  const move = (i: number, to: number) => {
    const label = words[key(steps[i] ?? 0)]?.label ?? '';
    const others = named(words, key(steps[i] ?? 0), '');
    onChange(
      steps.map((s, at) => (at === i ? to : s)),
      named(others, key(to), label),
    );
  };
  return (
    <fieldset className="steps">
      <legend>{scales[scale]}</legend>
      {steps.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a step has no other name while its value is typed
        <div key={i} className="step-row">
          <NumberField
            bare
            label={`${scales[scale]}, ${i + 1}`}
            quantity={scale === 'patience' ? 'time' : 'plain'}
            value={step}
            onChange={(v) => move(i, Math.max(0, Math.min(most, Number(v.toFixed(3)))))}
          />
          <Input
            aria-label={t('steps.what-your-camera-calls', { i: i + 1, scale })}
            maxLength={60}
            placeholder={t('steps.your-cameras-name-for')}
            value={words[key(step)]?.label ?? ''}
            onChange={(e) => onChange(steps, named(words, key(step), e.target.value))}
          />
          <Button
            size="small"
            type="text"
            aria-label={t('steps.remove-step-of', { i: i + 1, scale })}
            disabled={steps.length === 1}
            onClick={() =>
              onChange(
                steps.filter((_, at) => at !== i),
                named(words, key(step), ''),
              )
            }
          >
            ✕
          </Button>
        </div>
      ))}
      <Button
        size="small"
        onClick={() =>
          onChange([...steps, Math.min(most, Number(((steps.at(-1) ?? 0) + most / 10).toFixed(3)))], words)
        }
      >
        {t('steps.add-a-step')}
      </Button>
    </fieldset>
  );
}
