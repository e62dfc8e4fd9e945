import { describe, expect, it } from 'vitest';
import { label, options } from './labels';

describe('what people read', () => {
  it('comes from the catalogue, and is the word itself where it has none', () => {
    expect(label('area', 'ring-small')).toBe('Small ring');
    expect(label('area', 'no-such')).toBe('no-such');
    expect(label('area', null)).toBe('');
  });

  it('can be chosen from, in the order of the catalogue, without what does not go here', () => {
    expect(options('wins').map((o) => o.value)).toEqual(['held', 'middle', 'nearest']);
    expect(options('detection', ['off']).map((o) => o.label)).not.toContain('Off');
  });
});
