import './habits.css';
import { App, Button, Select } from 'antd';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Habits } from '../../api/client';
import { useHabits, useKit, useSaveHabits } from '../../api/kit';
import { t } from '../../lang/habits';
import { options } from '../../lang/labels';
import { chooseLanguage, inside, languages } from '../../lang/language';
import { UNITS, type Units, unitNames } from '../../lang/units';
import { Failed, Waiting } from '../../ui/bar/Messages';
import { usePreferences } from '../../ui/bar/preferences';
import { TopBar } from '../../ui/bar/TopBar';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { type Person, Skills } from '../../ui/person';
import { useDraft } from '../../ui/useDraft';
import { useTitle } from '../../ui/useTitle';

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
    label: t('habits-page.tracking-response'),
    open: t('habits-page.as-each-rush-asks'),
    sides: [
      { value: 'general', label: t('habits-page.a-middling-patience-always') },
      { value: 'sticky', label: t('habits-page.sticky-once-caught-never') },
      { value: 'quick', label: t('habits-page.quick-jump-at-once') },
    ],
  },
  {
    name: 'stabiliser' as const,
    label: t('habits-page.stabiliser'),
    open: t('habits-page.as-each-rush-asks'),
    sides: [
      { value: 'off', label: t('habits-page.off-for-action') },
      { value: 'on', label: t('habits-page.on-it-steadies-the') },
    ],
  },
  {
    name: 'bursts' as const,
    label: t('habits-page.bursts'),
    open: t('habits-page.as-each-rush-asks'),
    sides: [
      { value: 'long', label: t('habits-page.long-through-the-moment') },
      { value: 'short', label: t('habits-page.two-or-three-frames') },
    ],
  },
];

/** How the person works; every new rush starts from this. */
export default function HabitsPage() {
  useTitle(t('habits-page.defaults'));
  const habits = useHabits();
  const save = useSaveHabits();
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
      // From here on the browser decides again; one that is chosen is taken over wherever the person is signed in.
      if (!draft.language && base?.language) chooseLanguage(null);
      message.success(t('habits-page.saved-new-rushes-start'));
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  const parts: PartProps = { draft, person, set, setPerson };
  return (
    <>
      <TopBar />
      <main className="page habits">
        <div className="page-head">
          <h1>{t('habits-page.defaults')}</h1>
          {dirty && (
            <Button
              onClick={() => {
                forget();
                if (base) change(base);
              }}
            >
              {t('habits-page.revert-to-saved')}
            </Button>
          )}
          <Button type="primary" disabled={!dirty} loading={save.isPending} onClick={() => void keep()}>
            {t('habits-page.save')}
          </Button>
        </div>
        <p className="page-quiet">{t('habits-page.every-new-rush-starts')}</p>
        <div className="habit-columns">
          <Hands {...parts} />
          <Standards {...parts} />
          <Styles {...parts} />
        </div>
      </main>
    </>
  );
}

type PartProps = {
  draft: Habits;
  person: Person;
  set: (fields: Partial<Habits>) => void;
  setPerson: (fields: Partial<Person>) => void;
};

/** What the hands can do, and the kit that is usually in them. */
function Hands({ draft, person, set, setPerson }: PartProps) {
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const navigate = useNavigate();
  const shelf = (items: { id: string; name: string }[] | undefined) =>
    (items ?? []).map((i) => ({ value: i.id, label: i.name }));
  return (
    <section aria-labelledby="hands">
      <h2 id="hands">{t('habits-page.your-hands')}</h2>
      <Skills person={person} onChange={setPerson} />
      <div className="habit-test">
        <Button onClick={() => navigate('/habits/aim')}>{t('habits-page.test-aim-and-following')}</Button>
        <span className="quiet">{t('habits-page.twenty-seconds-with-the')}</span>
      </div>
      <Choice
        label={t('habits-page.support-you-mostly-use')}
        value={person.support}
        options={options('support')}
        onChange={(v) => setPerson({ support: v as NonNullable<Person['support']> })}
      />
      <h2>{t('habits-page.usual-kit')}</h2>
      <Choice
        label={t('habits-page.body')}
        none={t('habits-page.24-mp-stacked-mirrorless')}
        value={draft.body ?? null}
        options={shelf(bodies.data)}
        onChange={(body) => set({ body })}
      />
      <Choice
        label={t('habits-page.lens')}
        none={t('habits-page.500-mm-f-4')}
        value={draft.lens ?? null}
        options={shelf(lenses.data)}
        onChange={(lens) => set({ lens })}
      />
    </section>
  );
}

/** What counts as sharp, and how slow a shutter may be. */
function Standards({ draft, person, set, setPerson }: PartProps) {
  return (
    <section aria-labelledby="standards">
      <h2 id="standards">{t('habits-page.what-counts-as-sharp')}</h2>
      <Choice
        label={t('habits-page.final-use')}
        value={draft.final_use}
        options={options('final-use')}
        onChange={(v) => set({ final_use: v as NonNullable<Habits['final_use']> })}
      />
      <Choice
        label={t('habits-page.freeze')}
        value={person.freeze}
        options={options('freeze')}
        onChange={(v) => setPerson({ freeze: v as NonNullable<Person['freeze']> })}
      />
      <NumberField
        label={t('habits-page.iso-you-go-up')}
        quantity="iso"
        value={person.iso_ceiling}
        onChange={(iso_ceiling) => setPerson({ iso_ceiling })}
      />
      <h2>{t('habits-page.minimum-shutter-speed')}</h2>
      <div className="fields">
        {(['bird', 'animal', 'person', 'vehicle'] as const).map((kind) => (
          <Floor
            key={kind}
            label={
              {
                bird: t('habits-page.birds'),
                animal: t('habits-page.animals'),
                person: t('habits-page.people'),
                vehicle: t('habits-page.vehicles'),
              }[kind]
            }
            value={draft.floors?.[kind] ?? null}
            onChange={(v) => set({ floors: { ...draft.floors, [kind]: v } })}
          />
        ))}
      </div>
    </section>
  );
}

/** On what good photographers differ, and how the screen looks. */
function Styles({ draft, person, set, setPerson }: PartProps) {
  return (
    <section aria-labelledby="schools">
      <h2 id="schools">{t('habits-page.styles-you-follow')}</h2>
      <p className="quiet">{t('habits-page.on-these-good-photographers')}</p>
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
        label={t('habits-page.aperture-when-nothing-asks')}
        value={person.openness}
        options={options('openness')}
        onChange={(v) => setPerson({ openness: v as NonNullable<Person['openness']> })}
      />
      <h2>{t('habits-page.screen')}</h2>
      <Choice
        label={t('habits-page.units')}
        value={draft.units}
        options={UNITS.map((value) => ({ value, label: unitNames[value] }))}
        onChange={(v) => set({ units: v as Units })}
      />
      <Choice
        label={t('habits-page.language')}
        none={t('habits-page.as-this-browser-asks')}
        value={draft.language || null}
        options={Object.entries(languages).map(([value, label]) => ({ value, label }))}
        onChange={(v) => set({ language: v ?? '' })}
      />
      <Choice
        label={t('habits-page.colours')}
        none={t('habits-page.as-this-device-asks')}
        value={draft.colours || null}
        options={[
          { value: 'dark', label: t('habits-page.dark') },
          { value: 'light', label: t('habits-page.light') },
        ]}
        onChange={(v) => set({ colours: (v ?? '') as '' | 'light' | 'dark' })}
      />
    </section>
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
        aria-label={t('habits-page.minimum-shutter-speed-2', { label: inside(label) })}
        value={value === null ? 0 : (all.find((s) => Math.abs(s / value - 1) < 0.01) ?? 0)}
        options={[
          { value: 0, label: t('habits-page.rule-of-thumb') },
          ...all.map((s) => ({ value: s, label: t('habits-page.1-s', { s: Math.round(1 / s) }) })),
        ]}
        onChange={(v) => onChange(v === 0 ? null : v)}
      />
    </div>
  );
}
