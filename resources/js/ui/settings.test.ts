import { describe, expect, it } from 'vitest';
import type { Hold } from '../api/client';
import { apart, sayValue, settingsOf } from './settings';

const hold = (focus: object, exposure = {}) => ({ format: 'rush-hold/hold@1', focus, exposure }) as Hold;

describe('settings', () => {
  it('are listed one by one, without the format', () =>
    expect(settingsOf(hold({ mode: 'single', eye: true }, { aperture: 5.6 }))).toEqual([
      ['focus.mode', 'single'],
      ['focus.eye', true],
      ['exposure.aperture', 5.6],
    ]));

  it('are said as people say them', () => {
    expect(sayValue('focus.mode', 'continuous', 'metric')).toBe('Continuous');
    expect(sayValue('exposure.shutter_s', 1 / 2000, 'metric')).toBe('1/2000 s');
    expect(sayValue('focus.range_m', [4, null], 'metric')).toBe('4 m to ∞');
    expect(sayValue('focus.range_m', null, 'metric')).toBe('none');
    expect(sayValue('focus.area_at', [0, 0], 'metric')).toBe('in the middle');
  });

  it('tell holds apart by what differs, also by what only one of them has', () =>
    expect(
      apart([hold({ mode: 'single', area: 'point' }), hold({ mode: 'single', area: 'block', eye: true })]),
    ).toEqual([
      [['focus.area', 'point']],
      [
        ['focus.area', 'block'],
        ['focus.eye', true],
      ],
    ]));
});
