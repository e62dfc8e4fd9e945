import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import type { Plugin } from 'vite';

/** A message as it is written, made ready: plain words stay words, the rest becomes what the formatter reads. */
function compiled(message: string) {
  const parts = parse(message, { captureLocation: false });
  const [only] = parts;
  if (only === undefined) return '';
  return parts.length === 1 && only.type === TYPE.literal ? only.value : parts;
}

/** Reads the messages of `lang/` when the application is built, so that a page carries no parser. */
export function messages(): Plugin {
  return {
    name: 'messages',
    enforce: 'pre',
    transform(code, id) {
      if (!/\/lang\/[\w-]+\/web\/[\w-]+\.json$/.test(id)) return;
      const read = Object.entries(JSON.parse(code) as Record<string, string>).map(([key, message]) => [
        key,
        compiled(message),
      ]);
      return JSON.stringify(Object.fromEntries(read));
    },
  };
}
