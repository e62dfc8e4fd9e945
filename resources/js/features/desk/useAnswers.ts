import { useMemo, useState } from 'react';
import type { Hold, Plan } from '../../api/client';
import { usePlan, useRank } from '../../api/hooks';
import { useUnits } from '../../lang/units';
import { useDebounced } from '../../ui/useDebounced';
import type { Draft } from './useDesk';

/** A hand that moves is not asked about at each step, and the playing waits until it rests, ms. */
const MOVING = 30;
const RESTING = 90;

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

/** A ranking that is not explained yet, with the explanations of the last one. */
export function explainedBy(ranked: Plan, before: Plan): Plan {
  const { by_school, why, what_if, important } = before;
  return { ...ranked, important, ...(why && by_school && what_if ? { why, by_school, what_if } : {}) };
}

/** What the server makes of the draft: the formulas answer at once, then every set-up is played and the winner takes their place. */
export function useAnswers(draft: Draft | null, standing: Hold | null) {
  const units = useUnits();
  const [run, setRun] = useState(0);
  const [last, setLast] = useState<Played | null>(null);
  const asked = useDebounced(draft, MOVING);
  const settled = useDebounced(draft, RESTING);
  const rank = useRank(settled?.document, settled?.pins ?? {}, units, run, standing);
  const ranked = rank.data && settled && settled === draft ? rank.data : undefined;
  // Whatever is not explained yet keeps the explanations from before.
  const explained = ranked && (!rank.isFetching || rank.isPlaceholderData);

  const carried = draft && last && carries(last.draft, draft) ? last.plan : null;
  const plan = usePlan(
    // Once it has been played the formulas alone are no longer asked; nor about what is just being changed.
    ranked || asked !== draft ? undefined : asked?.document,
    asked?.pins ?? {},
    units,
    standing,
    carried?.best.hold,
  );
  // A refused entry does not take the last answer away.
  const [answer, setAnswer] = useState(plan.data);
  if (ranked && settled && explained && last?.plan !== ranked) {
    setLast({ plan: ranked, draft: settled });
    setAnswer(ranked);
  }
  if (plan.data && !plan.isPlaceholderData && plan.data !== answer) setAnswer(plan.data);
  const formulas = useMemo(
    () => (answer && carried ? withFigures(answer, carried) : answer),
    [answer, carried],
  );
  const played = useMemo(
    () => (ranked && !explained && carried ? explainedBy(ranked, carried) : ranked),
    [ranked, explained, carried],
  );
  const failed =
    plan.error && !plan.isFetching ? plan.error : rank.error && !rank.isFetching ? rank.error : null;
  return {
    shown: played ?? formulas,
    /** What went wrong with the newest question; null while nothing did. */
    refused: failed,
    /** Whether what is shown answers an older question. */
    stale: failed !== null || (!ranked && (asked !== draft || plan.isPending || plan.isPlaceholderData)),
    /** Whether the figures are not those of the newest question yet. */
    playing: failed === null && (!ranked || (rank.isFetching && rank.isPlaceholderData)),
    /** Asks again what failed. */
    again: () => {
      void plan.refetch();
      void rank.refetch();
    },
    /** Another of the runs that were played; null while none was. */
    anotherRun: ranked ? nextRun(setRun) : null,
  };
}

const nextRun = (set: (to: (run: number) => number) => void) => () => set((n) => (n + 1) % 50);
