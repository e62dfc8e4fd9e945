import { sayDate } from './dates';
/** A day as people say it: 4 June, with its year where that is another. */
export function dayOf(day: string): string {
  const at = new Date(day.length === 10 ? `${day}T12:00` : day);
  const other = at.getFullYear() !== new Date().getFullYear();
  return sayDate(at, other ? 'date' : 'day');
}
