import '../../parts/frames.css';
import './out.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useEffect } from 'react';
import type { Hold, Plan, Rush } from '../../api/client';
import { client, Refusal, take } from '../../api/client';
import { label } from '../../parts/words';

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
      title="Preview"
      destroyOnHidden
      footer={
        <div className="out-foot">
          <span className="quiet">
            Drawn from the run that was played, with everything true to size. It is a model, not a photograph.
          </span>
          <span>
            <Button onClick={() => step(-1)} disabled={at <= 0} aria-label="The frame before">
              ←
            </Button>{' '}
            <span className="figures">
              Frame {at + 1} of {frames.length}
            </span>{' '}
            <Button onClick={() => step(1)} disabled={at >= frames.length - 1} aria-label="The next frame">
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
            <section key={side.name} aria-label={side.name || 'The frame'}>
              <h3>
                {side.name && `${side.name}: `}
                <i className={frame?.kept ? 'frame-bead kept' : 'frame-bead'} />{' '}
                {frame?.kept ? 'kept' : `lost, ${label('loss-cause', frame?.cause).toLowerCase()}`}
              </h3>
              <Frame rush={rush} hold={side.hold} run={side.trace.run} t={frame?.t ?? 0} close={false} />
              <Frame rush={rush} hold={side.hold} run={side.trace.run} t={frame?.t ?? 0} close />
            </section>
          );
        })}
      </div>
    </Modal>
  );
}

const MOST_TRIES = 12;
const AGAIN_MS = 600;

function Frame({ close, ...asked }: { rush: Rush; hold: Hold; run: number; t: number; close: boolean }) {
  const picture = useQuery({
    queryKey: ['frame', asked.rush, asked.hold, asked.run, asked.t, close],
    queryFn: async ({ signal }) => {
      const blob = await take(
        client.POST('/api/frame', {
          body: { ...asked, close } as never,
          parseAs: 'blob',
          headers: { Accept: 'image/jpeg' },
          signal,
        }),
      );
      return URL.createObjectURL(blob as unknown as Blob);
    },
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
    // A few are drawn at a time for one person; the others wait their turn.
    retry: (times, error) => error instanceof Refusal && error.status === 429 && times < MOST_TRIES,
    retryDelay: AGAIN_MS,
  });
  return (
    <figure className={close ? 'out-close' : 'out-whole'} aria-busy={picture.isFetching}>
      {picture.data && <img src={picture.data} alt={close ? 'Pixel for pixel' : 'The whole frame'} />}
      {picture.isError && <p role="alert">{picture.error.message}</p>}
      <figcaption className="picture-note">
        {close ? '100%, around what has to be sharp' : 'The whole frame'}
      </figcaption>
    </figure>
  );
}

function nearest(frames: { t: number }[], time: number): number {
  let best = 0;
  frames.forEach((frame, i) => {
    if (Math.abs(frame.t - time) < Math.abs((frames[best]?.t ?? 0) - time)) best = i;
  });
  return best;
}
