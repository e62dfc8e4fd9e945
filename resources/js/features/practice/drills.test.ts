import { expect, it } from 'vitest';
import { placeOf } from '../../api/drills';
import type { KeptDrill } from '../../api/practice';
import { byDay, shareOf } from './drills';
import { keyOf } from './hand';

const turn = (day: string, share: number): KeptDrill => ({
  id: day + share,
  drill: 'wild',
  day,
  done_at: `${day}T10:00:00Z`,
  score: { drill: 'wild', seed: 1, share },
});

it('puts the turns of a day together, the first day first', () => {
  const days = byDay([turn('2026-11-03', 0.5), turn('2026-11-01', 0.2), turn('2026-11-01', 0.4)]);
  expect(days.map((d) => d.day)).toEqual(['2026-11-01', '2026-11-03']);
  expect(days[0]?.mean).toBeCloseTo(0.3, 9);
  expect([days[0]?.least, days[0]?.most, days[0]?.turns]).toEqual([0.2, 0.4, 2]);
  // Timings have no share; they are not drawn as nought.
  expect(byDay([{ ...turn('2026-11-01', 0), score: { drill: 'first-sharp', seed: 1 } }])).toEqual([]);
});

it('knows where a drill is played, and which control a key stands for', () => {
  expect(placeOf('perch')).toBe('/practice/ring?exercise=perch');
  expect(placeOf('moment')).toBe('/practice/moment');
  expect(shareOf({ drill: 'buttons', seed: 1, right: 0.8 })).toBe(0.8);
  expect(keyOf(['half-press', 'thumb-2'], 'KeyL')).toBe(1);
  expect(keyOf(['half-press'], 'KeyL')).toBe(-1);
});
