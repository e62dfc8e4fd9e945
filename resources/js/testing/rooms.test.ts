import { describe, expect, it } from 'vitest';

/* Who may know whom: the application puts features together, a feature knows another by its door, and what all of them
   stand on knows none of them. */

const sources = import.meta.glob<string>(['../**/*.{ts,tsx}', '!../**/*.test.*', '!../testing/**'], {
  import: 'default',
  query: '?raw',
  eager: true,
});

/** Each room with those it may use beside itself. */
const MAY: Record<string, string[]> = {
  lang: [],
  api: ['lang'],
  field: ['api', 'lang'],
  ui: ['api', 'field', 'lang'],
  features: ['api', 'field', 'lang', 'ui'],
  worker: [],
  app: ['api', 'field', 'features', 'lang', 'ui'],
  'main.tsx': ['app', 'ui'],
};

/** `../features/desk/Desk.tsx` and `../../ui/Plot` make `features/desk` and `ui/Plot`. */
function target(from: string, spec: string): string[] {
  const at = from
    .replace(/^\.\.\//, '')
    .split('/')
    .slice(0, -1);
  for (const step of spec.split('/')) {
    if (step === '..') at.pop();
    else if (step !== '.') at.push(step);
  }
  return at;
}

const uses = Object.entries(sources).flatMap(([path, source]) => {
  const from = path.replace(/^\.\.\//, '').split('/');
  return [...source.matchAll(/(?:from|import\()\s*'(\.[^']+)'/g)].map(([, spec = '']) => ({
    path,
    from,
    to: target(path, spec),
  }));
});

describe('rooms of the front end', () => {
  it('use only those they stand on', () => {
    const wrong = uses.filter(({ from, to }) => {
      const [here = '', there = ''] = [from[0], to[0]];
      return here !== there && !['resources', 'lang'].includes(there) && !MAY[here]?.includes(there);
    });
    expect(uses.length).toBeGreaterThan(1000);
    expect(wrong.map(({ path, to }) => `${path} uses ${to.join('/')}`)).toEqual([]);
  });

  it('reach into another feature by its door alone', () => {
    const wrong = uses.filter(
      ({ from, to }) =>
        from[0] === 'features' &&
        to[0] === 'features' &&
        from[1] !== to[1] &&
        to.slice(2).join('/') !== 'door',
    );
    expect(wrong.map(({ path, to }) => `${path} uses ${to.join('/')}`)).toEqual([]);
  });
});
