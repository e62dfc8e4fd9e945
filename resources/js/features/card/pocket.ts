import type { Pocket } from '../../field/db';
import { t } from '../../lang/card';

const EXPOSURE = ['exposure.shutter_s', 'exposure.aperture', 'exposure.iso'];

/** The step of light nearest to what there is; the middle one where that is not known. */
export function nearestLight(pocket: Pocket, ev100: number | null): number {
  if (ev100 === null) return Math.floor((pocket.light.length - 1) / 2);
  const apart = pocket.light.map((ev) => Math.abs(ev - ev100));
  return apart.indexOf(Math.min(...apart));
}

export type PocketLine = { setting: string; name: string; label: string; change: boolean };

/** The answer of the table at a place of its grid, and what of it is not so with the camera at rest or the set held. */
export function answerOf(
  pocket: Pocket,
  who: number,
  near: number,
  way: number,
  through: number,
  light: number,
) {
  const number =
    (((who * pocket.near.length + near) * pocket.way.length + way) * pocket.through.length + through) *
      pocket.light.length +
    light;
  const cell = pocket.cells[number] ?? [];
  const control = pocket.controls[cell[pocket.settings.length] ?? -1] ?? null;
  const said = pocket.settings.flatMap((setting, s) => {
    const value = pocket.values[s]?.[cell[s] ?? -1];
    if (!value) return [];
    const held = control?.lines.find((line) => line.setting === setting.setting)?.label;
    const stands = held ?? setting.rest;
    const own =
      value.own?.label ??
      (setting.setting === 'exposure.iso' ? t('pocket.iso', { label: value.label }) : value.label);
    return [
      {
        setting: setting.setting,
        name: setting.own?.label ?? setting.name,
        label: own,
        change: stands !== null && stands !== value.label,
      },
    ];
  });
  return {
    control,
    exposure: said.filter((line) => EXPOSURE.includes(line.setting)).map((line) => line.label),
    lines: said.filter((line) => !EXPOSURE.includes(line.setting)) as PocketLine[],
  };
}
