import type en from './labels.en.json';
import { inside, locale, PSEUDO } from './language';

export type Words = keyof typeof en;

/** One file for each language, written from the catalogue. */
const files = import.meta.glob<Record<Words, Record<string, string>>>('./labels.*.json', {
  import: 'default',
});

const fetch = files[`./labels.${locale}.json`] ?? files['./labels.en.json'];
const labels = (await fetch?.()) ?? ({} as Record<Words, Record<string, string>>);
if (locale === PSEUDO) {
  const { accented } = await import('./pseudo');
  for (const set of Object.values(labels)) {
    for (const [word, text] of Object.entries(set)) set[word] = `[${accented(text)}]`;
  }
}

const read = (set: Words): Record<string, string> => labels[set];

/** What people read for a word; the word itself where there is no label for it. */
export const label = (set: Words, word: string | null | undefined): string =>
  read(set)[word ?? ''] ?? word ?? '';

/** The same as it stands inside a sentence. */
export const within = (set: Words, word: string | null | undefined): string =>
  read('within')[`${set}.${word}`] ?? inside(label(set, word));

/** The words of a set to choose from. */
export const options = (set: Words, except: string[] = []) =>
  Object.entries(read(set))
    .filter(([value]) => !except.includes(value))
    .map(([value, text]) => ({ value, label: text }));
