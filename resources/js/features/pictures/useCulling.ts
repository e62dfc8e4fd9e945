import { App } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import {
  type BurstPictures,
  type Picture,
  pictureActions,
  useJudging,
  usePictureAction,
} from '../../api/pictures';
import { t } from '../../lang/pictures';
import { useUndo } from '../../ui/useUndo';
import { FILTERS, type Filter, passes } from './filters';

/** Pixels of the picture to one of the screen, of the piece that is shown. */
export const MAGNIFICATIONS = [0.5, 1, 2] as const;
export type Magnification = (typeof MAGNIFICATIONS)[number];

/** How far beside what has to be sharp the pieces are shown, pixels of the picture. */
export type Offset = { x: number; y: number };
const CENTRED: Offset = { x: 0, y: 0 };

/** What was done, so that it can be taken back step by step. */
type Done = { id: string; said: boolean | null } | { step: string };

export type Culling = ReturnType<typeof useCulling>;

/** Going through a burst: which frame is shown, which are chosen, what is said of them, and how it is taken back. */
export function useCulling(id: string, data: BurstPictures) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [anchor, setAnchor] = useState<string | null>(null);
  const [beside, setBeside] = useState<string | null>(null);
  const [filter, setFilter] = useState<Filter>('all');
  const [sheet, setSheet] = useState(false);
  const [magnified, setMagnified] = useState<Magnification>(1);
  const [offset, setOffset] = useState(CENTRED);
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

  const marked = data.found_by !== null;
  const pictures = data.pictures;
  const filtered = pictures.filter((one) => passes(one, filter, marked));
  // What is shown stays, even where it has just been judged out of what is asked for.
  const strip =
    filtered.length > 0 ? pictures.filter((one) => filtered.includes(one) || one.id === chosen) : pictures;
  const at = Math.max(
    0,
    strip.findIndex((one) => one.id === chosen),
  );
  const shown = strip[at] as Picture;
  const from = anchor === null ? at : strip.findIndex((one) => one.id === anchor);
  const range = from < 0 ? [shown] : strip.slice(Math.min(from, at), Math.max(from, at) + 1);

  const go = (to: number, extend = false) => {
    const next = strip[Math.max(0, Math.min(strip.length - 1, to))];
    if (!next) return;
    setAnchor(extend ? (anchor ?? shown.id) : null);
    setChosen(next.id);
  };
  const choose = (picture: string, extend = false) => {
    setAnchor(extend ? (anchor ?? shown.id) : null);
    setChosen(picture);
  };
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
  const frames = (some: Picture[]) => t('use-culling.frames', { some: some.length });
  const sayAll = (some: Picture[], said: boolean | null) => {
    setAnchor(null);
    judgeAll.mutate(
      { pictures: some.map((one) => one.id), said },
      {
        ...fail,
        onSuccess: ({ undo: taken }) =>
          step(
            t('use-culling.said', {
              frames: frames(some),
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
          setAnchor(null);
          setChosen(after?.id ?? null);
          step(t('use-culling.deleted', { some: some.length === 1 ? some[0]?.name : frames(some) }), taken);
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
          setAnchor(null);
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
  const magnify = (by: 1 | -1) => {
    const now = MAGNIFICATIONS.indexOf(magnified) + by;
    setMagnified(MAGNIFICATIONS[Math.max(0, Math.min(MAGNIFICATIONS.length - 1, now))] ?? 1);
  };
  const turn = (to: { id: string } | null | undefined) => {
    if (to) navigate(`/review/bursts/${to.id}`);
  };
  const nextFilter = () =>
    setFilter(FILTERS[(FILTERS.findIndex(({ key }) => key === filter) + 1) % FILTERS.length]?.key ?? 'all');

  useKeys({
    arrowright: (shift) => go(at + 1, shift),
    arrowleft: (shift) => go(at - 1, shift),
    ' ': (shift) => go(at + (shift ? -1 : 1)),
    home: (shift) => go(0, shift),
    end: (shift) => go(strip.length - 1, shift),
    k: (shift) => (shift ? sayAll(strip, true) : sayAndGo(true)),
    l: (shift) => (shift ? sayAll(strip, false) : sayAndGo(false)),
    m: (shift) => (shift ? sayAll(strip, null) : sayAndGo(null)),
    z: takeBack,
    b: () => setBeside((now) => (now ? null : shown.id)),
    '+': () => magnify(1),
    '=': () => magnify(1),
    '-': () => magnify(-1),
    '0': () => {
      setMagnified(1);
      setOffset(CENTRED);
    },
    a: () => setSheet((now) => !now),
    f: nextFilter,
    n: () => turn(data.after),
    p: () => turn(data.before),
    s: () => {
      const tail = pictures.slice(pictures.indexOf(shown));
      if (tail.length < pictures.length)
        moveTo(
          tail.map((one) => one.id),
          null,
        );
    },
    escape: () => {
      setAnchor(null);
      setSheet(false);
    },
  });

  return {
    pictures,
    strip,
    at,
    shown,
    range,
    marked,
    filter,
    setFilter,
    sheet,
    setSheet,
    magnified,
    magnify,
    offset,
    setOffset,
    beside: pictures.find((one) => one.id === beside && one.id !== shown.id),
    holdsBeside: beside !== null,
    setBeside,
    choose,
    say,
    sayAll,
    remove,
    moveTo,
  };
}

/** Keys of the page, but not where something is typed or chosen from a list. */
function useKeys(keys: Record<string, (shift: boolean) => void>) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.metaKey || event.ctrlKey || event.altKey) return;
      if (target.closest('input, textarea, .ant-select-open, [role="menu"]')) return;
      // A button that has the focus is pressed by the bar.
      if (event.key === ' ' && target.closest('button:not(.strip button), a, [role="button"]')) return;
      const act = keys[event.key.toLowerCase()];
      if (!act) return;
      event.preventDefault();
      act(event.shiftKey);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
