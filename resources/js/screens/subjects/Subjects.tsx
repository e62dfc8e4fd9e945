import './subjects.css';
import { App, Button, Dropdown, Input, Select } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { SubjectProfile } from '../../api/client';
import { type Item, kitActions, useCheck, useKit, useKitAction, useKitItem, useSaveKit } from '../../api/kit';
import { Choice } from '../../parts/Choice';
import { NumberField } from '../../parts/NumberField';
import { ShareField } from '../../parts/ShareField';
import { Silhouette } from '../../parts/Silhouette';
import { UploadButton } from '../../parts/UploadButton';
import { say, sayDepth, useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import { useNotTaken, useUndo } from '../../parts/useUndo';
import { TopBar } from '../../shell/TopBar';
import { useDraft } from '../kit/useDraft';
import { SpeedFinder } from './SpeedFinder';
import { TrueScale } from './TrueScale';

type Subject = SubjectProfile['subject'];

const figures = [
  'flying-bird',
  'gliding-bird',
  'soaring-bird',
  'diving-bird',
  'perched-bird',
  'wading-bird',
  'swimming-bird',
  'running-mammal',
  'walking-mammal',
  'deer',
  'water-mammal',
  'dolphin',
  'swimmer',
  'runner',
  'jumper',
  'kicker',
  'skier',
  'rider',
  'horse-rider',
  'motorcycle',
  'vehicle',
  'boat',
  'insect',
  'plain',
];

const hazardWords: Record<string, string> = {
  nest: 'Nests, burrows or young: keep the distance local law and wardens ask for.',
  'cliff-edge': 'Cliff edges overhang and crumble; stay on the path.',
  water: 'Water: mind tide, swell and slippery rock.',
  roadside: 'Traffic beside you.',
  sideline: 'Stay where you may stand; marshals’ orders come first.',
  'cold-ground': 'Cold ground.',
};

/** Who may come: sizes, speeds and habits, the samples and one’s own. */
export default function Subjects() {
  const { id } = useParams();
  const shelf = useKit('subjects');
  const navigate = useNavigate();
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const [search, setSearch] = useState('');
  const upload = useKitAction(kitActions.upload);
  const wanted = search.trim().toLowerCase();
  const items = useMemo(
    () =>
      (shelf.data ?? []).filter((s) =>
        wanted
          .split(/\s+/)
          .every((word) =>
            [s.name, s.outline.group, s.outline.subject?.kind].join(' ').toLowerCase().includes(word),
          ),
      ),
    [shelf.data, wanted],
  );
  const groups = useMemo(() => [...new Set(items.map((s) => s.outline.group ?? 'Own'))], [items]);
  const chosen = shelf.data?.find((s) => s.id === id) ?? (id === undefined ? items[0] : undefined);
  const opened = useKitItem('subjects', chosen?.id ?? id);

  return (
    <>
      <TopBar />
      <main className="subjects">
        <section className="subject-list" aria-label="Subjects">
          <div className="subject-head">
            <h1>Subjects</h1>
            <UploadButton
              label="Subject document to upload"
              busy={upload.isPending}
              onFile={(file) =>
                upload.mutate(
                  { type: 'subjects', file },
                  {
                    onError: (error) => notTaken(error),
                    onSuccess: (item) => {
                      message.success(`“${item?.name}” is among your subjects.`);
                      navigate(`/subjects/${item?.id}`);
                    },
                  },
                )
              }
            >
              Upload
            </UploadButton>
          </div>
          <Input
            type="search"
            allowClear
            aria-label="Search subjects"
            placeholder={`Search ${shelf.data?.length ?? ''} subjects`}
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          {shelf.isError && <p role="alert">{shelf.error.message}</p>}
          {shelf.isPending && <p className="quiet">Loading…</p>}
          {groups.map((group) => (
            <div key={group}>
              <h2>{group}</h2>
              <ul>
                {items
                  .filter((s) => (s.outline.group ?? 'Own') === group)
                  .map((s) => (
                    <li key={s.id}>
                      <Link to={`/subjects/${s.id}`} aria-current={s.id === chosen?.id ? 'true' : undefined}>
                        <Silhouette figure={s.outline.subject?.figure ?? 'plain'} />
                        <span>{s.name}</span>
                        {!s.sample && <em>yours</em>}
                      </Link>
                    </li>
                  ))}
              </ul>
            </div>
          ))}
          {shelf.data && items.length === 0 && <p className="quiet">Nobody here is called “{search}”.</p>}
        </section>
        {opened.data ? (
          <Detail key={opened.data.id} item={opened.data} />
        ) : (
          opened.isError && <p className="page subject-detail quiet">This subject is not there.</p>
        )}
      </main>
    </>
  );
}

function Detail({ item }: { item: Item<'subjects'> }) {
  const units = useUnits();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const save = useSaveKit('subjects');
  const remove = useKitAction(kitActions.remove);
  const restore = useKitAction(kitActions.restore);
  const { draft, change, forget, dirty } = useDraft<SubjectProfile>(`subject.${item.id}`, item.document);
  const [editing, setEditing] = useState(false);
  useEffect(() => {
    if (dirty) setEditing(true);
  }, [dirty]);
  const asked = useDebounced(draft, 250);
  const check = useCheck('subjects', editing ? asked : undefined);
  const refused =
    check.error && !check.isFetching ? (check.error as Error & { field?: string | null }) : null;
  if (!draft) return null;
  const { subject } = draft;
  const set = (fields: Partial<SubjectProfile>) => change({ ...draft, ...fields });
  const setSubject = (fields: Partial<Subject>) => set({ subject: { ...subject, ...fields } });
  const plusMinus = (share: number | undefined) => `± ${Math.round(100 * (share ?? 0))} %`;

  async function keep() {
    if (!draft) return;
    try {
      const saved = await save.mutateAsync({
        document: draft,
        ...(item.sample ? { based_on: item.id } : { id: item.id, version: item.version }),
      });
      forget();
      setEditing(false);
      message.success(item.sample ? 'Saved; yours now stands in for the sample.' : 'Saved');
      navigate(`/subjects/${saved.id}`);
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  function removeWithUndo() {
    const which = { type: 'subjects' as const, id: item.id };
    remove.mutate(which, {
      onError: (error) => message.error(error.message),
      onSuccess: () => {
        navigate(item.based_on ? `/subjects/${item.based_on}` : '/subjects');
        undo(
          item.based_on ? 'Your version is deleted; the sample is back' : `“${item.name}” is deleted`,
          () => restore.mutateAsync(which),
        );
      },
    });
  }

  const number = (name: keyof Subject, label: string, quantity: 'size' | 'speed' | 'length') => (
    <NumberField
      label={label}
      quantity={quantity}
      value={Number(subject[name] ?? 0)}
      problem={refused?.field === `subject.${name}` ? refused.message : null}
      onChange={(v) => setSubject({ [name]: v } as Partial<Subject>)}
    />
  );

  return (
    <section className="page subject-detail" aria-label={item.name}>
      <div className="page-head">
        <h1>{subject.name}</h1>
        <Button onClick={() => navigate(`/rushes/new?subject=${item.id}`)}>New rush with it</Button>
        {editing ? (
          <>
            <Button
              onClick={() => {
                forget();
                change(item.document);
                setEditing(false);
              }}
            >
              Cancel
            </Button>
            <Button
              type="primary"
              loading={save.isPending}
              disabled={refused !== null}
              onClick={() => void keep()}
            >
              Save
            </Button>
          </>
        ) : (
          <Button type="primary" onClick={() => setEditing(true)}>
            Correct it
          </Button>
        )}
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              {
                key: 'copy',
                label: 'Make another from it',
                onClick: () =>
                  save.mutate(
                    {
                      document: {
                        ...draft,
                        group: 'Own',
                        subject: { ...subject, name: `${subject.name} (copy)` },
                      },
                    },
                    {
                      onError: (error) => message.error(error.message),
                      onSuccess: (made) => navigate(`/subjects/${made.id}`),
                    },
                  ),
              },
              {
                key: 'file',
                label: (
                  <a href={`/api/kit/subjects/${item.id}/document`} download>
                    Download
                  </a>
                ),
              },
              ...(item.sample ? [] : [{ key: 'delete', label: 'Delete', onClick: removeWithUndo }]),
            ],
          }}
        >
          <Button type="text" aria-label="More for this subject">
            •••
          </Button>
        </Dropdown>
      </div>
      <TrueScale profile={draft} />
      {!editing ? (
        <>
          <dl className="subject-facts">
            <div>
              <dt>Size</dt>
              <dd>
                {sayDepth(subject.length_m, units)} × {sayDepth(subject.height_m, units)}
              </dd>
              <dd className="quiet">{plusMinus(draft.size_uncertainty)}</dd>
            </div>
            <div>
              <dt>Cruises at</dt>
              <dd>{say(subject.speed_mps, 'speed', units)}</dd>
              <dd className="quiet">{plusMinus(draft.speed_uncertainty)}</dd>
            </div>
            <div>
              <dt>At its fastest</dt>
              <dd>{draft.burst_mps == null ? '–' : say(draft.burst_mps, 'speed', units)}</dd>
              <dd className="quiet">{plusMinus(draft.speed_uncertainty)}</dd>
            </div>
            <div>
              <dt>Wings or legs</dt>
              <dd>{say(subject.limb_speed_mps ?? 0, 'speed', units)}</dd>
            </div>
            <div>
              <dt>Keeps its way</dt>
              <dd>
                {(subject.erratic ?? 0) < 0.1 ? 'yes' : (subject.erratic ?? 0) < 0.35 ? 'mostly' : 'no'}
              </dd>
            </div>
            <div>
              <dt>Detail to focus on</dt>
              <dd>
                {(subject.contrast ?? 0) < 0.4 ? 'little' : (subject.contrast ?? 0) < 0.7 ? 'some' : 'plenty'}
              </dd>
            </div>
            <div>
              <dt>Detected as</dt>
              <dd>{subject.kind}</dd>
            </div>
          </dl>
          {draft.habit && (
            <p className="subject-habit">
              <b>Before it moves.</b> {draft.habit}
            </p>
          )}
          {(draft.hazards ?? []).map((h) => (
            <p key={h} className="subject-caution">
              {hazardWords[h]}
            </p>
          ))}
          <p className="quiet">{draft.source}</p>
        </>
      ) : (
        <div className="subject-edit">
          {refused && (
            <p className="guide-refused" role="alert">
              {refused.message}
            </p>
          )}
          <div className="fields">
            <div className="field">
              <label htmlFor="subject-name">Name</label>
              <Input
                id="subject-name"
                maxLength={120}
                value={subject.name ?? ''}
                onChange={(e) => setSubject({ name: e.target.value })}
              />
            </div>
            <div className="field">
              <label htmlFor="subject-group">Listed under</label>
              <Input
                id="subject-group"
                maxLength={40}
                value={draft.group ?? ''}
                onChange={(e) => set({ group: e.target.value })}
              />
            </div>
          </div>
          <div className="fields three">
            {number('length_m', 'Length', 'size')}
            {number('height_m', 'Height', 'size')}
            {number('depth_m', 'Depth', 'size')}
            {number('aim_size_m', 'Aim part', 'size')}
            {number('speed_mps', 'Cruises at', 'speed')}
            <NumberField
              label="At its fastest"
              quantity="speed"
              value={draft.burst_mps ?? subject.speed_mps}
              onChange={(burst_mps) => set({ burst_mps })}
            />
            {number('limb_speed_mps', 'Wings or legs', 'speed')}
            <NumberField
              label="Sizes, give or take"
              quantity="share"
              value={draft.size_uncertainty ?? 0.1}
              onChange={(v) => set({ size_uncertainty: v })}
            />
            <NumberField
              label="Speeds, give or take"
              quantity="share"
              value={draft.speed_uncertainty ?? 0.25}
              onChange={(v) => set({ speed_uncertainty: v })}
            />
          </div>
          <SpeedFinder
            lengthM={subject.length_m}
            lengthError={draft.size_uncertainty ?? 0.1}
            onUse={(speed, share) =>
              set({
                subject: { ...subject, speed_mps: Number(speed.toFixed(1)) },
                speed_uncertainty: Number(Math.min(1, share).toFixed(2)),
                burst_mps: Math.max(draft.burst_mps ?? 0, Number(speed.toFixed(1))),
              })
            }
          />
          <div className="fields three">
            <Choice
              label="Drawn as"
              value={subject.figure}
              options={figures.map((f) => ({ value: f, label: f.replaceAll('-', ' ') }))}
              onChange={(v) => setSubject({ figure: (v ?? 'plain') as NonNullable<Subject['figure']> })}
            />
            <Choice
              label="Detected as"
              value={subject.kind}
              options={[
                { value: 'bird', label: 'Bird' },
                { value: 'animal', label: 'Animal' },
                { value: 'person', label: 'Person' },
                { value: 'vehicle', label: 'Vehicle' },
                { value: 'off', label: 'Nothing cameras know' },
              ]}
              onChange={(v) => setSubject({ kind: (v ?? 'animal') as NonNullable<Subject['kind']> })}
            />
            <div className="field">
              <label htmlFor="subject-hazards">Take care of</label>
              <Select
                id="subject-hazards"
                mode="multiple"
                placeholder="Nothing"
                value={draft.hazards ?? []}
                options={Object.keys(hazardWords).map((v) => ({ value: v, label: v.replace('-', ' ') }))}
                onChange={(v) => set({ hazards: v as NonNullable<SubjectProfile['hazards']> })}
              />
            </div>
          </div>
          <div className="fields three">
            <ShareField
              label="Erratic"
              low="keeps its way"
              high="all over"
              value={subject.erratic ?? 0.1}
              onChange={(v) => setSubject({ erratic: v })}
            />
            <ShareField
              label="Detail on it"
              low="plain"
              high="crisp"
              value={subject.contrast ?? 0.7}
              onChange={(v) => setSubject({ contrast: v })}
            />
            <ShareField
              label="Stands out"
              low="blends in"
              high="unlike all else"
              value={subject.distinct ?? 0.7}
              onChange={(v) => setSubject({ distinct: v })}
            />
          </div>
          <div className="field">
            <label htmlFor="subject-habit">Before it moves</label>
            <Input.TextArea
              id="subject-habit"
              autoSize
              maxLength={400}
              value={draft.habit ?? ''}
              onChange={(e) => set({ habit: e.target.value })}
            />
          </div>
          <div className="field">
            <label htmlFor="subject-source">Where the figures come from</label>
            <Input.TextArea
              id="subject-source"
              autoSize
              maxLength={400}
              value={draft.source ?? ''}
              onChange={(e) => set({ source: e.target.value })}
            />
          </div>
        </div>
      )}
    </section>
  );
}
