import { describe, expect, it } from 'vitest';
import type { Rush } from '../../api/client';
import { recorded } from '../../testing/recorded';
import { figuresSay, kitSays, lightSays, pathSays, sceneSays } from './says';

const rush = recorded('rush').document as Rush;
const having = (part: 'path' | 'scene' | 'subject' | 'kit' | 'photographer', fields: object): Rush =>
  ({ ...rush, [part]: { ...(rush[part] as object), ...fields } }) as Rush;

describe('a folded part says', () => {
  it('how long the path is, and what is particular about it', () => {
    const plain = having('path', {
      seconds: 2.5,
      notice_s: 2,
      climb_deg: 0,
      bend_radius_m: null,
      points: [],
      speed_changes: [],
      repeats: false,
    });
    expect(pathSays(plain, 'metric')).toBe('2.5 s, 2 s of warning');
    const odd = having('path', {
      seconds: 1,
      notice_s: 0,
      climb_deg: -30,
      bend_radius_m: -12,
      speed_changes: [{ at_s: 0, to_mps: 3, over_s: 1 }],
      repeats: true,
    });
    expect(pathSays(odd, 'metric')).toBe(
      '1 s, coming down, bends at 12 m, changes speed, again and again, 0 s of warning',
    );
  });

  it('the light as a value, with what makes it', () => {
    const light = { ev100: 8.66, sun_height_deg: null, direction: 'none' } as never;
    expect(
      lightSays({ ...rush, light: { ev100: 8.7, sky: 'clear', lamps: 'floodlights' } } as never, light),
    ).toBe('EV 8.7, clear, floodlights');
    expect(lightSays(having('scene', { backlit: true }), undefined)).toContain('backlit');
  });

  it('what is in front and behind', () => {
    const scene = { front_clutter: 0.4, obstacles_per_s: 0.5, background_m: 90, wind: 0.7 };
    expect(sceneSays(having('scene', scene), 'metric')).toBe(
      'half hidden, others crossing, background at 90 m, windy',
    );
    expect(
      sceneSays(
        having('scene', { ...scene, front_clutter: 0, obstacles_per_s: 0, background_m: 2000, wind: 0 }),
        'metric',
      ),
    ).toBe('clear in front, sky behind');
  });

  it('the kit, with the focal length of a zoom and the teleconverter', () => {
    const says = kitSays({
      ...having('photographer', { support: 'tripod' }),
      kit: {
        ...rush.kit,
        extender: 1.4,
        lens: { ...rush.kit.lens, name: 'Long zoom', focal_mm: 420, zoom: [{}] as never },
      },
    });
    expect(says).toContain(`${rush.kit.body.name}, Long zoom at 420 mm, 1.4×, `);
    expect(says).toMatch(/tripod/);
  });

  it('how long the subject is, in the units one uses', () => {
    expect(figuresSay(having('subject', { length_m: 0.3, erratic: 0.9 }), 'imperial')).toBe(
      '11.8 in long, erratic',
    );
  });
});
