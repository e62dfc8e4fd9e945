import { readdirSync, readFileSync } from 'node:fs';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import type { Plugin } from 'vite';

/** A message as it is written, made ready: plain words stay words, the rest becomes what the formatter reads. */
function compiled(message: string) {
  const parts = parse(message, { captureLocation: false });
  const [only] = parts;
  if (only === undefined) return '';
  return parts.length === 1 && only.type === TYPE.literal ? only.value : parts;
}

/** The language that has every message. */
const FIRST = 'en';

const messagesOf = (file: string) => JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>;

const FIELD_WORDS = 'virtual:field-words';

/** What the library of fields says of itself in each of our languages: `fields` of `lang/<language>/language.json`. */
function fieldWords(): string {
  const languages = readdirSync('lang').map((language) => {
    const about = JSON.parse(readFileSync(`lang/${language}/language.json`, 'utf8')) as { fields?: string };
    return about.fields
      ? `${JSON.stringify(language)}: () => import('antd/es/locale/${about.fields}.js'),`
      : '';
  });
  return `export default { ${languages.join(' ')} };`;
}

/** Reads the messages of `lang/` when the application is built, so that a page carries no parser. */
export function messages(): Plugin {
  return {
    name: 'messages',
    enforce: 'pre',
    resolveId: (id) => (id === FIELD_WORDS ? `\0${id}` : undefined),
    load: (id) => (id === `\0${FIELD_WORDS}` ? fieldWords() : undefined),
    transform(code, id) {
      const [, language, part] = /\/lang\/([\w-]+)\/web\/([\w-]+)\.json$/.exec(id) ?? [];
      if (part === undefined) return;
      // What a language lacks is said in the first: a page fetches one file.
      const first = language === FIRST ? {} : messagesOf(`lang/${FIRST}/web/${part}.json`);
      const own = JSON.parse(code) as Record<string, string>;
      const read = Object.entries({ ...first, ...own }).map(([key, message]) => [
        key,
        compiled(message),
      ]);
      return JSON.stringify(Object.fromEntries(read));
    },
  };
}
