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

/** Who it is, and what it does: “Heron, taking off”. */
export function phaseOf(name: string): [string, string] {
  const at = name.indexOf(', ');
  return at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at + 2)];
}

/** The same animal or athlete doing this and that, those with a name only one thing goes by left out. */
export function phasesAmong<T extends { id: string; name: string }>(all: T[], name: string): T[] {
  const [who] = phaseOf(name);
  const kin = all.filter((one) => phaseOf(one.name)[0] === who && phaseOf(one.name)[1] !== '');
  return kin.length > 1 ? kin : [];
}

type Called = { name: string; outline: { group?: string; also?: string[]; subject?: { kind?: string } } };

/** All that a subject is found by. */
export const calledBy = ({ name, outline }: Called) =>
  [name, ...(outline.also ?? []), outline.group, outline.subject?.kind].join(' ');
