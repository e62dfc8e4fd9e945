import { options } from '../lang/labels';
import type { DrillName } from './practice';

export const DRILLS = options('exercise').map(({ value }) => value as DrillName);

/** Those that are turned by the ring have one screen together. */
const BY_RING: string[] = ['still', 'swimmer', 'perch', 'surprise', 'wild'] satisfies DrillName[];

export const isByRing = (drill: string): boolean => BY_RING.includes(drill);

/** Where each drill is played: at its name. A rehearsal begins at its outing, unless it was given. */
export function placeOf(drill: string, given = false): string {
  if (isByRing(drill)) return `/practice/ring?exercise=${drill}`;
  return drill === 'rehearsal' && !given ? '/outings' : `/practice/${drill}`;
}
