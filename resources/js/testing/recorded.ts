import { readFileSync } from 'node:fs';
import type { BenchSession, SweepSummary } from '../api/bench';
import type { Habits, Plan, RushSummary, SavedRush } from '../api/client';
import type { Day } from '../api/day';
import type { Item, Listed } from '../api/kit';
import type { Layouts } from '../api/layout';
import type { LoggedBurst, OutingSummary, SavedOuting } from '../api/outings';
import type { DrillCourse, KeptDrill, Practice } from '../api/practice';
import type { Causes, HoldComparison, Learned } from '../api/review';
import type { components } from '../api/schema';
import type { Answer } from './answers';

type Recorded = {
  rushes: { items: RushSummary[]; next: string | null };
  rush: SavedRush;
  fresh: Answer<'GET /api/rushes/fresh'>;
  habits: Habits;
  bodies: Listed<'bodies'>[];
  lenses: Listed<'lenses'>[];
  subjects: Listed<'subjects'>[];
  body: Item<'bodies'>;
  lens: Item<'lenses'>;
  subject: Item<'subjects'>;
  plan: Plan;
  rank: Plan;
  comparison: Answer<'POST /api/compare'>;
  outings: OutingSummary[];
  outing: SavedOuting;
  'outing-bursts': LoggedBurst[];
  day: Day;
  card: components['schemas']['Card'];
  layout: Layouts;
  bursts: Answer<'GET /api/bursts'>;
  figures: Answer<'GET /api/bursts/figures'>;
  'hold-comparison': HoldComparison;
  learned: Learned;
  causes: Causes;
  practice: Practice;
  drills: KeptDrill[];
  'course-ring': DrillCourse;
  'course-buttons': DrillCourse;
  'course-moment': DrillCourse;
  sweeps: SweepSummary[];
  sweep: BenchSession;
  'aim-test': Answer<'GET /api/aim-test'>;
  groups: Answer<'GET /api/groups'>;
};

/** What the demo answered, as bin/record-answers wrote it down; each time one's own, to change as one likes. */
export const recorded = <Name extends keyof Recorded>(name: Name): Recorded[Name] =>
  JSON.parse(readFileSync(`resources/js/testing/recorded/${name}.json`, 'utf8'));
