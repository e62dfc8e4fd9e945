import { locale } from './language';

/** What may be a fact, and is left out where it is none. */
type Fact = string | number | false | null | undefined;

const known = (facts: Fact[]): string[] =>
  facts.filter((fact) => fact !== false && fact != null && fact !== '').map(String);

/** Facts of one thing in a row. */
export const listed = (...facts: Fact[]): string => known(facts).join(', ');

/** Facts beside each other. */
export const dotted = (...facts: Fact[]): string => known(facts).join(' · ');

/** The same after something that stands before them; nothing where there are none. */
export const andDotted = (...facts: Fact[]): string =>
  known(facts)
    .map((fact) => ` · ${fact}`)
    .join('');

// English without a comma before the last.
const speaking = locale.startsWith('en') ? 'en-GB' : locale;

const lists = {
  and: new Intl.ListFormat(speaking, { type: 'conjunction' }),
  or: new Intl.ListFormat(speaking, { type: 'disjunction' }),
};

/** All of them, as a language says it: “a, b and c”. */
export const both = (words: string[]): string => lists.and.format(words);

/** Any of them: “a, b or c”. */
export const either = (words: string[]): string => lists.or.format(words);

/** The same in parts, where the words are more than text. */
export const eitherParts = (words: string[]) => lists.or.formatToParts(words);
