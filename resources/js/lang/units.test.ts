import { describe, expect, it } from 'vitest';
import shutters from '../../../core/tests/cases/shutters.json';
import { say, sayDepth, sayShutter, scaleOf } from './units';

describe('saying numbers', () => {
  it('rounds as people do, with the unit they read', () => {
    expect(say(40.04, 'length', 'metric')).toBe('40 m');
    expect(say(9.96, 'length', 'metric')).toBe('10 m');
    expect(say(123.4, 'length', 'metric')).toBe('123 m');
    expect(say(40, 'length', 'imperial')).toBe('131 ft');
    expect(say(10, 'speed', 'imperial')).toBe('22.4 mph');
    expect([say(10, 'speed', 'kmh'), say(40, 'length', 'kmh')]).toEqual(['36 km/h', '40 m']);
    expect(say(-12, 'angle', 'metric')).toBe('-12°');
    expect(say(0.355, 'share', 'metric')).toBe('36%');
  });

  it('says infinity for what has no end', () => {
    expect(say(null, 'length', 'metric')).toBe('∞');
    expect(sayDepth(null, 'imperial')).toBe('∞');
  });

  it('says small depths in the smaller unit', () => {
    expect(sayDepth(0.384, 'metric')).toBe('38.4 cm');
    expect(sayDepth(-0.2, 'metric')).toBe('-20 cm');
    expect(sayDepth(1.3, 'metric')).toBe('1.3 m');
    expect(sayDepth(0.3, 'imperial')).toBe('11.8 in');
  });

  it('keeps what has no other unit as it is', () => {
    expect(scaleOf('iso', 'imperial')).toBe(scaleOf('iso', 'metric'));
  });
});

it('says a shutter as it stands on the dial, and what stands on none as it is', () => {
  expect([1 / 2560, 1 / 2500, 1 / 2581, 1 / 812.7, 1 / 750, 0.5].map(sayShutter)).toEqual([
    '1/2500',
    '1/2500',
    '1/2500',
    '1/800',
    '1/750',
    '0.5',
  ]);
});

it('says shutters as the server does', () => {
  expect(shutters.map(([seconds]) => [seconds, sayShutter(Number(seconds))])).toEqual(shutters);
});
