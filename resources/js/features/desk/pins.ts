import type { Hold } from '../../api/client';
import { settingsOf } from '../../ui/settings';

/** A hold document with one setting put in, or taken out when the value is undefined. */
export function withPin(pins: Hold, setting: string, value: unknown): Hold {
  const [first, second] = setting.split('.') as [string, string | undefined];
  const next: Record<string, unknown> = { ...pins, format: 'rush-hold/hold@1' };
  if (second === undefined) {
    if (value === undefined) delete next[first];
    else next[first] = value;
  } else {
    const part: Record<string, unknown> = { ...(next[first] as Record<string, unknown> | undefined) };
    if (value === undefined) delete part[second];
    else part[second] = value;
    if (Object.keys(part).length > 0) next[first] = part;
    else delete next[first];
  }
  return Object.keys(next).length > 1 ? (next as Hold) : ({} as Hold);
}

/** A hold document with all settings of another one put in. */
export function withPins(pins: Hold, more: Hold): Hold {
  return settingsOf(more).reduce((now, [setting, value]) => withPin(now, setting, value), pins);
}

/** Whether a setting is pinned. */
export function hasPin(pins: Hold, setting: string): boolean {
  const [first, second] = setting.split('.') as [string, string | undefined];
  const part = (pins as Record<string, unknown>)[first];
  return second === undefined
    ? part !== undefined
    : ((part ?? {}) as Record<string, unknown>)[second] !== undefined;
}

export function countPins(pins: Hold): number {
  const { format: _, focus, exposure, ...rest } = pins as Record<string, unknown>;
  return (
    Object.keys(rest).length +
    Object.keys((focus as object | undefined) ?? {}).length +
    Object.keys((exposure as object | undefined) ?? {}).length
  );
}
