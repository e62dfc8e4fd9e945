import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';

/* A language that nobody speaks: English with accents, a third longer, within brackets. What stands on a screen without
   them is not in the catalogue. */

const PLAIN = 'ABCDEFGHIJKLMNOPRSTUWYZabcdefghijklmnoprstuwyz';
const ACCENTED = 'ÀƁÇÐÉƑĜĤÎĴĶĻḾÑÔÞŔŠŢÛŴÝŽàƀçðéƒĝĥîĵķļḿñôþŕšţûŵýž';
const accents = new Map([...PLAIN].map((letter, i) => [letter, [...ACCENTED][i] ?? letter]));

export const accented = (text: string) => [...text].map((letter) => accents.get(letter) ?? letter).join('');

/** As long again as a third of it, in pieces that a line may break between. */
const longer = (text: string) => ' ····'.repeat(Math.ceil(text.length / 15));

/** The numbers that the parser gives to kinds of parts; the parser itself stays at home. */
const LITERAL = 0;

function within(parts: MessageFormatElement[]): MessageFormatElement[] {
  return parts.map((part) => {
    if (part.type === LITERAL) return { ...part, value: accented(part.value) };
    if ('children' in part) return { ...part, children: within(part.children) };
    if ('options' in part) {
      const options = Object.entries(part.options).map(([name, option]) => [
        name,
        { ...option, value: within(option.value) },
      ]);
      return { ...part, options: Object.fromEntries(options) };
    }
    return part;
  });
}

/** A message as this language has it. */
export function pseudo(message: string | MessageFormatElement[]): string | MessageFormatElement[] {
  if (typeof message === 'string')
    return /\p{L}/u.test(message) ? `[${accented(message)}${longer(message)}]` : message;
  const text = (value: string): MessageFormatElement => ({ type: LITERAL, value });
  return [text('['), ...within(message), text('····]')];
}
