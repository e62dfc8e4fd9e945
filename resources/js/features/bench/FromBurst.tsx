import { App, Button, Select } from 'antd';
import { useState } from 'react';
import { type BenchSession, sweepActions, useSweepAction } from '../../api/bench';
import { usePictureBursts } from '../../api/pictures';
import { t } from '../../lang/bench';
import { sayDate } from '../../lang/dates';
import { NumberField } from '../../ui/NumberField';
import { Flick } from './Flick';
import type { Scored } from './values';

type Props = {
  session: BenchSession;
  place: { distance_m: number; focal_mm: number };
  onScored: (trials: Scored[], then: () => void) => void;
};

/** The pictures of a sweep, scored by eye or by what was measured in them. */
export function FromBurst({ session, place, onScored }: Props) {
  const { message } = App.useApp();
  const bursts = usePictureBursts(false).bursts ?? [];
  const measured = useSweepAction(sweepActions.pictures);
  const [burst, setBurst] = useState<string | null>(null);
  const [first, setFirst] = useState(-20);
  const [step, setStep] = useState(1);
  const [flicking, setFlicking] = useState(false);
  const count = bursts.find((b) => b.burst.id === burst)?.pictures ?? 0;
  const value = (number: number) => Math.round(first) + number * Math.round(step);
  const measure = (values: number[] | null) =>
    burst &&
    measured.mutate(
      { id: session.id, burst, values, ...place },
      { onError: (error) => void message.error(error.message) },
    );

  return (
    <div>
      <h3>{t('from-burst.pictures-of-a-burst')}</h3>
      {bursts.length === 0 ? (
        <p className="quiet">{t('from-burst.drop-the-pictures-of')}</p>
      ) : (
        <>
          <Select
            aria-label={t('from-burst.which-burst')}
            className="wide"
            placeholder={t('from-burst.which-burst')}
            value={burst}
            options={bursts.map((b) => ({
              value: b.burst.id,
              label: t('from-burst.frames', {
                rush: b.burst.rush || t('from-burst.burst'),
                pictures: b.pictures,
                value: sayDate(b.burst.at, 'moment'),
              }),
            }))}
            onChange={setBurst}
          />
          <div className="bench-place">
            <NumberField
              label={t('from-burst.first-value')}
              quantity="count"
              value={first}
              onChange={setFirst}
            />
            <NumberField label={t('from-burst.step')} quantity="count" value={step} onChange={setStep} />
          </div>
          <div className="bench-of-burst">
            <Button disabled={!burst} onClick={() => setFlicking(true)}>
              {t('from-burst.by-eye')}
            </Button>
            <Button
              disabled={!burst}
              loading={measured.isPending}
              onClick={() => measure(Array.from({ length: count }, (_, i) => value(i)))}
            >
              {t('from-burst.as-measured-in-order')}
            </Button>
            <Button disabled={!burst} loading={measured.isPending} onClick={() => measure(null)}>
              {t('from-burst.as-measured-by-file')}
            </Button>
          </div>
          <p className="quiet">{t('from-burst.in-order-or-by')}</p>
        </>
      )}
      {flicking && burst && (
        <Flick
          burst={burst}
          value={value}
          onClose={() => setFlicking(false)}
          onDone={(trials) => onScored(trials, () => setFlicking(false))}
        />
      )}
    </div>
  );
}
