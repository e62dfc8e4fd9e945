import { Button, Input, Select } from 'antd';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { options } from '../../../lang/labels';
import { NumberField } from '../../../ui/NumberField';
import { type Change, named } from './change';

/** What a new preset starts from. */
const usualPreset = { patience_s: 0.3, nimble: 0.5, wins: 'held' } as const;

/** Responses that the body sells ready-made, under the person’s own names. */
export function Presets({ body, set }: { body: Body; set: Change }) {
  const presets = body.presets;
  const setPreset = (i: number, fields: Partial<(typeof presets)[number]>) =>
    set({ presets: presets.map((p, at) => (at === i ? { ...p, ...fields } : p)) });
  const freshId = (role: string) => {
    let id = role;
    for (let n = 2; presets.some((p) => p.id === id); n++) id = `${role}-${n}`;
    return id;
  };
  return (
    <>
      <h3>{t('presets.ready-made-presets')}</h3>
      <table className="area-table">
        <thead>
          <tr>
            <th>{t('presets.what-your-camera-calls')}</th>
            <th>{t('presets.patience-s')}</th>
            <th>{t('presets.nimbleness')}</th>
            <th>{t('presets.what-wins')}</th>
            <th aria-label={t('presets.remove')} />
          </tr>
        </thead>
        <tbody>
          {presets.map((preset, i) => (
            <tr key={preset.id}>
              <td>
                <Input
                  aria-label={t('presets.name-of-preset', { i: i + 1 })}
                  maxLength={60}
                  placeholder={preset.id}
                  value={body.words[`preset.${preset.id}`]?.label ?? ''}
                  onChange={(e) => set({ words: named(body.words, `preset.${preset.id}`, e.target.value) })}
                />
              </td>
              <td>
                <NumberField
                  bare
                  label={t('presets.patience-of-preset', { i: i + 1 })}
                  quantity="time"
                  value={preset.patience_s}
                  onChange={(v) => setPreset(i, { patience_s: Math.max(0, Math.min(3, v)) })}
                />
              </td>
              <td>
                <NumberField
                  bare
                  label={t('presets.nimbleness-of-preset', { i: i + 1 })}
                  quantity="plain"
                  value={preset.nimble}
                  onChange={(v) => setPreset(i, { nimble: Math.max(0, Math.min(1, v)) })}
                />
              </td>
              <td>
                <Select
                  aria-label={t('presets.what-wins-with-preset', { i: i + 1 })}
                  value={preset.wins}
                  options={options('wins')}
                  popupMatchSelectWidth={false}
                  onChange={(wins) => setPreset(i, { wins: wins as typeof preset.wins })}
                />
              </td>
              <td>
                <Button
                  size="small"
                  type="text"
                  aria-label={t('presets.remove-preset', { i: i + 1 })}
                  onClick={() =>
                    set({
                      presets: presets.filter((_, at) => at !== i),
                      stored_sets: body.stored_sets.map((s) =>
                        s.preset === preset.id ? { ...s, preset: null } : s,
                      ),
                    })
                  }
                >
                  ✕
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button onClick={() => set({ presets: [...presets, { id: freshId('own'), ...usualPreset }] })}>
        {t('presets.add-a-preset')}
      </Button>
    </>
  );
}
