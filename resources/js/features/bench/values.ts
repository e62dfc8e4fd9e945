import { t } from '../../lang/bench';
export type Scored = { value: number; score: number };

/** A fine-tune value with its sign, as cameras show it. */
export const signed = (value: number): string =>
  value > 0 ? `+${value}` : value < 0 ? `−${Math.abs(value)}` : '0';

/** Lines of a value and a score. */
export function readTyped(text: string): { trials: Scored[]; problem: string | null } {
  const trials: Scored[] = [];
  for (const [i, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue;
    const found = /^\s*([+\-−]?\d{1,3})[\s;:,\t]+(\d+(?:[.,]\d+)?)\s*$/.exec(line);
    const value = Number(found?.[1]?.replace('−', '-'));
    if (!found || Math.abs(value) > 100)
      return { trials, problem: t('values.line-is-no-value', { i: i + 1 }) };
    trials.push({ value, score: Number(found[2]?.replace(',', '.')) });
  }
  return { trials, problem: null };
}
