import { IntlMessageFormat } from 'intl-messageformat';
import { createElement, Fragment, type ReactNode } from 'react';
import { FIRST, figures, locale, PSEUDO } from './language';

/** A message as the build compiles it: plain words, or what its values go into. */
type Message = string | ConstructorParameters<typeof IntlMessageFormat>[0];
type Messages = Record<string, Message>;

/** What goes into a message, by the name it has there; nothing is written for what is not known. */
type Values = Record<string, string | number | null | undefined>;

/** The same, where elements may go in; a function wraps the words between the tags of its name. */
type RichValues = Record<string, ReactNode | ((words: ReactNode) => ReactNode)>;

export type Say<Key extends string> = {
  (key: Key, values?: Values): string;
  rich: (key: Key, values: RichValues) => ReactNode;
};

/** A value as it goes into a message: numbers are written as the language has them, but whole ones are counted with. */
function written<T>(value: T): T | string {
  if (typeof value === 'string') return /\p{L}/u.test(value) ? value : figures(value);
  return typeof value === 'number' && !Number.isInteger(value) ? figures(String(value)) : value;
}

const known = (values: Values = {}) =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [name, written(value ?? '')]));

/** Words and elements one after the other; they need no keys, for their order never changes. */
const together = (parts: ReactNode[]) => createElement(Fragment, null, ...parts);

/** One file for each language and part of the application, fetched with the screen that needs it. */
const files = import.meta.glob<Messages>('/lang/*/web/*.json', { import: 'default' });

/** Says the messages of a part of the application: `lang/<language>/web/<part>.json`. */
export async function words<Key extends string>(part: string): Promise<Say<Key>> {
  const file = files[`/lang/${locale}/web/${part}.json`] ?? files[`/lang/${FIRST}/web/${part}.json`];
  if (!file) throw new Error(`There are no words for ${part}.`);
  const messages = { ...(await file()) };
  if (locale === PSEUDO) {
    const { pseudo } = await import('./pseudo');
    for (const [key, message] of Object.entries(messages)) messages[key] = pseudo(message as string);
  }
  const formats = new Map<string, IntlMessageFormat>();

  const formatOf = (key: Key): string | IntlMessageFormat => {
    const message = messages[key];
    if (message === undefined) throw new Error(`There is no message ${part}.${key}.`);
    if (typeof message === 'string') return message;
    const made = formats.get(key) ?? new IntlMessageFormat(message, locale);
    formats.set(key, made);
    return made;
  };

  const say = (key: Key, values?: Values) => {
    const format = formatOf(key);
    return typeof format === 'string' ? format : String(format.format(known(values)));
  };

  const rich = (key: Key, values: RichValues) => {
    const format = formatOf(key);
    if (typeof format === 'string') return format;
    const placed = Object.entries(values).map(([name, value]) => [
      name,
      typeof value === 'function' ? (parts: ReactNode[]) => value(together(parts)) : written(value),
    ]);
    const parts = format.format<ReactNode>(Object.fromEntries(placed));
    return together(Array.isArray(parts) ? parts : [parts]);
  };

  return Object.assign(say, { rich });
}
