import type { Rush } from '../../api/client';

/** What a new rush starts from; the server fills in the rest. */
export const freshRush = {
  format: 'rush-hold/rush@1',
  name: 'New rush',
  subject: {
    name: 'Gull, flapping',
    figure: 'flying-bird',
    length_m: 0.6,
    height_m: 0.35,
    depth_m: 0.35,
    aim_size_m: 0.05,
    speed_mps: 11,
    limb_speed_mps: 5,
    contrast: 0.5,
    distinct: 0.7,
    kind: 'bird',
    erratic: 0.1,
  },
  path: { start_m: 40, heading_deg: 30, climb_deg: 0, seconds: 2.5, notice_s: 3, repeats: false },
  scene: {},
  light: { ev100: 13 },
  photographer: {},
  kit: {},
  final_use: 'pixel',
} as unknown as Rush;
