import { App, Button } from 'antd';
import type { CSSProperties, MouseEvent } from 'react';
import { type BurstPictures, type Picture, pictureActions, usePictureAction } from '../../api/pictures';
import { t } from '../../lang/pictures';

/** What the page says of where the subject is: who says so, and how to say otherwise. */
const FOUND = {
  camera: t('whole.found-where-the-camera'),
  before: t('whole.found-as-you-marked'),
};

/** The whole frame that is shown; a tap says what has to be sharp. */
export function Whole({ data, shown, number }: { data: BurstPictures; shown: Picture; number: number }) {
  const { message } = App.useApp();
  const mark = usePictureAction(pictureActions.mark);
  const stop = usePictureAction(pictureActions.stop);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const tap = (event: MouseEvent<HTMLImageElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    mark.mutate(
      {
        burst: data.burst.id,
        picture: shown.id,
        x: (event.clientX - box.left) / box.width - 0.5,
        y: (event.clientY - box.top) / box.height - 0.5,
      },
      fail,
    );
  };
  const ratio = (shown.wide ?? 3) / (shown.high ?? 2);
  const found = data.found_by === 'camera' || data.found_by === 'before' ? FOUND[data.found_by] : null;
  return (
    <div className="view">
      <div className="view-picture" style={{ '--ratio': ratio } as CSSProperties}>
        {/* biome-ignore lint/a11y/useKeyWithClickEvents: where the subject is can only be pointed at */}
        <img
          src={shown.preview ?? ''}
          alt={t('whole.frame-of', { number, pictures: data.pictures.length, name: shown.name })}
          onClick={tap}
        />
        <Found picture={shown} />
      </div>
      {(data.found_by !== 'person' || data.following) && (
        <div className="burst-hint" role="status">
          {data.following ? (
            <>
              {t('whole.finding-it-in-the', { done: data.following.done, total: data.following.total })}{' '}
              <Button size="small" type="text" onClick={() => stop.mutate(data.burst.id, fail)}>
                {t('whole.stop')}
              </Button>
            </>
          ) : (
            (found ?? t('whole.tap-what-has-to'))
          )}
        </div>
      )}
    </div>
  );
}

/** Where the subject was found in a frame. */
function Found({ picture }: { picture: Picture }) {
  const aim = picture.measured?.aim;
  if (!aim) return null;
  const [x, y] = [100 * (aim.x + 0.5), 100 * (aim.y + 0.5)];
  const tall = (picture.wide ?? 3) / (picture.high ?? 2);
  return (
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <g stroke="var(--accent)" strokeWidth="2" fill="none">
        <path
          d={`M${x - 4},${y}h2.5M${x + 1.5},${y}h2.5M${x},${y - 4 * tall}v${2.5 * tall}M${x},${y + 1.5 * tall}v${2.5 * tall}`}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    </svg>
  );
}
