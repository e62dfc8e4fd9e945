import labels from '../api/words.json';

export type Words = keyof typeof labels;

const read = (set: Words): Record<string, string> => labels[set];

/** What people read for a word; the word itself where there is no label for it. */
export const label = (set: Words, word: string | null | undefined): string =>
  read(set)[word ?? ''] ?? word ?? '';

/** The words of a set to choose from. */
export const options = (set: Words, except: string[] = []) =>
  Object.entries(read(set))
    .filter(([value]) => !except.includes(value))
    .map(([value, text]) => ({ value, label: text }));
