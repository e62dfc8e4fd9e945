import { App } from 'antd';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { type Picture, pictureActions, useJudging, usePictureAction } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { useUndo } from '../../ui/useUndo';
import type { Strip } from './useStrip';

/** What was done, so that it can be taken back step by step. */
type Done = { id: string; said: boolean | null } | { step: string };

/** What is said of frames, where they go, and how it is taken back. */
export function useJudgements(id: string, frames: Strip) {
  const { pictures, strip, at, shown, range, choose, chooseOne } = frames;
  const { message } = App.useApp();
  const toast = useUndo();
  const navigate = useNavigate();
  const judging = useJudging(id);
  const judgeAll = usePictureAction(pictureActions.judgeAll);
  const move = usePictureAction(pictureActions.move);
  const removeAll = usePictureAction(pictureActions.removeAll);
  const undo = usePictureAction(pictureActions.undo);
  const done = useRef<Done[]>([]);
  const fail = { onError: (error: Error) => void message.error(error.message) };

  const say = (picture: Picture, said: boolean | null) => {
    done.current.push({ id: picture.id, said: picture.said });
    judging.mutate({ id: picture.id, said }, fail);
  };
  /** Something done as one step: it can be taken back by Z or by what appears. */
  const step = (says: string, taken: string) => {
    done.current.push({ step: taken });
    toast(says, () => {
      done.current = done.current.filter((one) => !('step' in one) || one.step !== taken);
      return undo.mutateAsync(taken);
    });
  };
  const counted = (some: Picture[]) => t('use-culling.frames', { some: some.length });
  const sayAll = (some: Picture[], said: boolean | null) => {
    chooseOne();
    judgeAll.mutate(
      { pictures: some.map((one) => one.id), said },
      {
        ...fail,
        onSuccess: ({ undo: taken }) =>
          step(
            t('use-culling.said', {
              frames: counted(some),
              said: said === null ? 'nothing' : said ? 'kept' : 'lost',
            }),
            taken,
          ),
      },
    );
  };
  /** By key the hand stays where it is, so the next one comes; of several all are meant. */
  const sayAndGo = (said: boolean | null) => {
    if (range.length > 1) return sayAll(range, said);
    const next = strip[at + 1] ?? strip[at];
    say(shown, said);
    if (next) choose(next.id);
  };
  const remove = (some: Picture[]) => {
    const after =
      strip.find((one, i) => i > at && !some.includes(one)) ?? strip.find((one) => !some.includes(one));
    removeAll.mutate(
      some.map((one) => one.id),
      {
        ...fail,
        onSuccess: ({ undo: taken }) => {
          chooseOne(after?.id ?? null);
          step(t('use-culling.deleted', { some: some.length === 1 ? some[0]?.name : counted(some) }), taken);
        },
      },
    );
  };
  /** Into another burst, or into one of their own. */
  const moveTo = (some: string[], burst: string | null) =>
    move.mutate(
      { pictures: some, burst },
      {
        ...fail,
        onSuccess: ({ undo: taken, burst: now }) => {
          chooseOne();
          // Where nothing is left, the page follows what was moved.
          if (some.length === pictures.length) navigate(`/review/bursts/${now}`, { replace: true });
          const moved = t('use-culling.frames', { some: some.length });
          step(
            burst === null
              ? t('use-culling.in-a-burst-of', { moved })
              : t('use-culling.moved-to-the-other', { moved }),
            taken,
          );
        },
      },
    );
  const takeBack = () => {
    const last = done.current.pop();
    if (!last) return;
    if ('step' in last) undo.mutate(last.step, fail);
    else {
      judging.mutate(last, fail);
      choose(last.id);
    }
  };
  return { say, sayAll, sayAndGo, remove, moveTo, takeBack };
}
