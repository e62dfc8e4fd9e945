import { expect, it } from 'vitest';
import { standsOn } from './learned';

it('says what a prediction stands on', () => {
  expect(standsOn(null)).toBe('by the model');
  expect(standsOn({ log_share: 0.874 })).toBe('87% your log');
  expect(standsOn({ log_share: 0.5, practised: true })).toBe('50% your log, with your practice');
  expect(standsOn({ log_share: 0, practised: true })).toBe('with your practice');
});
