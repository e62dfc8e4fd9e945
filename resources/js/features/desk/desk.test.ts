import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Hold, Rush } from '../../api/client';
import { countPins, withPin } from './pins';
import { hereAndNow, offset, rememberPlace } from './place';
import { type Draft, reduce, type State } from './useDesk';

const draft = (start_m: number): Draft => ({
  document: { path: { start_m } } as Rush,
  pins: {} as Hold,
});
const opened: State = { past: [], now: draft(40), future: [], merging: null };
const changed = (state: State, start_m: number, merge: string | null) =>
  reduce(state, { type: 'change', to: () => draft(start_m), merge });
const distance = (state: State) => state.now?.document.path.start_m;

describe('undo on the desk', () => {
  it('takes a drag back as one step', () => {
    let state = changed(opened, 39, 'drag start');
    state = changed(state, 38, 'drag start');
    state = changed(state, 37, 'drag start');
    expect(distance(reduce(state, { type: 'undo' }))).toBe(40);
  });

  it('begins a new step when the hand lets go, and for another field', () => {
    let state = changed(opened, 39, 'drag start');
    state = reduce(state, { type: 'settle' });
    state = changed(state, 30, 'drag start');
    state = changed(state, 29, 'drag end');
    expect(state.past.map((d) => d.document.path.start_m)).toEqual([40, 39, 30]);
  });

  it('goes forward again, until something else is changed', () => {
    const undone = reduce(changed(opened, 30, null), { type: 'undo' });
    expect(distance(reduce(undone, { type: 'redo' }))).toBe(30);
    const other = changed(undone, 25, null);
    expect(other.future).toEqual([]);
    expect(distance(reduce(other, { type: 'redo' }))).toBe(25);
  });

  it('has nothing to take back at first', () => {
    expect(reduce(opened, { type: 'undo' })).toBe(opened);
  });
});

describe('pins', () => {
  it('are put in and taken out by setting, leaving the others', () => {
    const pinned = withPin(withPin({} as Hold, 'shutter', 1 / 2000), 'area', 'point');
    expect(countPins(pinned)).toBe(2);
    expect(countPins(withPin(pinned, 'shutter', undefined))).toBe(1);
    expect(countPins(withPin(withPin(pinned, 'shutter', undefined), 'area', undefined))).toBe(0);
  });
});

describe('place and time', () => {
  const kept = new Map<string, string>();
  beforeEach(() => {
    kept.clear();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
    });
  });

  it('writes offsets as documents do, west and east', () => {
    expect([0, 60, -210, 345].map(offset)).toEqual(['+00:00', '+01:00', '-03:30', '+05:45']);
  });

  it('is this minute on the clock of the person, at the place typed last', () => {
    const now = new Date('2026-06-04T05:30:20Z');
    vi.spyOn(now, 'getTimezoneOffset').mockReturnValue(-120);
    expect(hereAndNow(now)).toMatchObject({ at: '2026-06-04T07:30:00+02:00', shooting_bearing_deg: null });
    rememberPlace({ ...hereAndNow(now), latitude_deg: 60.25, longitude_deg: 5 });
    expect(hereAndNow(now)).toMatchObject({ latitude_deg: 60.25, longitude_deg: 5 });
  });

  it('does without what it cannot read', () => {
    kept.set('rush-hold.place', '{broken');
    expect(hereAndNow().latitude_deg).toBe(55.5);
  });
});
