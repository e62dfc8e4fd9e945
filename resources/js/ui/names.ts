import { t } from '../lang/ui';

/** What an earlier copy left at the end of a name. */
const marked = [t('names.copy'), t('names.copy-numbered', { n: '#' })].map((mark) =>
  mark.replace(/[()]/g, '\\$&').replace('#', '\\d+'),
);
const MARK = new RegExp(` (?:${marked.join('|')})$`);

/** A name for a copy that none of the others has: “X (copy)”, “X (copy 2)”… of at most 120 characters. */
export function nameOfCopy(name: string, taken: string[]): string {
  const base = name.replace(MARK, '');
  for (let n = 1; ; n++) {
    const mark = n === 1 ? t('names.copy') : t('names.copy-numbered', { n });
    const copy = `${base.slice(0, 119 - mark.length)} ${mark}`;
    if (!taken.includes(copy)) return copy;
  }
}
