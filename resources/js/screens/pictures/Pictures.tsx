import '../rushes/rushes.css';
import '../review/review.css';
import './pictures.css';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Dropdown, Switch } from 'antd';
import { type DragEvent, useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { useRushes } from '../../api/hooks';
import {
  type PictureBurst,
  pictureActions,
  usePictureAction,
  usePictureBursts,
  usePictureState,
} from '../../api/pictures';
import { useTitle } from '../../parts/useTitle';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { ReviewTabs } from '../review/ReviewTabs';
import { filesOf } from './dropped';
import { add, forget, left, leftBehind, letGo, snapshot, stop, subscribe, total, tryAgain } from './sending';

const days = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});
const clock = new Intl.DateTimeFormat('en-GB', {
  hour: '2-digit',
  minute: '2-digit',
  second: '2-digit',
  timeZone: 'UTC',
});
const gigabytes = (bytes: number) =>
  bytes < 1e8 ? `${Math.round(bytes / 1e6)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;

/** After so long the stand-in camera has failed, and one may try again. */
const SHOOTING_MS = 100_000;

/** Pictures: dropped here, looked at, put into bursts. */
export default function Pictures() {
  useTitle('Pictures');
  const sending = useSyncExternalStore(subscribe, snapshot);
  const all = total(sending);
  const behind = useSyncExternalStore(subscribe, leftBehind);
  // Until its first frame is there, it is asked for.
  const [shooting, setShooting] = useState(false);
  const state = usePictureState(all.busy || shooting).data;
  if (shooting && (state?.pictures ?? 0) > 0) setShooting(false);
  useEffect(() => {
    if (!shooting) return;
    const given = setTimeout(() => setShooting(false), SHOOTING_MS);
    return () => clearTimeout(given);
  }, [shooting]);
  const busy = all.busy || (state?.waiting ?? 0) + (state?.loose ?? 0) + (state?.following ?? 0) > 0;
  const bursts = usePictureBursts(busy || shooting);
  const queries = useQueryClient();
  // Once all is sent there is something to be looked at, though what was asked before may not say so.
  useEffect(() => {
    if (!all.busy) void queries.invalidateQueries({ queryKey: ['pictures', 'state'] });
  }, [queries, all.busy]);
  // What is under way is never broken off by asking anew; what has changed is asked for when it has.
  const seen = state && `${state.pictures} ${state.waiting} ${state.loose} ${state.following}`;
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is asked again whenever this changes
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: ['pictures', 'bursts'] }, { cancelRefetch: !busy });
  }, [queries, seen]);
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const { message, modal } = App.useApp();
  const cancel = usePictureAction(pictureActions.cancel);
  const settle = usePictureAction(pictureActions.settle);
  const retry = usePictureAction(pictureActions.retry);
  const standIn = usePictureAction(pictureActions.standIn);
  const rushes = useRushes('').data?.pages.flatMap((page) => page.items) ?? [];
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const dropped = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void filesOf(event.dataTransfer.items).then(add);
  };
  const refused = [
    ...all.refused.map((one) => ({
      key: one.key,
      name: one.name,
      problem: one.problem ?? '',
      again: () => tryAgain(one.key),
    })),
    ...(state?.refused ?? []).map((one) => ({
      key: one.id,
      name: one.name,
      problem: one.problem,
      again: one.again ? () => retry.mutate(one.id, fail) : null,
    })),
  ];
  const again = refused.filter((one) => one.again !== null);
  const empty = bursts.data?.length === 0 && !busy;

  return (
    <>
      <TopBar />
      <main
        className="rushes review pictures"
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={(event) => event.currentTarget === event.target && setOver(false)}
        onDrop={dropped}
      >
        <div className="rushes-head">
          <h1>Pictures</h1>
          <ReviewTabs />
        </div>
        <section className={over ? 'drop over' : 'drop'} aria-label="Add pictures">
          <p>
            <b>Drop pictures or a folder here</b>
            <span className="quiet">
              JPEG, TIFF, or raw with a preview. They are seen by nobody but you; where they were taken is not
              read.
            </span>
          </p>
          <Button type="primary" onClick={() => input.current?.click()}>
            Choose files
          </Button>
          <input
            ref={input}
            type="file"
            multiple
            hidden
            aria-label="Pictures"
            onChange={(event) => {
              add([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
        </section>

        {behind > 0 && (
          <section className="left-behind" aria-label="Not sent yet" role="status">
            <p>
              {behind === 1
                ? 'One picture had not been sent when this page was left.'
                : `${behind} pictures had not been sent when this page was left.`}{' '}
              Choose the same files or folder again to go on.
            </p>
            <Button size="small" type="text" onClick={letGo}>
              Not needed any more
            </Button>
          </section>
        )}

        {busy && (
          <section className="under-way" aria-label="Under way" aria-live="polite">
            <Stage
              says={`Sent ${all.sent} of ${all.files}`}
              share={all.share}
              show={all.files > 0}
              done={!all.busy}
            />
            <Stage
              says={
                state && state.waiting > 0
                  ? `Looked at ${state.pictures - state.waiting} of ${state.pictures}${state.seconds_each ? `, ${left(state.waiting * state.seconds_each)}` : ''}`
                  : 'All that came are looked at'
              }
              share={state && state.pictures > 0 ? 1 - state.waiting / state.pictures : 0}
              show={(state?.waiting ?? 0) > 0}
              done={state?.waiting === 0}
            />
            <Stage
              says={`Following the subject: ${state?.following ?? 0} to go${state?.seconds_each ? `, ${left(state.following * state.seconds_each)}` : ''}`}
              share={null}
              show={(state?.following ?? 0) > 0}
              done={false}
            />
            <Button
              size="small"
              onClick={() => {
                stop();
                if ((state?.waiting ?? 0) > 0) cancel.mutate(undefined, fail);
              }}
            >
              Cancel
            </Button>
          </section>
        )}

        {refused.length > 0 && (
          <section className="refused" aria-label="Not taken in">
            <details open={refused.length < 4}>
              <summary>
                {refused.length === 1
                  ? 'One file was not taken in'
                  : `${refused.length} files were not taken in`}
              </summary>
              <ul>
                {refused.map((one) => (
                  <li key={one.key}>
                    <b>{one.name}</b> <span className="quiet">{one.problem}</span>{' '}
                    {one.again && (
                      <Button size="small" type="text" onClick={one.again}>
                        Try again
                      </Button>
                    )}
                  </li>
                ))}
              </ul>
            </details>
            {again.length > 1 && (
              <Button
                type="text"
                size="small"
                onClick={() => {
                  for (const one of again) one.again?.();
                }}
              >
                Try all again
              </Button>
            )}
            <Button
              type="text"
              size="small"
              onClick={() => {
                forget();
                cancel.mutate(undefined, fail);
              }}
            >
              Clear the list
            </Button>
          </section>
        )}

        {bursts.isError && <Failed message={bursts.error.message} />}
        {bursts.isPending && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {empty && (
          <div className="pictures-empty">
            <h2>What happens with them</h2>
            <ol>
              <li>They are put into bursts by their times and matched to the rushes of an outing.</li>
              <li>You tap the subject in one frame of a burst; it is found in the others.</li>
              <li>
                Each frame is measured there: how sharp, smeared which way, and where focus went instead.
              </li>
            </ol>
            {shooting && <p role="status">The stand-in camera is at it; its frames come in one by one.</p>}
            {!shooting && rushes.length > 0 && (
              <p>
                No pictures at hand?{' '}
                <Dropdown
                  trigger={['click']}
                  menu={{
                    items: rushes.map((rush) => ({ key: rush.id, label: rush.name })),
                    onClick: ({ key }) =>
                      standIn.mutate(key, { ...fail, onSuccess: () => setShooting(true) }),
                  }}
                >
                  <Button>Let the stand-in camera shoot a rush</Button>
                </Dropdown>
              </p>
            )}
          </div>
        )}
        {bursts.data && bursts.data.length > 0 && (
          <section aria-label="Bursts">
            {byDay(bursts.data).map(([day, list]) => (
              <div key={day}>
                <h2>{day}</h2>
                <ul className="burst-cards">
                  {list.map((one) => (
                    <li key={one.burst.id}>
                      <BurstCard one={one} />
                    </li>
                  ))}
                </ul>
              </div>
            ))}
          </section>
        )}

        {state && state.pictures > 0 && (
          <section className="originals" aria-label="Room">
            <label htmlFor="keeps">
              <Switch
                id="keeps"
                size="small"
                checked={state.keeps_originals}
                onChange={(keeps) =>
                  keeps
                    ? settle.mutate(true, fail)
                    : modal.confirm({
                        title: 'Delete originals once they are measured?',
                        content:
                          'Previews and figures stay. A subject can then not be marked anew, and nothing is shown pixel for pixel.',
                        okText: 'Delete them from now on',
                        onOk: () => settle.mutateAsync(false),
                      })
                }
              />
              Keep originals after measuring
            </label>
            <span className="quiet">
              {state.pictures} pictures, {gigabytes(state.bytes)} of {gigabytes(state.most_bytes)}
            </span>
          </section>
        )}
      </main>
    </>
  );
}

function Stage({
  says,
  share,
  show,
  done,
}: {
  says: string;
  share: number | null;
  show: boolean;
  done: boolean;
}) {
  if (!show) return null;
  return (
    <div className="stage">
      <span>{says}</span>
      <div
        className="stage-bar"
        role="progressbar"
        aria-label={says}
        aria-valuenow={share === null ? undefined : Math.round(100 * share)}
      >
        <i style={{ width: `${100 * (done ? 1 : (share ?? 0.3))}%` }} />
      </div>
    </div>
  );
}

function BurstCard({ one }: { one: PictureBurst }) {
  const { burst } = one;
  const kept = burst.keepers;
  return (
    <Link to={`/review/bursts/${burst.id}`} className="burst-card">
      {one.first ? <img src={one.first} alt="" loading="lazy" /> : <span className="burst-blank" />}
      <span className="burst-card-name">{burst.rush_id ? burst.rush : 'Not matched to a rush'}</span>
      <span className="quiet">
        {clock.format(new Date(burst.at))}, {one.pictures === 1 ? 'one frame' : `${one.pictures} frames`}
      </span>
      <span className="burst-card-says">
        {one.following
          ? `Measuring ${one.following.done} of ${one.following.total}`
          : kept == null
            ? one.marked
              ? 'Some not measured'
              : 'Tap the subject to measure'
            : `${kept} kept`}
      </span>
    </Link>
  );
}

function byDay(bursts: PictureBurst[]): [string, PictureBurst[]][] {
  const groups = new Map<string, PictureBurst[]>();
  for (const one of bursts) {
    const day = days.format(new Date(one.burst.at));
    groups.set(day, [...(groups.get(day) ?? []), one]);
  }
  return [...groups];
}
