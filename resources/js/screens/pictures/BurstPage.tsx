import '../../parts/frames.css';
import './pictures.css';
import '../review/review.css';
import { App, Button, Dropdown, Select } from 'antd';
import { type MouseEvent, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useRushes } from '../../api/hooks';
import { type Picture, pictureActions, useBurstPictures, usePictureAction } from '../../api/pictures';
import { useTitle } from '../../parts/useTitle';
import { useUndo } from '../../parts/useUndo';
import { options } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { Close, pieceOf } from './Close';
import { Judged } from './Judged';

const NONE: Picture[] = [];

/** A burst frame by frame: the strip, one frame whole and close up, what was measured in it, and what the person says. */
export default function BurstPage() {
  const { id = '' } = useParams();
  const answer = useBurstPictures(id);
  const { message } = App.useApp();
  const undo = useUndo();
  const [chosen, setChosen] = useState<string | null>(null);
  const [beside, setBeside] = useState<string | null>(null);
  const judge = usePictureAction(pictureActions.judge);
  const mark = usePictureAction(pictureActions.mark);
  const stop = usePictureAction(pictureActions.stop);
  const match = usePictureAction(pictureActions.match);
  const remove = usePictureAction(pictureActions.remove);
  const restore = usePictureAction(pictureActions.restore);
  const [wanted, setWanted] = useState('');
  const rushes = useRushes(wanted).data?.pages.flatMap((page) => page.items) ?? [];
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const data = answer.data;
  const pictures = data?.pictures ?? NONE;
  const at = Math.max(
    0,
    pictures.findIndex((one) => one.id === chosen),
  );
  const shown = pictures[at];
  useTitle(data ? `${data.burst.rush}, pictures` : 'Pictures');

  // What was said before, so that it can be taken back step by step.
  const before = useRef<{ id: string; said: boolean | null }[]>([]);
  const say = (picture: Picture, said: boolean | null) => {
    before.current.push({ id: picture.id, said: picture.said });
    judge.mutate({ id: picture.id, said }, fail);
  };
  const takeBack = () => {
    const last = before.current.pop();
    if (!last) return;
    judge.mutate(last, fail);
    setChosen(last.id);
  };
  const go = (to: number) => {
    const next = pictures[Math.max(0, Math.min(pictures.length - 1, to))];
    if (next) setChosen(next.id);
  };
  // By key the hand stays where it is, so the next one comes.
  const sayAndGo = (said: boolean | null) => {
    if (!shown) return;
    say(shown, said);
    go(at + 1);
  };
  useAhead(pictures, at);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (
        event.metaKey ||
        event.ctrlKey ||
        event.altKey ||
        target.closest('input, textarea, .ant-select-open')
      )
        return;
      const keys: Record<string, () => void> = {
        arrowright: () => go(at + 1),
        arrowleft: () => go(at - 1),
        home: () => go(0),
        end: () => go(pictures.length - 1),
        k: () => sayAndGo(true),
        l: () => sayAndGo(false),
        m: () => sayAndGo(null),
        z: takeBack,
        b: () => setBeside((now) => (now || !shown ? null : shown.id)),
      };
      const act = keys[event.key.toLowerCase()];
      if (act) {
        event.preventDefault();
        act();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

  if (answer.isError) {
    return (
      <>
        <TopBar />
        <Failed message={answer.error.message} />
      </>
    );
  }
  if (!data || !shown) {
    return (
      <>
        <TopBar />
        <main className="rushes">
          <p className="quiet" role="status">
            {data ? 'There are no pictures in this burst any more.' : 'Loading…'}
          </p>
          <Link to="/review/pictures">To the pictures</Link>
        </main>
      </>
    );
  }
  const tap = (event: MouseEvent<HTMLImageElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    mark.mutate(
      {
        burst: id,
        picture: shown.id,
        x: (event.clientX - box.left) / box.width - 0.5,
        y: (event.clientY - box.top) / box.height - 0.5,
      },
      fail,
    );
  };
  const other = pictures.find((one) => one.id === beside && one.id !== shown.id);
  const { burst } = data;
  const unmarked = data.marked.length === 0;
  const untold = pictures.filter((one) => one.said === null && one.measured?.verdict === 'untold').length;

  return (
    <>
      <TopBar />
      <main className="burst-page">
        <div className="burst-head">
          <Link to="/review/pictures" aria-label="All pictures">
            ←
          </Link>
          <h1>{data.burst.rush_id ? data.burst.rush : 'Not matched to a rush'}</h1>
          <span className="quiet">
            {pictures.length === 1 ? 'one frame' : `${pictures.length} frames`}
            {data.burst.keepers != null && `, ${data.burst.keepers} kept`}
            {untold > 0 && `, ${untold} cannot be told`}
            {data.matched && `, matched by ${data.matched}`}
          </span>
          <span className="grow" />
          <Link to={`/review/bursts/${id}/why${data.burst.rush_id ? `?of=${data.burst.rush_id}` : ''}`}>
            Why?
          </Link>
          <Select
            aria-label="Which rush this is"
            size="small"
            placeholder="Which rush is it?"
            style={{ width: 220 }}
            showSearch
            filterOption={false}
            onSearch={setWanted}
            value={data.burst.rush_id ?? undefined}
            options={[
              ...rushes.map((rush) => ({ value: rush.id, label: rush.name })),
              ...(burst.rush_id && !rushes.some((rush) => rush.id === burst.rush_id)
                ? [{ value: burst.rush_id, label: burst.rush }]
                : []),
            ]}
            onChange={(rush) => match.mutate({ burst: id, rush }, fail)}
          />
          <Dropdown
            menu={{
              items: [
                { key: 'sidecars', label: <a href={`/api/bursts/${id}/sidecars`}>Sidecars (XMP)</a> },
                { key: 'table', label: <a href={`/api/bursts/${id}/table`}>Table (CSV)</a> },
                { key: 'document', label: <a href={`/api/bursts/${id}/document`}>Document (JSON)</a> },
              ],
            }}
          >
            <Button size="small">Download</Button>
          </Dropdown>
        </div>

        <div className="stage-view">
          <div className="view">
            <div className="view-picture" style={{ aspectRatio: `${shown.wide ?? 3} / ${shown.high ?? 2}` }}>
              {/* biome-ignore lint/a11y/useKeyWithClickEvents: where the subject is can only be pointed at */}
              <img
                src={shown.preview ?? ''}
                alt={`Frame ${at + 1} of ${pictures.length}: ${shown.name}`}
                style={{ width: '100%', height: '100%', display: 'block' }}
                onClick={tap}
              />
              <Found picture={shown} />
            </div>
            {(unmarked || data.following) && (
              <div className="burst-hint" role="status">
                {data.following ? (
                  <>
                    Finding it in the other frames, {data.following.done} of {data.following.total}{' '}
                    <Button size="small" type="text" onClick={() => stop.mutate(id, fail)}>
                      Stop
                    </Button>
                  </>
                ) : (
                  'Tap what has to be sharp: the eye, the head, a number'
                )}
              </div>
            )}
          </div>
          <div className="view-close">
            <Close picture={shown} />
            {other && <Close picture={other} />}
          </div>
        </div>

        <Judged
          picture={shown}
          causes={options('loss-cause')}
          onSay={(said) => say(shown, said)}
          onCause={(cause) => judge.mutate({ id: shown.id, lost_to: cause }, fail)}
          onBeside={() => setBeside(beside ? null : shown.id)}
          beside={beside !== null}
          onDelete={() =>
            remove.mutate(shown.id, {
              ...fail,
              onSuccess: () => undo(`${shown.name} is deleted`, () => restore.mutateAsync(shown.id)),
            })
          }
        />

        <nav className="strip" aria-label="Frames">
          {pictures.map((one, i) => (
            <button
              key={one.id}
              type="button"
              aria-current={one.id === shown.id}
              aria-label={`Frame ${i + 1}: ${one.kept === null ? (one.measured?.verdict === 'untold' ? 'cannot be told' : 'not judged') : one.kept ? 'kept' : 'lost'}`}
              onClick={() => setChosen(one.id)}
              ref={(node) => {
                // Only the strip moves, not the page.
                const strip = node?.parentElement;
                if (one.id === shown.id && node && strip) {
                  const [from, to] = [
                    node.offsetLeft - strip.offsetLeft,
                    node.offsetLeft - strip.offsetLeft + node.offsetWidth,
                  ];
                  if (from < strip.scrollLeft || to > strip.scrollLeft + strip.clientWidth)
                    strip.scrollLeft = from - strip.clientWidth / 2;
                }
              }}
            >
              {one.thumbnail && <img src={one.thumbnail} alt="" loading="lazy" />}
              <i
                className={`frame-bead ${one.kept === null || (unmarked && one.said === null) ? 'unknown' : one.kept ? 'kept' : ''} ${one.said === null ? '' : 'said'}`}
              />
            </button>
          ))}
        </nav>
      </main>
    </>
  );
}

/** So many frames after the one that is shown are fetched, so that a step shows them at once. */
const AHEAD = 2;

/** One at a time: a person gets few pieces at once, and the one that is shown comes first. */
function useAhead(pictures: Picture[], at: number) {
  const next = pictures.slice(at + 1, at + 1 + AHEAD);
  const wanted = next
    .flatMap((one) => [one.preview, pieceOf(one)])
    .filter((src) => src !== null)
    .join('\n');
  useEffect(() => {
    let left = wanted === '' ? [] : wanted.split('\n');
    const fetchOne = () => {
      const src = left.shift();
      if (!src) return;
      const image = new Image();
      image.onload = fetchOne;
      image.onerror = fetchOne;
      image.src = src;
    };
    fetchOne();
    return () => {
      left = [];
    };
  }, [wanted]);
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
