import type { Hold } from '../api/client';
import { label, type Words } from '../lang/labels';
import { figures } from '../lang/language';
import { t } from '../lang/ui';
import { say, sayShutter, type Units } from '../lang/units';

/** The words that settings take, by setting. */
const sets: Record<string, Words> = {
  support: 'support',
  'focus.technique': 'technique',
  'focus.mode': 'focus-mode',
  'focus.area': 'area',
  'focus.detect': 'detection',
  aim: 'aim-point',
  'focus.wins': 'wins',
  drive: 'drive',
  stabiliser: 'stabiliser',
};

/** The settings a hold fixes, one by one, by the names that documents spell. */
export function settingsOf(hold: Hold): [string, unknown][] {
  return Object.entries(hold as Record<string, unknown>)
    .filter(([name]) => name !== 'format')
    .flatMap(([name, value]) =>
      (name === 'focus' || name === 'exposure') && value !== null && typeof value === 'object'
        ? Object.entries(value).map(([inner, own]): [string, unknown] => [`${name}.${inner}`, own])
        : [[name, value] as [string, unknown]],
    );
}

function sayRange([near = null, far = null]: (number | null)[], units: Units): string {
  const said = (metres: number | null) => (metres === null ? '∞' : say(metres, 'length', units));
  return t('settings.range', { near: said(near), far: said(far) });
}

/** A setting's value as people say it. */
export function sayValue(setting: string, value: unknown, units: Units): string {
  const set = sets[setting];
  if (set && typeof value === 'string') return label(set, value);
  if (typeof value === 'boolean') return value ? t('settings.on') : t('settings.off');
  if (setting === 'exposure.shutter_s') return t('settings.s', { sayShutter: sayShutter(value as number) });
  if (setting === 'exposure.aperture') return figures(`f/${Number((value as number).toFixed(1))}`);
  if (setting.endsWith('_s')) return t('settings.s-2', { value: Number(value) });
  if (setting === 'focus.start_at_m') return say(value as number, 'length', units);
  if (setting === 'focus.range_m')
    return value === null ? t('settings.none') : sayRange(value as (number | null)[], units);
  if (setting === 'focus.area_at')
    return (value as number[]).every((n) => n === 0)
      ? t('settings.in-the-middle')
      : (value as number[]).map((n) => `${Math.round(100 * n)}%`).join(', ');
  return typeof value === 'number' ? figures(String(Number(value.toFixed(2)))) : String(value);
}

/** What sets one of several holds apart from the others. */
export function apart(holds: Hold[]): [string, unknown][][] {
  const all = holds.map((hold) => new Map(settingsOf(hold)));
  const differs = (name: string) => new Set(all.map((of) => JSON.stringify(of.get(name) ?? null))).size > 1;
  return all.map((of) => [...of].filter(([name]) => differs(name)));
}
