import { locale } from './language';

const day = { day: 'numeric', month: 'long' } as const;
const shortDay = { day: 'numeric', month: 'short' } as const;
const year = { year: 'numeric' } as const;
const clock = { hour: '2-digit', minute: '2-digit' } as const;

/** How a moment is said; in English as below. */
const styles = {
  /** 4 June */
  day,
  /** 4 Jun */
  shortDay,
  /** 4 June 2026 */
  date: { ...day, ...year },
  /** 4 Jun 2026 */
  shortDate: { ...shortDay, ...year },
  /** Thu 4 June */
  weekday: { ...day, weekday: 'short' },
  /** Thursday 4 June */
  fullDay: { ...day, weekday: 'long' },
  /** Thu 4 June 2026 */
  weekdayDate: { ...day, ...year, weekday: 'short' },
  /** 4 */
  dayOfMonth: { day: 'numeric' },
  /** June 2026 */
  month: { month: 'long', ...year },
  /** 05:40 */
  clock,
  /** 05:40:12 */
  exactClock: { ...clock, second: '2-digit' },
  /** 4 Jun, 05:40 */
  shortMoment: { ...shortDay, ...clock },
  /** 4 Jun 2026, 05:40 */
  moment: { ...shortDay, ...year, ...clock },
} satisfies Record<string, Intl.DateTimeFormatOptions>;

export type DateStyle = keyof typeof styles;

/** English dates are written the British way, the day first and the clock with 24 hours. */
const language = locale.startsWith('en') ? 'en-GB' : locale;

const made = new Map<string, Intl.DateTimeFormat>();

/** A zone that this browser does not know yet is taken for its own. */
function formatter(style: DateStyle, zone: string | null): Intl.DateTimeFormat {
  try {
    return new Intl.DateTimeFormat(language, { ...styles[style], ...(zone ? { timeZone: zone } : {}) });
  } catch {
    return new Intl.DateTimeFormat(language, styles[style]);
  }
}

/** A day (2026-06-04) or a moment as people say it, in a zone or in that of this device. */
export function sayDate(at: string | number | Date, style: DateStyle, zone: string | null = null): string {
  // A day alone is meant as it is written, whatever the zone.
  const moment = typeof at === 'string' && at.length === 10 ? new Date(`${at}T12:00`) : new Date(at);
  const key = `${style} ${zone}`;
  const format = made.get(key) ?? formatter(style, zone);
  made.set(key, format);
  return format.format(moment);
}
