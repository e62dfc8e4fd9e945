import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '../..');

/** What holds for all: colours, and the size of whatever is pressed by a finger. */
const OF_ALL = 'ui/theme/';

const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.css') && !file.startsWith(OF_ALL))
  .sort();

/** The classes with which rules begin, a selector at a time. */
function begun(css: string): Set<string> {
  const rules = css.replace(/\/\*.*?\*\//gs, '').matchAll(/(?<=^|[{};])([^{};@]+)\{/g);
  const selectors = [...rules].flatMap(([, rule = '']) => rule.split(','));
  return new Set(selectors.flatMap((one) => /^\s*\.([\w-]+)/.exec(one)?.[1] ?? []));
}

describe('styles', () => {
  it('begin with a class in one file only, so that no page changes with those that were open before', () => {
    const home = new Map<string, string>();
    const twice: string[] = [];
    for (const file of files)
      for (const name of begun(readFileSync(join(ROOT, file), 'utf8'))) {
        const other = home.get(name);
        if (other) twice.push(`.${name}: ${other}, ${file}`);
        else home.set(name, file);
      }
    expect(twice).toEqual([]);
    expect(home.size).toBeGreaterThan(500);
  });
});
