import { useDeferredValue, useState } from 'react';
import type { Hold } from '../../api/client';
import { usePlan, useRank } from '../../api/hooks';
import { useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import type { Draft } from './useDesk';

/** A hand that moves is not asked about at each step, and the playing waits until it rests, ms. */
const MOVING = 70;
const RESTING = 450;

/** What the server makes of the draft: the formulas answer at once, then every set-up is played and the winner takes their place. */
export function useAnswers(draft: Draft | null, standing: Hold | null) {
  const units = useUnits();
  const [run, setRun] = useState(0);
  const asked = useDebounced(draft, MOVING);
  const plan = usePlan(asked?.document, asked?.pins ?? {}, units, standing);
  // A refused entry does not take the last answer away.
  const [answer, setAnswer] = useState(plan.data);
  if (plan.data && plan.data !== answer) setAnswer(plan.data);
  const settled = useDebounced(draft, RESTING);
  const rank = useRank(settled?.document, settled?.pins ?? {}, units, run, standing);
  const played = rank.data && settled === asked ? rank.data : undefined;
  const refused = plan.error && !plan.isFetching ? plan.error : null;
  return {
    shown: useDeferredValue(played ?? answer),
    refused,
    stale: plan.isPlaceholderData || refused !== null,
    playing: rank.isFetching,
    /** Another of the runs that were played; null while none was. */
    anotherRun: played ? () => setRun((n) => (n + 1) % 50) : null,
  };
}
