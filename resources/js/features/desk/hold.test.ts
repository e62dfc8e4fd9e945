import { describe, expect, it } from 'vitest';
import type { Plan } from '../../api/client';
import { beadsOf } from './beads';
import { inOrder, orderOf } from './holdOrder';
import { carries, explainedBy, withFigures } from './useAnswers';
import type { Draft } from './useDesk';

const line = (setting: string, group: string, idle = false, pinned = false) => ({
  setting,
  group,
  idle,
  pinned,
});
const plan = {
  important: ['exposure.shutter_s', 'focus.area'],
  best: { hold: { exposure: { iso: 400 } } },
  lines: [
    line('support', 'shooting'),
    line('focus.area', 'focus'),
    line('focus.detect', 'focus', true),
    line('focus.wins', 'focus', true, true),
    line('focus.start_at_m', 'focus'),
    line('exposure.shutter_s', 'exposure'),
    line('exposure.iso', 'exposure'),
  ],
} as unknown as Plan;

describe('the order of the hold', () => {
  it('has what matters first, every line once, what is idle last unless somebody pinned it', () => {
    const order = orderOf(plan);
    expect(order.important.map((l) => l.setting)).toEqual(['exposure.shutter_s', 'focus.area']);
    expect(inOrder(order)).toEqual([
      'exposure.shutter_s',
      'focus.area',
      'focus.wins',
      'focus.start_at_m',
      'exposure.iso',
      'support',
      'focus.detect',
    ]);
  });
});

describe('a pass as beads', () => {
  it('has as many beads as frames, whatever the rounding', () => {
    const { kept, lost, each } = beadsOf(0.705, { hunting: 0.115, air: 0.095, shake: 0.085 }, 50);
    expect(each).toBe(1);
    expect(kept + lost.reduce((sum, l) => sum + l.beads, 0)).toBe(50);
    expect(lost.map((l) => l.cause)).toEqual(['hunting', 'air', 'shake']);
  });

  it('leaves out what loses next to nothing, and puts many frames to a bead', () => {
    expect(beadsOf(0.99, { air: 0.01 }, 20).lost).toEqual([]);
    const { each, kept, lost } = beadsOf(0.5, { air: 0.5 }, 300);
    expect(each).toBe(4);
    expect(kept + (lost[0]?.beads ?? 0)).toBe(75);
  });
});

describe('answers on their way', () => {
  const draft = (kind: string, fps: number) =>
    ({ document: { subject: { kind }, kit: { body: { frames_per_s: fps } } }, pins: {} }) as unknown as Draft;
  const played = {
    ...plan,
    best: { hold: { exposure: { iso: 100 } }, keeper_rate: 0.5, frames: 40 },
    important: ['focus.area'],
    ranking: [{}],
    why: [{ setting: 'focus.area' }],
    by_school: [],
    what_if: [],
    trace: { run: 3 },
  } as unknown as Plan;

  it('keeps what won for the same body and kind of subject only', () => {
    expect(carries(draft('bird', 20), draft('bird', 20))).toBe(true);
    expect(carries(draft('bird', 20), draft('person', 20))).toBe(false);
    expect(carries(draft('bird', 20), draft('bird', 12))).toBe(false);
  });

  it('keeps the figures with the newest hold, and not the run of another rush', () => {
    const shown = withFigures(plan, played);
    expect(shown.best).toMatchObject({ keeper_rate: 0.5, hold: { exposure: { iso: 400 } } });
    expect(shown.important).toEqual(['focus.area']);
    expect(shown.trace).toBeUndefined();
  });

  it('explains a new ranking by the last explanation until its own is there', () => {
    const { why: _, by_school: __, what_if: ___, ...bare } = played;
    expect(explainedBy(bare as Plan, played).why).toEqual([{ setting: 'focus.area' }]);
    expect(explainedBy(bare as Plan, bare as Plan).why).toBeUndefined();
  });
});
