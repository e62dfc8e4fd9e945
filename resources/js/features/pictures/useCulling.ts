import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { BurstPictures } from '../../api/pictures';
import { FILTERS } from './filters';
import { useJudgements } from './useJudgements';
import { useStrip } from './useStrip';

/** Pixels of the picture to one of the screen, of the piece that is shown. */
export const MAGNIFICATIONS = [0.5, 1, 2] as const;
export type Magnification = (typeof MAGNIFICATIONS)[number];

/** How far beside what has to be sharp the pieces are shown, pixels of the picture. */
export type Offset = { x: number; y: number };
const CENTRED: Offset = { x: 0, y: 0 };

/** How close what has to be sharp is looked at. */
function useClose() {
  const [magnified, setMagnified] = useState<Magnification>(1);
  const [offset, setOffset] = useState(CENTRED);
  const magnify = (by: 1 | -1) => {
    const now = MAGNIFICATIONS.indexOf(magnified) + by;
    setMagnified(MAGNIFICATIONS[Math.max(0, Math.min(MAGNIFICATIONS.length - 1, now))] ?? 1);
  };
  const asAtFirst = () => {
    setMagnified(1);
    setOffset(CENTRED);
  };
  return { magnified, offset, setOffset, magnify, asAtFirst };
}

export type Culling = ReturnType<typeof useCulling>;

/** Going through a burst: which frame is shown, which are chosen, what is said of them, and how it is taken back. */
export function useCulling(id: string, data: BurstPictures) {
  const [beside, setBeside] = useState<string | null>(null);
  const [sheet, setSheet] = useState(false);
  const { asAtFirst, ...close } = useClose();
  const { go, chooseOne, ...frames } = useStrip(data);
  const { sayAndGo, takeBack, ...judged } = useJudgements(id, { go, chooseOne, ...frames });
  const navigate = useNavigate();
  const { pictures, strip, at, shown, filter, setFilter } = frames;
  const { sayAll, moveTo } = judged;
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
    '+': () => close.magnify(1),
    '=': () => close.magnify(1),
    '-': () => close.magnify(-1),
    '0': asAtFirst,
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
      chooseOne();
      setSheet(false);
    },
  });

  return {
    ...frames,
    ...judged,
    ...close,
    sheet,
    setSheet,
    beside: pictures.find((one) => one.id === beside && one.id !== shown.id),
    holdsBeside: beside !== null,
    setBeside,
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
