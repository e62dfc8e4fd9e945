import { type DragEvent, useState } from 'react';
import { Link } from 'react-router';
import type { BurstBeside, Picture } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { SAYS, standing } from './filters';
import type { Culling } from './useCulling';
import { clockOf } from './when';

const KIND = 'application/x-frames';

type Props = { culling: Culling; before: BurstBeside | null; after: BurstBeside | null; zone: string | null };

/** All frames of the burst, and the bursts before and after: frames can be dragged to those, or out into one of their own. */
export function Strip({ culling, before, after, zone }: Props) {
  const [dragging, setDragging] = useState(false);
  const drop = (burst: string | null) => (frames: string[]) => {
    setDragging(false);
    culling.moveTo(frames, burst);
  };
  const begin = (picture: Picture) => (event: DragEvent) => {
    const some = culling.range.includes(picture) ? culling.range : [picture];
    event.dataTransfer.setData(KIND, some.map((one) => one.id).join(' '));
    event.dataTransfer.effectAllowed = 'move';
    setDragging(true);
  };
  return (
    <div className="strip-row">
      {before && <Neighbour burst={before} says={t('strip.before')} zone={zone} onFrames={drop(before.id)} />}
      <nav className="strip" aria-label={t('strip.frames')}>
        {culling.strip.map((one) => (
          <Frame
            key={one.id}
            picture={one}
            number={culling.pictures.indexOf(one) + 1}
            culling={culling}
            onDragStart={begin(one)}
            onDragEnd={() => setDragging(false)}
          />
        ))}
      </nav>
      {dragging && (
        <Target className="strip-own" onFrames={drop(null)}>
          {t('strip.a-burst-of-their')}
        </Target>
      )}
      {after && <Neighbour burst={after} says={t('strip.after')} zone={zone} onFrames={drop(after.id)} />}
    </div>
  );
}

function Frame({
  picture,
  number,
  culling,
  onDragStart,
  onDragEnd,
}: {
  picture: Picture;
  number: number;
  culling: Culling;
  onDragStart: (event: DragEvent) => void;
  onDragEnd: () => void;
}) {
  const now = standing(picture, culling.marked);
  const current = picture.id === culling.shown.id;
  return (
    <button
      type="button"
      aria-current={current}
      aria-label={t('strip.frame', { number, sAYS: SAYS[now] })}
      className={culling.range.length > 1 && culling.range.includes(picture) ? 'in-range' : undefined}
      draggable
      onDragStart={onDragStart}
      onDragEnd={onDragEnd}
      onClick={(event) => culling.choose(picture.id, event.shiftKey)}
      ref={(node) => {
        // Only the strip moves, not the page.
        const strip = node?.parentElement;
        if (!current || !node || !strip) return;
        const from = node.offsetLeft - strip.offsetLeft;
        if (from < strip.scrollLeft || from + node.offsetWidth > strip.scrollLeft + strip.clientWidth)
          strip.scrollLeft = from - strip.clientWidth / 2;
      }}
    >
      {picture.thumbnail && <img src={picture.thumbnail} alt="" loading="lazy" draggable={false} />}
      <i
        className={`frame-bead ${now === 'kept' ? 'kept' : now === 'lost' ? '' : 'unknown'} ${picture.said === null ? '' : 'said'}`}
      />
    </button>
  );
}

/** Where frames can be dropped. */
function Target({
  className,
  onFrames,
  children,
}: {
  className: string;
  onFrames: (frames: string[]) => void;
  children: React.ReactNode;
}) {
  const [over, setOver] = useState(false);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: by keys frames are moved with the buttons beside the frame
    <div
      className={over ? `${className} over` : className}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(KIND)) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        const frames = event.dataTransfer.getData(KIND);
        if (frames !== '') onFrames(frames.split(' '));
      }}
    >
      {children}
    </div>
  );
}

function Neighbour({
  burst,
  says,
  zone,
  onFrames,
}: {
  burst: BurstBeside;
  says: string;
  zone: string | null;
  onFrames: (frames: string[]) => void;
}) {
  return (
    <Target className="strip-beside" onFrames={onFrames}>
      <Link to={`/review/bursts/${burst.id}`}>
        <span className="quiet">{says}</span>
        <b>{clockOf(burst.at, zone)}</b>
        <span className="strip-rush">{burst.rush ?? t('strip.not-matched')}</span>
      </Link>
    </Target>
  );
}
