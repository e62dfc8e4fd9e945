import '../../ui/set-up.css';
import { Checkbox } from 'antd';
import { useState } from 'react';
import type { Layout } from '../../api/layout';
import { inside, quoted } from '../../lang/language';
import { t } from '../../lang/layouts';
import { useDraftStore } from '../../ui/useDraft';

type Step = { key: string; says: string; own: string | null; where: string | null };

/** What has to be set on the body, in the order of a menu: what is in force at rest, then each control and its set. */
export function stepsOf(layout: Layout): Step[] {
  const step = (key: string, line: Layout['rest_lines'][number], before: string): Step => ({
    key: `${key} ${line.setting} ${line.label}`,
    says: `${before}${line.name}: ${line.label}`,
    own: [line.own_setting?.label, line.own?.label].filter(Boolean).join(': ') || null,
    where: line.own?.where || line.own_setting?.where || null,
  });
  return [
    ...layout.rest_lines.map((line) => step('rest', line, '')),
    ...layout.controls.flatMap((control) => [
      {
        key: `${control.place} ${control.duty}`,
        says: `${control.name}: ${inside(control.says)}`,
        own: control.own?.label ?? null,
        where: control.own?.where || null,
      },
      ...control.lines.map((line) => step(control.place, line, `${control.name}, `)),
    ]),
  ];
}

/** Ticks are kept whatever the layout: a step is told by what it says. */
const BASE = 'any';
const MOST = 400;

/** The list to set the body up by, ticked as it is done. */
export function SetUp({ layout }: { layout: Layout }) {
  const store = useDraftStore<string[]>('layout-done');
  const [done, setDone] = useState<string[]>(() => store.left(BASE) ?? []);
  const steps = stepsOf(layout);
  const tick = (key: string, is: boolean) => {
    const next = is ? [...done, key] : done.filter((one) => one !== key);
    store.keep(BASE, next.slice(-MOST));
    setDone(next);
  };
  const many = steps.filter((s) => done.includes(s.key)).length;
  return (
    <section aria-label={t('set-up.setting-it-up')}>
      <h2>
        {t.rich('set-up.setting-it-up-of', {
          span: (text) => <span className="quiet">{text}</span>,
          many,
          steps: steps.length,
        })}
      </h2>
      <ul className="set-up">
        {steps.map((s) => (
          <li key={s.key}>
            <Checkbox checked={done.includes(s.key)} onChange={(event) => tick(s.key, event.target.checked)}>
              {s.says}
              {s.own && <em> {quoted(s.own)}</em>}
            </Checkbox>
            {s.where && <small className="quiet">{s.where}</small>}
          </li>
        ))}
      </ul>
    </section>
  );
}
