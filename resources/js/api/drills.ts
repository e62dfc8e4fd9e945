import type { DrillName } from './practice';

/** Where each drill is played; a rehearsal begins at its outing, unless it was given. */
export function placeOf(drill: string, given = false): string {
  if (drill === 'buttons') return '/practice/buttons';
  if (drill === 'moment') return '/practice/moment';
  if (drill === 'area') return '/practice/area';
  if (drill === 'rehearsal') return given ? '/practice/rehearsal' : '/outings';
  if (drill === 'first-sharp') return '/practice/first-sharp';
  return `/practice/ring?exercise=${drill}`;
}

export const DRILLS: DrillName[] = [
  'buttons',
  'still',
  'swimmer',
  'perch',
  'surprise',
  'wild',
  'moment',
  'rehearsal',
  'area',
  'first-sharp',
];
