/** Words in the form that “taking off” and “take off” share. */
const stems = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .map((word) => (word.length > 3 ? word.replace(/(ing|ies|es|ed|e|s|y)$/u, '') : word));

/** Whether every word looked for begins a word of the text. */
export function finds(search: string, text: string): boolean {
  const there = stems(text);
  return stems(search).every((word) => there.some((other) => other.startsWith(word)));
}

type Called = { name: string; outline: { group?: string; also?: string[]; subject?: { kind?: string } } };

/** All that a subject is found by. */
export const calledBy = ({ name, outline }: Called) =>
  [name, ...(outline.also ?? []), outline.group, outline.subject?.kind].join(' ');
