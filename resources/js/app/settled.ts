import type { QueryClient } from '@tanstack/react-query';
import { isPutOff, onPutOff } from '../ui/putOff';

/** So long everything has to be quiet, ms: an answer may lead to the next question. */
const CALM = 60;

const MOVES = ['transitionrun', 'transitionend', 'transitioncancel', 'animationstart', 'animationend'];

/** Something fades or slides, and will come to its end. */
const isMoving = () =>
  document
    .getAnimations()
    .some((each) => each.playState === 'running' && each.effect?.getComputedTiming().endTime !== Infinity);

/**
 * Says on the page, as `data-settled`, whether it has come to rest: nothing is asked or put off, nothing fades, fonts are
 * there. Whoever drives it, a test or a camera for pictures of it, need not guess how long to wait.
 */
export function sayWhenSettled(queries: QueryClient): void {
  const { dataset } = document.documentElement;
  let timer = 0;
  const busy = () =>
    queries.isFetching() > 0 ||
    queries.isMutating() > 0 ||
    isPutOff() ||
    document.fonts.status !== 'loaded' ||
    isMoving();
  const look = () => {
    window.clearTimeout(timer);
    dataset.settled = 'no';
    timer = window.setTimeout(() => (busy() ? look() : settle()), CALM);
  };
  const settle = () => {
    dataset.settled = 'yes';
  };
  queries.getQueryCache().subscribe(look);
  queries.getMutationCache().subscribe(look);
  onPutOff(look);
  document.fonts.addEventListener('loadingdone', look);
  for (const move of MOVES) document.addEventListener(move, look, true);
  look();
}
