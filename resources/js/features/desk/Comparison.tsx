import './ranked.css';
import { Button, Modal, Select } from 'antd';
import { useEffect, useState } from 'react';
import type { Hold, Plan, Rush } from '../../api/client';
import { useComparison } from '../../api/hooks';
import { t } from '../../lang/desk';
import { AsItComesOut } from './AsItComesOut';
import { DepthLane } from './DepthLane';
import { Kept } from './Keepers';
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
  const [opened, setOpened] = useState(false);
  const [time, setTime] = useState(plan.lane.seconds / 2);
  const [first, setFirst] = useState<Hold>(plan.best.hold);
  const [second, setSecond] = useState<Hold | null>(other);
  const ranked = (hold: Hold | null) =>
    plan.ranking?.find((e) => JSON.stringify(e.hold) === JSON.stringify(hold))?.runs ?? 200;
  // Played as often as in the ranking, so that both say the same.
  const comparison = useComparison(
    rush,
    second ? [first, second] : null,
    [Math.max(2, ranked(first)), Math.max(2, ranked(second))],
    run,
  );
  // Each comparison begins with the winner, at the first run.
  useEffect(() => {
    setRun(0);
    setFirst(plan.best.hold);
    setSecond(other);
  }, [other, plan.best.hold]);
  const holds = (plan.ranking ?? []).filter((e) => e.rejected_because === undefined).map((e) => e.hold);
  const options = holds.map((hold, i) => ({
    value: i,
    label: t('comparison.patience-s-nimbleness', {
      hold: nameOf(hold),
      patienceS: hold.focus?.patience_s,
      nimble: hold.focus?.nimble,
    }),
  }));
  const place = (hold: Hold | null) => {
    const at = holds.findIndex((h) => JSON.stringify(h.focus) === JSON.stringify(hold?.focus));
    return at < 0 ? undefined : at;
  };
  const data = comparison.data;

  return (
    <Modal
      open={other !== null}
      onCancel={onClose}
      footer={null}
      width={1180}
      title={t('comparison.side-by-side-on')}
      destroyOnHidden
    >
      {comparison.isError && <p role="alert">{comparison.error.message}</p>}
      {!data && !comparison.isError && (
        <p className="quiet" role="status">
          {t('comparison.playing-both')}
        </p>
      )}
      {data && (
        <>
          <p className="comparison-verdict">
            {data.difference.says}{' '}
            <Button size="small" onClick={() => setRun((n) => n + 1)} loading={comparison.isFetching}>
              {t('comparison.another-pass')}
            </Button>{' '}
            <Button size="small" onClick={() => setOpened(true)}>
              {t('comparison.as-they-come-out')}
            </Button>
          </p>
          <div className="comparison">
            {data.sides.map((side, i) => (
              <section
                key={i === 0 ? 'first' : 'second'}
                aria-label={i === 0 ? t('comparison.first') : t('comparison.second')}
              >
                <h3>
                  <Select
                    aria-label={i === 0 ? t('comparison.first-hold') : t('comparison.second-hold')}
                    size="small"
                    showSearch={{ optionFilterProp: 'label' }}
                    popupMatchSelectWidth={false}
                    value={place(i === 0 ? first : second)}
                    placeholder={nameOf(side.hold)}
                    options={options}
                    onChange={(at) => (i === 0 ? setFirst : setSecond)(holds[at] ?? side.hold)}
                  />
                  <span>
                    <Kept rate={side.keeper_rate} frames={side.frames} /> {t('comparison.kept')}
                  </span>
                </h3>
                <DepthLane plan={{ ...plan, trace: side.trace }} time={time} onTime={setTime} />
                <Button size="small" onClick={() => onAdopt(side.hold)}>
                  {t('comparison.adopt-the-second', { which: i === 0 ? 'first' : 'second' })}
                </Button>
              </section>
            ))}
          </div>
          {opened && (
            <AsItComesOut
              rush={rush}
              sides={data.sides.map((side, i) => ({
                name: i === 0 ? t('comparison.first') : t('comparison.second'),
                hold: side.hold,
                trace: side.trace,
              }))}
              time={time}
              onTime={setTime}
              onClose={() => setOpened(false)}
            />
          )}
        </>
      )}
    </Modal>
  );
}
