import '../rushes/rushes.css';
import '../review/review.css';
import './pictures.css';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { type DragEvent, useEffect, useState, useSyncExternalStore } from 'react';
import { pictureActions, usePictureAction, usePictureBursts, usePictureState } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { useTitle } from '../../ui/useTitle';
import { ReviewTabs } from '../review/door';
import { Adding } from './Adding';
import { Bursts } from './Bursts';
import { filesOf } from './dropped';
import { NoPictures } from './NoPictures';
import { NotTaken } from './NotTaken';
import { Room } from './Room';
import { add, leftBehind, letGo, snapshot, subscribe, total } from './sending';
import { UnderWay } from './UnderWay';

/** After so long the stand-in camera has failed, and one may try again. */
const SHOOTING_MS = 100_000;

/** Pictures: dropped here, looked at, put into bursts. */
export default function Pictures() {
  useTitle(t('pictures.pictures'));
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
  const list = usePictureBursts(busy || shooting);
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
  const [over, setOver] = useState(false);
  const { message } = App.useApp();
  const standIn = usePictureAction(pictureActions.standIn);
  const dropped = (event: DragEvent) => {
    if (event.dataTransfer.types.length > 0 && !event.dataTransfer.types.includes('Files')) return;
    event.preventDefault();
    setOver(false);
    void filesOf(event.dataTransfer.items).then(add);
  };

  return (
    <>
      <TopBar />
      <main
        className="rushes review pictures"
        onDragOver={(event) => {
          event.preventDefault();
          setOver(event.dataTransfer.types.includes('Files'));
        }}
        onDragLeave={(event) => event.currentTarget === event.target && setOver(false)}
        onDrop={dropped}
      >
        <div className="rushes-head">
          <h1>{t('pictures.pictures')}</h1>
          <ReviewTabs />
        </div>
        <Adding over={over} />

        {behind > 0 && (
          <section className="left-behind" aria-label={t('pictures.not-sent-yet')} role="status">
            <p>{t('pictures.pictures-had-not-been', { behind })}</p>
            <Button size="small" type="text" onClick={letGo}>
              {t('pictures.not-needed-any-more')}
            </Button>
          </section>
        )}
        {busy && <UnderWay sending={all} state={state} />}
        <NotTaken refused={all.refused} state={state} />

        {list.isError && <Failed message={list.error.message} />}
        {list.isPending && (
          <p className="quiet" role="status">
            {t('pictures.loading')}
          </p>
        )}
        {list.bursts?.length === 0 && !busy && (
          <NoPictures
            shooting={shooting}
            onShoot={(rush) =>
              standIn.mutate(rush, {
                onSuccess: () => setShooting(true),
                onError: (error) => void message.error(error.message),
              })
            }
          />
        )}
        {list.bursts && list.bursts.length > 0 && <Bursts bursts={list.bursts} />}
        {list.hasNextPage && (
          <p className="rushes-more">
            <Button onClick={() => void list.fetchNextPage()} loading={list.isFetchingNextPage}>
              {t('pictures.show-more')}
            </Button>
          </p>
        )}
        {state && state.pictures > 0 && <Room state={state} />}
      </main>
    </>
  );
}
