import type { paths } from '../../api/schema';
import { t } from '../../lang/rushes';

export type Reading = paths['/api/rushes/fresh']['get']['responses'][200]['content']['application/json'];

/** What one part of a line says: its fields go together, as they came from the same words. */
export type Chip = { text: string; at: number; says: string; fields: string[] };

export function chipsOf(understood: Reading['understood']): Chip[] {
  const chips: Chip[] = [];
  for (const piece of understood) {
    const same = chips.find((chip) => chip.at === piece.at);
    if (same) {
      same.fields.push(piece.field);
      if (!same.says.includes(piece.says)) same.says = `${same.says}, ${piece.says}`;
    } else {
      chips.push({ text: piece.text, at: piece.at, says: piece.says, fields: [piece.field] });
    }
  }
  return chips;
}

export type Stretch = { text: string; kind: 'understood' | 'unknown' | 'plain'; because?: string };

/** The line in stretches: what was understood, what was not, and what lies between. */
export function stretchesOf(
  line: string,
  reading: Pick<Reading, 'understood' | 'not_understood'>,
): Stretch[] {
  const characters = [...line];
  const marks = [
    ...chipsOf(reading.understood).map((c) => ({
      at: c.at,
      length: [...c.text].length,
      kind: 'understood' as const,
      because: c.says,
    })),
    ...reading.not_understood.map((n) => ({
      at: n.at,
      length: [...n.text].length,
      kind: 'unknown' as const,
      because: n.because ?? t('line.not-understood'),
    })),
  ].sort((a, b) => a.at - b.at);
  const stretches: Stretch[] = [];
  let at = 0;
  for (const mark of marks) {
    if (mark.at < at) continue;
    if (mark.at > at) stretches.push({ text: characters.slice(at, mark.at).join(''), kind: 'plain' });
    stretches.push({
      text: characters.slice(mark.at, mark.at + mark.length).join(''),
      kind: mark.kind,
      because: mark.because,
    });
    at = mark.at + mark.length;
  }
  if (at < characters.length) stretches.push({ text: characters.slice(at).join(''), kind: 'plain' });
  return stretches;
}
