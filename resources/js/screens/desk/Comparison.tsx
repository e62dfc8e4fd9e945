import { Button, Modal } from 'antd';
import { useEffect, useState } from 'react';
import type { Hold, Plan, Rush } from '../../api/client';
import { useComparison } from '../../api/hooks';
import { DepthLane } from './DepthLane';
import { nameOf } from './Ranked';

type Props = {
  rush: Rush;
  plan: Plan;
  other: Hold | null;
  onClose: () => void;
  onAdopt: (hold: Hold) => void;
};

/** Two set-ups side by side: the same subject, the same hands, the same moments. */
export function Comparison({ rush, plan, other, onClose, onAdopt }: Props) {
  const [run, setRun] = useState(0);
  const [time, setTime] = useState(plan.lane.seconds / 2);
  const comparison = useComparison(rush, other ? [plan.best.hold, other] : null, run);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another comparison begins at its first run
  useEffect(() => setRun(0), [other]);
  const data = comparison.data;
  const frames = data?.sides[0]?.frames ?? 1;
  const gain = (data?.difference.keeper_rate ?? 0) * frames;
  const noise = 2 * (data?.difference.standard_error ?? 0) * frames;

  return (
    <Modal
      open={other !== null}
      onCancel={onClose}
      footer={null}
      width={1180}
      title="Side by side, on the same chances"
      destroyOnHidden
    >
      {comparison.isError && <p role="alert">{comparison.error.message}</p>}
      {!data && !comparison.isError && (
        <p className="quiet" role="status">
          Playing both…
        </p>
      )}
      {data && (
        <>
          <p className="comparison-verdict">
            {Math.abs(gain) <= Math.max(0.5, noise)
              ? 'No difference beyond the noise.'
              : `The second keeps ${Math.abs(gain).toFixed(0)} frames ${gain > 0 ? 'more' : 'fewer'} of a pass of ${frames}, give or take ${Math.max(1, noise).toFixed(0)}.`}{' '}
            <Button size="small" onClick={() => setRun((n) => n + 1)} loading={comparison.isFetching}>
              Another run
            </Button>
          </p>
          <div className="comparison">
            {data.sides.map((side, i) => (
              <section key={i === 0 ? 'first' : 'second'} aria-label={i === 0 ? 'First' : 'Second'}>
                <h3>
                  {nameOf(side.hold)}{' '}
                  <span className="quiet">
                    stay {side.hold.focus?.stay}, speed change {side.hold.focus?.speed_change}:{' '}
                    {Math.round(100 * side.keeper_rate)} of 100 kept
                  </span>
                </h3>
                <DepthLane plan={{ ...plan, trace: side.trace }} time={time} onTime={setTime} />
                {i === 1 && (
                  <Button size="small" onClick={() => other && onAdopt(other)}>
                    Adopt the second
                  </Button>
                )}
              </section>
            ))}
          </div>
        </>
      )}
    </Modal>
  );
}
