import { expect, it } from 'vitest';
import { andDotted, both, dotted, either, eitherParts, listed } from './lists';

it('leaves out what is not known, and nothing else', () => {
  expect(listed('12 frames', false, null, undefined, '', 0, '3 kept')).toBe('12 frames, 0, 3 kept');
  expect(dotted(false, 'copied twice')).toBe('copied twice');
  expect(andDotted('reached', false, 'guessed')).toBe(' · reached · guessed');
  expect(andDotted(false, null)).toBe('');
});

it('says lists as the language does, without a comma before the last', () => {
  expect(both(['day', 'lens', 'place'])).toBe('day, lens and place');
  expect(either(['small', 'large'])).toBe('small or large');
  expect(
    eitherParts(['a', 'b', 'c'])
      .map((part) => part.value)
      .join(''),
  ).toBe('a, b or c');
});
