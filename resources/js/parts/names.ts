/** A name for a copy that none of the others has: “X (copy)”, “X (copy 2)”… of at most 120 characters. */
export function nameOfCopy(name: string, taken: string[]): string {
  const base = name.replace(/ \(copy(?: \d+)?\)$/, '');
  for (let n = 1; ; n++) {
    const mark = n === 1 ? ' (copy)' : ` (copy ${n})`;
    const copy = base.slice(0, 120 - mark.length) + mark;
    if (!taken.includes(copy)) return copy;
  }
}
