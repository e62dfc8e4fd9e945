import { describe, expect, it } from 'vitest';
import { readTyped, signed } from './values';

describe('scores typed in', () => {
  it('are a value and a score on each line, with any sign and either comma', () =>
    expect(readTyped('−5 4.2\n+3; 5,5\n\n0\t6')).toEqual({
      trials: [
        { value: -5, score: 4.2 },
        { value: 3, score: 5.5 },
        { value: 0, score: 6 },
      ],
      problem: null,
    }));

  it('name the line that is none', () => {
    expect(readTyped('1 2\nabout four').problem).toContain('Line 2');
    expect(readTyped('300 2').problem).toContain('Line 1');
  });
});

it('shows values with their sign', () => expect([4, 0, -12].map(signed)).toEqual(['+4', '0', '−12']));
