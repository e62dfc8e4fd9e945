import { describe, expect, it } from 'vitest';
import { chipsOf, stretchesOf } from './line';

const reading = {
  understood: [
    { text: 'gull', at: 3, field: 'subject', says: 'Gull, flapping' },
    { text: 'against the sky', at: 20, field: 'scene.background_m', says: 'sky behind it' },
    { text: 'against the sky', at: 20, field: 'scene.background_texture', says: 'sky behind it' },
  ],
  not_understood: [{ text: 'purple', at: 13, because: null }],
};

describe('a line and what became of it', () => {
  it('makes one chip of what comes from the same words, with all its fields', () => {
    expect(chipsOf(reading.understood)).toEqual([
      { text: 'gull', at: 3, says: 'Gull, flapping', fields: ['subject'] },
      {
        text: 'against the sky',
        at: 20,
        says: 'sky behind it',
        fields: ['scene.background_m', 'scene.background_texture'],
      },
    ]);
  });

  it('gives back the whole line in stretches, counting characters', () => {
    const line = '🪶 agull with purple against the sky!';
    const stretches = stretchesOf(line, reading);
    expect(stretches.map((s) => s.text).join('')).toBe(line);
    expect(stretches.filter((s) => s.kind === 'unknown').map((s) => s.text)).toEqual(['purple']);
    expect(stretches.filter((s) => s.kind === 'understood').map((s) => s.text)).toEqual([
      'gull',
      'against the sky',
    ]);
  });

  it('is plain where nothing was read', () => {
    expect(stretchesOf('a gull', { understood: [], not_understood: [] })).toEqual([
      { text: 'a gull', kind: 'plain' },
    ]);
  });
});
