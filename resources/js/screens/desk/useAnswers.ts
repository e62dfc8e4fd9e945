import { useDeferredValue, useMemo, useRef, useState } from 'react';
import type { Hold, Plan } from '../../api/client';
import { usePlan, useRank } from '../../api/hooks';
import { useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import type { Draft } from './useDesk';

/** A hand that moves is not asked about at each step, and the playing waits until it rests, ms. */
const MOVING = 30;
const RESTING = 200;

type Played = { plan: Plan; draft: Draft };

/** Whether what won for one draft may stand for another until that is played: the same body, the same kind of subject. */
export function carries(played: Draft, now: Draft): boolean {
  return (
    played.document.subject.kind === now.document.subject.kind &&
    JSON.stringify(played.document.kit.body) === JSON.stringify(now.document.kit.body)
  );
}

/**
 * The newest formulas with the figures of the last playing, which stand until it has been played again.
 * The run that was played belongs to another rush, so that is not shown.
 */
export function withFigures(plan: Plan, played: Plan): Plan {
  const { ranking, by_school, why, what_if, ties, tried, played_less, fewest_changes } = played;
  const figures = { ranking, by_school, why, what_if, ties, tried, played_less, fewest_changes };
  return {
    ...plan,
    ...(Object.fromEntries(Object.entries(figures).filter(([, v]) => v !== undefined)) as Partial<Plan>),
    important: played.important,
    best: { ...played.best, hold: plan.best.hold },
  };
}

/** What the server makes of the draft: the formulas answer at once, then every set-up is played and the winner takes their place. */
export function useAnswers(draft: Draft | null, standing: Hold | null) {
  const units = useUnits();
  const [run, setRun] = useState(0);
  const last = useRef<Played | null>(null);
  const asked = useDebounced(draft, MOVING);
  const settled = useDebounced(draft, RESTING);
  const rank = useRank(settled?.document, settled?.pins ?? {}, units, run, standing);
  // What is still shown of another run is of the same rush.
  const played = rank.data && settled && settled === draft ? rank.data : undefined;
  if (played && settled) last.current = { plan: played, draft: settled };
  const carried = asked && last.current && carries(last.current.draft, asked) ? last.current.plan : null;
  // Once it has been played the formulas alone are no longer asked.
  const plan = usePlan(
    played ? undefined : asked?.document,
    asked?.pins ?? {},
    units,
    standing,
    carried?.best.hold,
  );
  // A refused entry does not take the last answer away.
  const [answer, setAnswer] = useState(plan.data);
  if (plan.data && plan.data !== answer) setAnswer(plan.data);
  const formulas = useMemo(
    () => (answer && carried ? withFigures(answer, carried) : answer),
    [answer, carried],
  );
  const failed =
    plan.error && !plan.isFetching ? plan.error : rank.error && !rank.isFetching ? rank.error : null;
  return {
    shown: useDeferredValue(played ?? formulas),
    /** What went wrong with the newest question; null while nothing did. */
    refused: failed,
    /** Whether what is shown answers an older question. */
    stale: failed !== null || asked !== draft || (!played && plan.isPlaceholderData),
    playing: rank.isFetching || (settled !== draft && failed === null),
    /** Asks again what failed. */
    again: () => {
      void plan.refetch();
      void rank.refetch();
    },
    /** Another of the runs that were played; null while none was. */
    anotherRun: played ? () => setRun((n) => (n + 1) % 50) : null,
  };
}
