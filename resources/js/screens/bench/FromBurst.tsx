import { App, Button, Select } from 'antd';
import { useState } from 'react';
import { type BenchSession, sweepActions, useSweepAction } from '../../api/bench';
import { usePictureBursts } from '../../api/pictures';
import { NumberField } from '../../parts/NumberField';
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
      <h3>Pictures of a burst</h3>
      {bursts.length === 0 ? (
        <p className="quiet">
          Drop the pictures of the sweep under Review, Pictures, and mark the target in one of them.
        </p>
      ) : (
        <>
          <Select
            aria-label="Which burst"
            className="wide"
            placeholder="Which burst"
            value={burst}
            options={bursts.map((b) => ({
              value: b.burst.id,
              label: `${b.burst.rush || 'Burst'} · ${b.pictures} frames · ${new Date(b.burst.at).toLocaleString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' })}`,
            }))}
            onChange={setBurst}
          />
          <div className="bench-place">
            <NumberField label="First value" quantity="count" value={first} onChange={setFirst} />
            <NumberField label="Step" quantity="count" value={step} onChange={setStep} />
          </div>
          <div className="bench-of-burst">
            <Button disabled={!burst} onClick={() => setFlicking(true)}>
              By eye
            </Button>
            <Button
              disabled={!burst}
              loading={measured.isPending}
              onClick={() => measure(Array.from({ length: count }, (_, i) => value(i)))}
            >
              As measured, in order
            </Button>
            <Button disabled={!burst} loading={measured.isPending} onClick={() => measure(null)}>
              As measured, by file name
            </Button>
          </div>
          <p className="quiet">In order, or by names like target_+04.jpg.</p>
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
