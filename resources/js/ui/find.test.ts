import { describe, expect, it } from 'vitest';
import { finds } from './find';

describe('finding by words', () => {
  it.each([
    ['heron', 'Heron, taking off', true],
    ['heron take off', 'Heron, taking off', true],
    ['off heron', 'Heron, taking off', true],
    ['herons', 'Heron, landing', true],
    ['puf', 'Puffin coming in to the slope', true],
    ['600', '200–600 mm zoom', true],
    ['heron landing', 'Heron, taking off', false],
    ['eron', 'Heron, taking off', false],
    ['', 'anything', true],
  ])('“%s” in “%s”: %s', (search, text, found) => {
    expect(finds(search, text)).toBe(found);
  });
});
