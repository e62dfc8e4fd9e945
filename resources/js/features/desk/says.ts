import type { Plan, Rush } from '../../api/client';
import { t } from '../../lang/desk';
import { within } from '../../lang/labels';
import { say, type Units } from '../../lang/units';

const listed = (parts: (string | false | null | undefined)[]) => parts.filter(Boolean).join(', ');

/** The path, but for how far, how fast and whither, which stand beside the map. */
export function pathSays({ path }: Rush, units: Units): string {
  const bends = path.bend_radius_m
    ? t('says.bends-at', { bendRadiusM: say(Math.abs(path.bend_radius_m), 'length', units) })
    : null;
  const corners = path.points.length > 0 ? t('says.round-corners') : null;
  return listed([
    say(path.seconds, 'time', units),
    path.climb_deg > 0 && t('says.climbing'),
    path.climb_deg < 0 && t('says.coming-down'),
    bends ?? corners,
    path.speed_changes.length > 0 && t('says.changes-speed'),
    path.repeats && t('says.again-and-again'),
    t('says.of-warning', { noticeS: say(path.notice_s, 'time', units) }),
  ]);
}

export function lightSays(rush: Rush, light: Plan['light'] | undefined): string {
  const kept = rush.light;
  const ev = light?.ev100;
  const from =
    light?.direction && light.direction !== 'none' ? t('says.light', { direction: light.direction }) : null;
  return listed([
    ev === undefined ? null : t('says.ev', { ev: ev.toFixed(1).replace('-', '−') }),
    kept?.sky && within('sky', kept.sky),
    kept?.lamps && within('lamps', kept.lamps),
    light?.sun_height_deg != null && t('says.sun-up', { sunHeightDeg: Math.round(light.sun_height_deg) }),
    from ?? (rush.scene.backlit && t('says.backlit')),
  ]);
}

/** From here on it stands in front of everything that matters. */
const MUCH = 0.35;
const SOME = 0.05;

export function sceneSays({ scene, path, group }: Rush, units: Units): string {
  const front =
    scene.front_clutter >= MUCH
      ? t('says.half-hidden')
      : scene.front_clutter >= SOME
        ? t('says.things-in-front')
        : t('says.clear-in-front');
  const far = scene.background_m > 20 * path.start_m;
  return listed([
    front,
    scene.obstacles_per_s > 0 && t('says.others-crossing'),
    far
      ? t('says.sky-behind')
      : t('says.background-at', { backgroundM: say(scene.background_m, 'length', units) }),
    scene.wind >= 0.5 && t('says.windy'),
    group.length > 0 && t('says.sharp-together', { group: group.length + 1 }),
  ]);
}

export function kitSays({ kit, photographer }: Rush): string {
  const lens = kit.lens.name || t('says.mm', { focalMm: Math.round(kit.lens.focal_mm) });
  return listed([
    kit.body.name,
    kit.lens.zoom.length > 0 ? t('says.at-mm', { lens, focalMm: Math.round(kit.lens.focal_mm) }) : lens,
    kit.extender > 1 && `${kit.extender}×`,
    within('support', photographer.support),
  ]);
}

export function figuresSay({ subject }: Rush, units: Units): string {
  return listed([
    t('says.long', { lengthM: say(subject.length_m, 'size', units) }),
    subject.erratic >= 0.6 ? t('says.erratic') : subject.erratic <= 0.15 ? t('says.steady') : null,
  ]);
}
