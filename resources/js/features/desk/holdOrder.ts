import type { Plan, PlanLine } from '../../api/client';

/** The lines of a hold as they are read: what matters most here, the rest by group, and what does nothing in this hold. */
export type HoldOrder = {
  important: PlanLine[];
  focus: PlanLine[];
  exposure: PlanLine[];
  shooting: PlanLine[];
  idle: PlanLine[];
};

export function orderOf(plan: Plan): HoldOrder {
  const active = plan.lines.filter((line) => !line.idle || line.pinned);
  const first = plan.important.flatMap((setting) => active.find((line) => line.setting === setting) ?? []);
  const rest = active.filter((line) => !first.includes(line));
  const inGroup = (group: PlanLine['group']) => rest.filter((line) => line.group === group);
  return {
    important: first,
    focus: inGroup('focus'),
    exposure: inGroup('exposure'),
    shooting: inGroup('shooting'),
    idle: plan.lines.filter((line) => line.idle && !line.pinned),
  };
}

/** The settings from top to bottom, for stepping through them. */
export const inOrder = (order: HoldOrder): string[] =>
  Object.values(order)
    .flat()
    .map((line) => line.setting);
