import '../../ui/frames.css';
import './out.css';
import { Button, Modal } from 'antd';
import { useEffect } from 'react';
import type { Hold, Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { within } from '../../lang/labels';
import { DrawnFrame } from '../../ui/DrawnFrame';

type Trace = NonNullable<Plan['trace']>;
type Side = { name: string; hold: Hold; trace: Trace };

/** A frame of the run that was played, as the camera would make it: whole, and pixel for pixel; of two set-ups at the same moment. */
export function AsItComesOut({
  rush,
  sides,
  time,
  onTime,
  onClose,
}: {
  rush: Rush;
  sides: Side[];
  time: number;
  onTime: (time: number) => void;
  onClose: () => void;
}) {
  const frames = sides[0]?.trace.frames ?? [];
  const at = nearest(frames, time);
  const step = (by: number) => {
    const next = frames[Math.max(0, Math.min(frames.length - 1, at + by))];
    if (next) onTime(next.t);
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
      event.preventDefault();
      event.stopPropagation();
      step(event.key === 'ArrowRight' ? 1 : -1);
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  });
  return (
    <Modal
      open
      onCancel={onClose}
      width={sides.length > 1 ? 1240 : 1080}
      title={t('as-it-comes-out.preview')}
      destroyOnHidden
      footer={
        <div className="out-foot">
          <span className="quiet">{t('as-it-comes-out.drawn-from-the-run')}</span>
          <span>
            <Button
              onClick={() => step(-1)}
              disabled={at <= 0}
              aria-label={t('as-it-comes-out.the-frame-before')}
            >
              ←
            </Button>{' '}
            <span className="figures">
              {t('as-it-comes-out.frame-of', { at: at + 1, frames: frames.length })}
            </span>{' '}
            <Button
              onClick={() => step(1)}
              disabled={at >= frames.length - 1}
              aria-label={t('as-it-comes-out.the-next-frame')}
            >
              →
            </Button>
          </span>
        </div>
      }
    >
      <div className={sides.length > 1 ? 'out two' : 'out'}>
        {sides.map((side) => {
          const frame = side.trace.frames[nearest(side.trace.frames, frames[at]?.t ?? time)];
          return (
            <section key={side.name} aria-label={side.name || t('as-it-comes-out.the-frame')}>
              <h3>
                {side.name && `${side.name}: `}
                <i className={frame?.kept ? 'frame-bead kept' : 'frame-bead'} />{' '}
                {frame?.kept
                  ? t('as-it-comes-out.kept')
                  : t('as-it-comes-out.lost', { cause: within('loss-cause', frame?.cause) })}
              </h3>
              <DrawnFrame
                rush={rush}
                hold={side.hold}
                run={side.trace.run}
                t={frame?.t ?? 0}
                close={false}
                says={t('as-it-comes-out.the-whole-frame')}
              />
              <DrawnFrame
                rush={rush}
                hold={side.hold}
                run={side.trace.run}
                t={frame?.t ?? 0}
                close
                says={t('as-it-comes-out.100-percent-around-what')}
              />
            </section>
          );
        })}
      </div>
    </Modal>
  );
}

function nearest(frames: { t: number }[], time: number): number {
  let best = 0;
  frames.forEach((frame, i) => {
    if (Math.abs(frame.t - time) < Math.abs((frames[best]?.t ?? 0) - time)) best = i;
  });
  return best;
}
