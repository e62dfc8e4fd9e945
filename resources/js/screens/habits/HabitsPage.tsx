import './habits.css';
import { App, Button, Select } from 'antd';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Habits } from '../../api/client';
import { useHabits, useKit, useSaveHabits } from '../../api/kit';
import { Choice } from '../../parts/Choice';
import { NumberField } from '../../parts/NumberField';
import { type Person, Skills } from '../../parts/person';
import { UNITS, type Units, unitNames } from '../../parts/units';
import { useDraft } from '../../parts/useDraft';
import { useTitle } from '../../parts/useTitle';
import { options } from '../../parts/words';
import { Failed, Waiting } from '../../shell/Messages';
import { usePreferences } from '../../shell/preferences';
import { TopBar } from '../../shell/TopBar';

const speeds = [
  1 / 250,
  1 / 500,
  1 / 800,
  1 / 1000,
  1 / 1250,
  1 / 1600,
  1 / 2000,
  1 / 2500,
  1 / 3200,
  1 / 4000,
];

const schools = [
  {
    name: 'response' as const,
    label: 'Tracking response',
    open: 'As each rush asks',
    sides: [
      { value: 'general', label: 'A middling patience, always' },
      { value: 'sticky', label: 'Sticky: once caught, never let go' },
      { value: 'quick', label: 'Quick: jump at once' },
    ],
  },
  {
    name: 'stabiliser' as const,
    label: 'Stabiliser',
    open: 'As each rush asks',
    sides: [
      { value: 'off', label: 'Off for action' },
      { value: 'on', label: 'On: it steadies the finder' },
    ],
  },
  {
    name: 'bursts' as const,
    label: 'Bursts',
    open: 'As each rush asks',
    sides: [
      { value: 'long', label: 'Long, through the moment' },
      { value: 'short', label: 'Two or three frames, well placed' },
    ],
  },
];

/** How the person works; every new rush starts from this. */
export default function HabitsPage() {
  useTitle('Defaults');
  const habits = useHabits();
  const save = useSaveHabits();
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const navigate = useNavigate();
  const preferences = usePreferences();
  const { message } = App.useApp();
  const base = useMemo(() => habits.data, [habits.data]);
  const { draft, change, forget, dirty } = useDraft<Habits>('habits', base);
  if (habits.isError) return <Failed message={habits.error.message} />;
  if (!draft) return <Waiting />;
  const person = (draft.photographer ?? {}) as Person;
  const set = (fields: Partial<Habits>) => change({ ...draft, ...fields });
  const setPerson = (fields: Partial<Person>) => set({ photographer: { ...person, ...fields } });

  async function keep() {
    if (!draft) return;
    try {
      await save.mutateAsync(draft);
      forget();
      if (draft.units) preferences.setUnits(draft.units);
      if (draft.colours) preferences.setMode(draft.colours);
      message.success('Saved. New rushes start from this.');
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  const shelf = (items: { id: string; name: string }[] | undefined) =>
    (items ?? []).map((i) => ({ value: i.id, label: i.name }));

  return (
    <>
      <TopBar />
      <main className="page habits">
        <div className="page-head">
          <h1>Defaults</h1>
          {dirty && (
            <Button
              onClick={() => {
                forget();
                if (base) change(base);
              }}
            >
              Revert to saved
            </Button>
          )}
          <Button type="primary" disabled={!dirty} loading={save.isPending} onClick={() => void keep()}>
            Save
          </Button>
        </div>
        <p className="page-quiet">
          Every new rush starts from this. What is there already stays as it is, and each rush can differ.
        </p>
        <div className="habit-columns">
          <section aria-labelledby="hands">
            <h2 id="hands">Your hands</h2>
            <Skills person={person} onChange={setPerson} />
            <div className="habit-test">
              <Button onClick={() => navigate('/habits/aim')}>Test aim and following</Button>
              <span className="quiet">Twenty seconds with the pointer. A start, not a verdict.</span>
            </div>
            <Choice
              label="Support you mostly use"
              value={person.support}
              options={options('support')}
              onChange={(v) => setPerson({ support: v as NonNullable<Person['support']> })}
            />
            <h2>Usual kit</h2>
            <Choice
              label="Body"
              none="24 MP stacked mirrorless (sample)"
              value={draft.body ?? null}
              options={shelf(bodies.data)}
              onChange={(body) => set({ body })}
            />
            <Choice
              label="Lens"
              none="500 mm f/4 prime (sample)"
              value={draft.lens ?? null}
              options={shelf(lenses.data)}
              onChange={(lens) => set({ lens })}
            />
          </section>
          <section aria-labelledby="standards">
            <h2 id="standards">What counts as sharp</h2>
            <Choice
              label="Final use"
              value={draft.final_use}
              options={options('final-use')}
              onChange={(v) => set({ final_use: v as NonNullable<Habits['final_use']> })}
            />
            <Choice
              label="Freeze"
              value={person.freeze}
              options={options('freeze')}
              onChange={(v) => setPerson({ freeze: v as NonNullable<Person['freeze']> })}
            />
            <NumberField
              label="ISO you go up to"
              quantity="iso"
              value={person.iso_ceiling}
              onChange={(iso_ceiling) => setPerson({ iso_ceiling })}
            />
            <h2>Minimum shutter speed</h2>
            <div className="fields">
              {(['bird', 'animal', 'person', 'vehicle'] as const).map((kind) => (
                <Floor
                  key={kind}
                  label={{ bird: 'Birds', animal: 'Animals', person: 'People', vehicle: 'Vehicles' }[kind]}
                  value={draft.floors?.[kind] ?? null}
                  onChange={(v) => set({ floors: { ...draft.floors, [kind]: v } })}
                />
              ))}
            </div>
          </section>
          <section aria-labelledby="schools">
            <h2 id="schools">Styles you follow</h2>
            <p className="quiet">
              On these, good photographers differ. A side you take is pinned in each new rush, and you see
              there what it costs.
            </p>
            {schools.map(({ name, label, open, sides }) => (
              <Choice
                key={name}
                label={label}
                none={open}
                value={draft.schools?.[name] ?? null}
                options={sides}
                onChange={(v) => set({ schools: { ...draft.schools, [name]: v } as Habits['schools'] })}
              />
            ))}
            <Choice
              label="Aperture, when nothing asks otherwise"
              value={person.openness}
              options={options('openness')}
              onChange={(v) => setPerson({ openness: v as NonNullable<Person['openness']> })}
            />
            <h2>Screen</h2>
            <Choice
              label="Units"
              value={draft.units}
              options={UNITS.map((value) => ({ value, label: unitNames[value] }))}
              onChange={(v) => set({ units: v as Units })}
            />
            <Choice
              label="Colours"
              none="As this device asks"
              value={draft.colours || null}
              options={[
                { value: 'dark', label: 'Dark' },
                { value: 'light', label: 'Light' },
              ]}
              onChange={(v) => set({ colours: (v ?? '') as '' | 'light' | 'dark' })}
            />
          </section>
        </div>
      </main>
    </>
  );
}

function Floor({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | null;
  onChange: (value: number | null) => void;
}) {
  const all =
    value !== null && !speeds.some((s) => Math.abs(s / value - 1) < 0.01) ? [...speeds, value] : speeds;
  return (
    <div className="field">
      <span className="label">{label}</span>
      <Select
        aria-label={`Minimum shutter speed, ${label.toLowerCase()}`}
        value={value === null ? 0 : (all.find((s) => Math.abs(s / value - 1) < 0.01) ?? 0)}
        options={[
          { value: 0, label: 'rule of thumb' },
          ...all.map((s) => ({ value: s, label: `1/${Math.round(1 / s)} s` })),
        ]}
        onChange={(v) => onChange(v === 0 ? null : v)}
      />
    </div>
  );
}
