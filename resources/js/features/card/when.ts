import type { Card, CardRush } from '../../field/db';
import { t } from '../../lang/card';
import { sayDate } from '../../lang/dates';

/** The clock at a place at a moment. */
export const clockAt = (moment: number, zone: string): string => sayDate(moment, 'clock', zone);

/** The clock at the place, from a time as the server writes it. */
export const clockOf = (at: string): string => at.slice(11, 16);

/** The day of an outing, as people write it. */
export const dayOf = (at: string): string => sayDate(at.slice(0, 10), 'weekday');

/** The one of some quarter hours that a moment lies in; null before the first and after the last. */
export function quarterAt<T extends { at: string }>(quarters: T[], moment: number): T | null {
  const first = quarters[0];
  const last = quarters[quarters.length - 1];
  if (!first || !last || moment < Date.parse(first.at) || moment > Date.parse(last.at)) return null;
  return quarters.findLast((q) => Date.parse(q.at) <= moment) ?? null;
}

/** The rush whose time it is, else the next one, else the first. */
export function rushAt(card: Card, moment: number): number {
  const ahead = card.rushes.findIndex((r) => r.planned && Date.parse(r.planned.to) > moment);
  return Math.max(0, ahead);
}

/** What to expose by: for the light of this quarter hour while the outing is on, for the time it is planned otherwise. */
export function exposureAt(rush: CardRush, moment: number) {
  const now = quarterAt(rush.by_time, moment);
  return now
    ? { ...now, now: true }
    : {
        shutter: rush.shutter,
        aperture: rush.aperture,
        iso: rush.iso,
        at: rush.planned?.from ?? rush.best.at,
        now: false,
      };
}

/** How long ago something was, in words. */
export function ago(moment: number, now: number): string {
  const minutes = Math.max(0, Math.round((now - moment) / 60_000));
  if (minutes < 1) return t('when.just-now');
  if (minutes < 60) return t('when.min-ago', { minutes });
  const hours = Math.round(minutes / 60);
  return hours < 36 ? t('when.h-ago', { hours }) : t('when.days-ago', { days: Math.round(hours / 24) });
}
