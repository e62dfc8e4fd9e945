import './kit.css';
import { App, Button, Checkbox, Input, InputNumber, Select } from 'antd';
import { useEffect, useId, useMemo, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Body, Refusal } from '../../api/client';
import { type Listed, useCheck, useKit, useKitItem, useSaveKit } from '../../api/kit';
import { Choice } from '../../parts/Choice';
import { NumberField } from '../../parts/NumberField';
import type { Quantity } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import { Failed, Waiting } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { AreasStep } from './AreasStep';
import { ControlsStep } from './ControlsStep';
import { EditorHead } from './EditorHead';
import { FrameSketch } from './FrameSketch';
import { useDraft } from './useDraft';
import { WordsStep } from './WordsStep';
import { kindLabels, options, winsLabels } from './words';

export type Change = (fields: Partial<Body>) => void;

const titles = ['Start', 'Sensor and speed', 'Areas', 'Detection, response', 'Buttons', 'Its own words'];

const shutterOf = (s: number | undefined) => (s ? Math.round(1 / s) : 8000);

/** What a new body is described from until another is chosen. */
const usualSample = 'sample-fast-mirrorless';

/** The guide through a body, step by step; any step can be opened at any time. */
export default function BodyEditor() {
  const { id } = useParams();
  const [params, setParams] = useSearchParams();
  const shelf = useKit('bodies');
  const save = useSaveKit('bodies');
  const navigate = useNavigate();
  const { message } = App.useApp();
  // Where one is stands in the address, so that leaving and coming back changes nothing.
  const start = params.get('from');
  const go = (fields: { from?: string; step?: number }) => {
    const next = new URLSearchParams(params);
    for (const [key, value] of Object.entries(fields)) next.set(key, String(value));
    setParams(next, { replace: true });
  };
  const setStart = (from: string) => go({ from });
  const from = shelf.data?.some((b) => b.id === start) ? (start ?? usualSample) : usualSample;
  const opened = useKitItem('bodies', id ?? (shelf.data ? from : undefined));
  const usual = useKitItem('bodies', usualSample).data?.document.areas ?? {};
  const item = id === undefined ? undefined : opened.data;
  const base = useMemo<Body | undefined>(
    () => opened.data && { ...opened.data.document, ...(id === undefined ? { name: '' } : {}) },
    [id, opened.data],
  );
  const { draft, change, forget, dirty } = useDraft<Body>(`body.${id ?? 'new'}`, base);
  const first = id === undefined ? 0 : 1;
  const step = Math.min(titles.length - 1, Math.max(first, Number(params.get('step') ?? first) || first));
  const setStep = (to: number) => go({ step: to });
  const [area, setArea] = useState<string | null>('point');
  const asked = useDebounced(draft, 250);
  const check = useCheck('bodies', asked && { ...asked, name: asked.name || 'body' });
  const refused =
    check.error && !check.isFetching ? (check.error as Error & { field?: string | null }) : null;

  // biome-ignore lint/correctness/useExhaustiveDependencies: each step starts at its top
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [step]);

  const failed = opened.error ?? shelf.error;
  if (failed)
    return (
      <Failed message={(failed as Refusal).status === 404 ? 'This body is not there.' : failed.message} />
    );
  if (!draft || !shelf.data) return <Waiting what="Opening" />;

  const set: Change = (fields) => change({ ...draft, ...fields });
  const sampleItem = id !== undefined && item?.sample;

  async function keep() {
    if (!draft) return;
    if (!draft.name?.trim()) {
      setStep(1);
      message.info('Give it a name first.');
      return;
    }
    try {
      const own = id !== undefined && !sampleItem;
      const basedOn = own ? null : (id ?? from);
      await save.mutateAsync({
        document: draft,
        ...(own ? { id, version: item?.version ?? 1 } : { based_on: basedOn }),
      });
      forget();
      message.success(own ? 'Saved' : `“${draft.name}” is in your kit.`);
      navigate('/kit');
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  return (
    <>
      <TopBar />
      <main className="page">
        <EditorHead
          title={id === undefined ? 'Describe your body' : draft.name || 'Body'}
          sample={sampleItem === true}
          dirty={dirty}
          busy={save.isPending}
          refused={refused !== null}
          onRevert={() => {
            forget();
            if (base) change(base);
          }}
          onKeep={() => void keep()}
        />
        <div className="guide">
          <nav aria-label="Steps">
            <ol className="guide-steps">
              {titles.map((title, i) =>
                i === 0 && id !== undefined ? null : (
                  <li key={title}>
                    <button
                      type="button"
                      aria-current={i === step ? 'step' : undefined}
                      onClick={() => setStep(i)}
                    >
                      <span>{id === undefined ? i + 1 : i}</span> {title}
                    </button>
                  </li>
                ),
              )}
            </ol>
          </nav>
          <div className="guide-body">
            {refused && (
              <p className="guide-refused" role="alert">
                {refused.message}
              </p>
            )}
            {step === 0 && <StartStep bodies={shelf.data} chosen={from} onChoose={setStart} />}
            {step === 1 && <SensorStep body={draft} set={set} problemField={refused?.field ?? null} />}
            {step === 2 && (
              <AreasStep body={draft} set={set} usual={usual} chosen={area} onChoose={setArea} />
            )}
            {step === 3 && <ResponseStep body={draft} set={set} />}
            {step === 4 && <ControlsStep body={draft} set={set} />}
            {step === 5 && <WordsStep body={draft} set={set} terms={check.data?.terms ?? []} />}
            <div className="guide-foot">
              {step > first && <Button onClick={() => setStep(step - 1)}>Back</Button>}
              <span className="spacer" />
              {step < titles.length - 1 ? (
                <Button type="primary" onClick={() => setStep(step + 1)}>
                  Next: {titles[step + 1]?.toLowerCase()}
                </Button>
              ) : (
                <Button
                  type="primary"
                  loading={save.isPending}
                  disabled={refused !== null}
                  onClick={() => void keep()}
                >
                  Save this body
                </Button>
              )}
            </div>
          </div>
          <aside className="guide-side" aria-label="What it comes to">
            <FrameSketch
              body={draft}
              chosen={step === 2 ? area : null}
              onChoose={setArea}
              onSize={(name, width, height) =>
                set({
                  areas: {
                    ...draft.areas,
                    [name]: { ...draft.areas?.[name as keyof NonNullable<Body['areas']>], width, height },
                  } as NonNullable<Body['areas']>,
                })
              }
            />
            {draft.mirror && draft.points && (
              <p className="quiet">
                Tinted: where points lie; darker, where they measure two directions and four.
              </p>
            )}
            <dl>
              <dt>Picture</dt>
              <dd>{Math.round(((draft.pixels_wide ?? 6000) * (draft.pixels_high ?? 4000)) / 1e6)} MP</dd>
              <dt>One pixel</dt>
              <dd>{((1000 * (draft.sensor_width_mm ?? 36)) / (draft.pixels_wide ?? 6000)).toFixed(1)} µm</dd>
              <dt>Crop</dt>
              <dd>
                {(
                  Math.hypot(36, 24) / Math.hypot(draft.sensor_width_mm ?? 36, draft.sensor_height_mm ?? 24)
                ).toFixed(2)}
                ×
              </dd>
              <dt>Between frames</dt>
              <dd>{Math.round(1000 / (draft.frames_per_s ?? 20))} ms</dd>
              <dt>Buffer lasts</dt>
              <dd>{((draft.buffer_frames ?? 150) / (draft.frames_per_s ?? 20)).toFixed(1)} s</dd>
              <dt>Areas</dt>
              <dd>{Object.keys(draft.areas ?? {}).length}</dd>
            </dl>
          </aside>
        </div>
      </main>
    </>
  );
}

function StartStep({
  bodies,
  chosen,
  onChoose,
}: {
  bodies: Listed<'bodies'>[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  return (
    <>
      <h2>Which is nearest to yours?</h2>
      <p className="quiet">
        Everything comes filled in from it; with your camera in hand you only change what differs. Nothing
        here is a particular camera.
      </p>
      <ul className="start-list">
        {bodies.map((body) => (
          <li key={body.id}>
            <button type="button" aria-pressed={body.id === chosen} onClick={() => onChoose(body.id)}>
              <FrameSketch body={body.outline as Body} />
              <b>{body.name}</b>
              <small>
                {body.outline.frames_per_s} frames/s, {body.outline.mirror ? 'mirror' : 'no mirror'}
                {body.sample ? '' : ', yours'}
              </small>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}

function SensorStep({ body, set, problemField }: { body: Body; set: Change; problemField: string | null }) {
  const id = useId();
  const number = (name: keyof Body, label: string, quantity: Quantity, hint?: string) => (
    <NumberField
      label={label}
      quantity={quantity}
      value={Number(body[name])}
      problem={problemField === name ? 'Out of range' : null}
      onChange={(value) => set({ [name]: quantity === 'count' ? Math.round(value) : value } as Partial<Body>)}
      {...(hint ? { hint } : {})}
    />
  );
  return (
    <>
      <h2>Sensor and speed</h2>
      <div className="field">
        <label htmlFor={id}>What you call it</label>
        <Input
          id={id}
          maxLength={120}
          value={body.name ?? ''}
          placeholder="My everyday body"
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <div className="fields">
        {number('sensor_width_mm', 'Sensor width', 'fine mm')}
        {number('sensor_height_mm', 'Sensor height', 'fine mm')}
        {number('pixels_wide', 'Pixels across', 'count')}
        {number('pixels_high', 'Pixels down', 'count')}
        {number(
          'frames_per_s',
          body.mirror ? 'Frame rate' : 'Frame rate, electronic',
          'frames',
          'While it keeps focusing',
        )}
        {number('buffer_frames', 'Frames before it slows', 'count')}
        {!body.mirror &&
          number('readout_s', 'Readout of the sensor', 'short time', 'From the first line to the last')}
        <NumberField
          label="Shortest exposure: 1 ÷"
          quantity="count"
          value={shutterOf(body.fastest_shutter_s)}
          onChange={(value) => value >= 1 && set({ fastest_shutter_s: 1 / value })}
        />
        {number('focus_cycle_hz', 'Focus measurements a second', 'count')}
        {number(
          'light_limit_ev',
          'Last light it focuses in',
          'ev',
          'As its data sheet gives it, with a bright lens',
        )}
        {number('iso_min', 'Lowest ISO', 'iso')}
        {number('iso_max', 'Highest ISO', 'iso')}
      </div>
      {!body.mirror && (
        <Checkbox
          checked={body.mechanical != null}
          onChange={(event) =>
            set({
              mechanical: event.target.checked ? { frames_per_s: 10, fastest_shutter_s: 1 / 8000 } : null,
            })
          }
        >
          It has a mechanical shutter as well
        </Checkbox>
      )}
      {body.mechanical && (
        <div className="fields">
          <NumberField
            label="Frame rate, mechanical"
            quantity="frames"
            value={body.mechanical.frames_per_s}
            onChange={(v) =>
              set({ mechanical: { ...body.mechanical, frames_per_s: v } as Body['mechanical'] })
            }
          />
          <NumberField
            label="Shortest exposure: 1 ÷"
            quantity="count"
            value={shutterOf(body.mechanical.fastest_shutter_s)}
            onChange={(v) =>
              v >= 1 &&
              set({ mechanical: { ...body.mechanical, fastest_shutter_s: 1 / v } as Body['mechanical'] })
            }
          />
        </div>
      )}
      <Checkbox
        checked={body.mirror ?? false}
        onChange={(event) =>
          set(
            event.target.checked
              ? {
                  mirror: true,
                  readout_s: 0,
                  mechanical: null,
                  points: body.points ?? {
                    width: 0.55,
                    height: 0.42,
                    two_way_width: 0.26,
                    two_way_height: 0.42,
                    star_width: 0.05,
                    star_height: 0.1,
                    outer: 'upright',
                  },
                }
              : { mirror: false, points: null },
          )
        }
      >
        It has a mirror
      </Checkbox>
      {body.mirror && body.points && <PointFields points={body.points} set={set} />}
    </>
  );
}

function PointFields({ points, set }: { points: NonNullable<Body['points']>; set: Change }) {
  const share = (
    name: 'width' | 'height' | 'two_way_width' | 'two_way_height' | 'star_width' | 'star_height',
    label: string,
  ) => (
    <NumberField
      label={label}
      quantity="share"
      value={Number(points[name] ?? 0)}
      onChange={(v) => {
        const next = { ...points, [name]: v };
        // What lies inside cannot be larger than what it lies in.
        for (const side of ['width', 'height'] as const) {
          next[`two_way_${side}`] = Math.min(next[`two_way_${side}`] ?? 0, next[side] ?? 1);
          next[`star_${side}`] = Math.min(next[`star_${side}`] ?? 0, next[side] ?? 1);
        }
        set({ points: next });
      }}
    />
  );
  return (
    <>
      <p className="quiet">
        Where its focus points lie, as parts of the frame. Most crowd the middle; only some measure lines of
        both directions, and star points of four.
      </p>
      <div className="fields">
        {share('width', 'All points: width')}
        {share('height', 'All points: height')}
        {share('two_way_width', 'Two-way points: width')}
        {share('two_way_height', 'Two-way points: height')}
        {share('star_width', 'Star points: width')}
        {share('star_height', 'Star points: height')}
        <Choice
          label="The outer points measure"
          value={points.outer ?? 'upright'}
          options={[
            { value: 'upright', label: 'Upright lines' },
            { value: 'level', label: 'Level lines' },
          ]}
          onChange={(v) => set({ points: { ...points, outer: (v ?? 'upright') as 'upright' | 'level' } })}
        />
      </div>
    </>
  );
}

function ResponseStep({ body, set }: { body: Body; set: Change }) {
  const presets = body.presets ?? [];
  const kindsId = useId();
  const setPreset = (i: number, fields: Partial<(typeof presets)[number]>) =>
    set({ presets: presets.map((p, at) => (at === i ? { ...p, ...fields } : p)) });
  const freshId = (role: string) => {
    let id = role;
    for (let n = 2; presets.some((p) => p.id === id); n++) id = `${role}-${n}`;
    return id;
  };
  return (
    <>
      <h2>Detection</h2>
      <div className="field">
        <label htmlFor={kindsId}>Kinds of subject it can look for</label>
        <Select
          id={kindsId}
          mode="multiple"
          placeholder="None"
          options={options(kindLabels)}
          value={body.detects ?? []}
          onChange={(detects) => set({ detects })}
        />
      </div>
      <h2>Response to change</h2>
      <p className="quiet">
        Patience is how long your camera waits before it believes that what it sees now is the subject.
        Nimbleness is how far it believes a change of speed: 0 expects steady speed, 1 believes every start
        and stop.
      </p>
      <Checkbox
        checked={body.free_response ?? true}
        onChange={(e) => set({ free_response: e.target.checked })}
      >
        Both can be set by themselves, not only as presets
      </Checkbox>
      {(body.free_response ?? true) && (
        <div className="response-steps">
          <Steps
            what="patience"
            unit="s"
            most={3}
            steps={body.patience_steps ?? []}
            words={body.words}
            onChange={(patience_steps, words) => set({ patience_steps, words })}
          />
          <Steps
            what="nimble"
            unit=""
            most={1}
            steps={body.nimble_steps ?? []}
            words={body.words}
            onChange={(nimble_steps, words) => set({ nimble_steps, words })}
          />
        </div>
      )}
      <h3>Ready-made presets</h3>
      <table className="area-table">
        <thead>
          <tr>
            <th>What your camera calls it</th>
            <th>Patience, s</th>
            <th>Nimbleness</th>
            <th>What wins</th>
            <th aria-label="Remove" />
          </tr>
        </thead>
        <tbody>
          {presets.map((preset, i) => (
            <tr key={preset.id}>
              <td>
                <Input
                  aria-label={`Name of preset ${i + 1}`}
                  maxLength={60}
                  placeholder={preset.id}
                  value={body.words?.[`preset.${preset.id}`]?.label ?? ''}
                  onChange={(e) => set({ words: named(body.words, `preset.${preset.id}`, e.target.value) })}
                />
              </td>
              <td>
                <InputNumber
                  aria-label={`Patience of preset ${i + 1}`}
                  min={0}
                  max={3}
                  step={0.1}
                  value={preset.patience_s ?? 0.3}
                  onChange={(v) => setPreset(i, { patience_s: v ?? 0 })}
                />
              </td>
              <td>
                <InputNumber
                  aria-label={`Nimbleness of preset ${i + 1}`}
                  min={0}
                  max={1}
                  step={0.1}
                  value={preset.nimble ?? 0.5}
                  onChange={(v) => setPreset(i, { nimble: v ?? 0 })}
                />
              </td>
              <td>
                <Select
                  aria-label={`What wins with preset ${i + 1}`}
                  value={preset.wins ?? 'held'}
                  options={options(winsLabels)}
                  popupMatchSelectWidth={false}
                  onChange={(wins) => setPreset(i, { wins: wins as typeof preset.wins })}
                />
              </td>
              <td>
                <Button
                  size="small"
                  type="text"
                  aria-label={`Remove preset ${i + 1}`}
                  onClick={() =>
                    set({
                      presets: presets.filter((_, at) => at !== i),
                      stored_sets: (body.stored_sets ?? []).map((s) =>
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
      <Button
        onClick={() =>
          set({ presets: [...presets, { id: freshId('own'), patience_s: 0.3, nimble: 0.5, wins: 'held' }] })
        }
      >
        Add a preset
      </Button>
    </>
  );
}

/** Words with one more, or one less when it is empty. */
function named(words: Body['words'], key: string, label: string): Body['words'] {
  const { [key]: before, ...others } = words ?? {};
  return label.trim() === '' ? others : { ...others, [key]: { where: before?.where ?? '', label } };
}

const scales = { patience: 'Steps of patience', nimble: 'Steps of nimbleness' };

/** The steps a body has on one scale, each with the camera’s own name for it. */
function Steps({
  what,
  unit,
  most,
  steps,
  words,
  onChange,
}: {
  what: keyof typeof scales;
  unit: string;
  most: number;
  steps: number[];
  words: Body['words'];
  onChange: (steps: number[], words: Body['words']) => void;
}) {
  const key = (step: number) => `${what}.${step}`;
  const move = (i: number, to: number) => {
    const label = words?.[key(steps[i] ?? 0)]?.label ?? '';
    const others = named(words, key(steps[i] ?? 0), '');
    onChange(
      steps.map((s, at) => (at === i ? to : s)),
      named(others, key(to), label),
    );
  };
  return (
    <fieldset className="steps">
      <legend>{scales[what]}</legend>
      {steps.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a step has no other name while its value is typed
        <div key={i} className="step-row">
          <InputNumber
            aria-label={`${scales[what]}, ${i + 1}`}
            min={0}
            max={most}
            step={most / 10}
            suffix={unit}
            value={step}
            onChange={(v) => move(i, Number((v ?? 0).toFixed(3)))}
          />
          <Input
            aria-label={`What your camera calls step ${i + 1} of ${what}`}
            maxLength={60}
            placeholder="Your camera’s name for it"
            value={words?.[key(step)]?.label ?? ''}
            onChange={(e) => onChange(steps, named(words, key(step), e.target.value))}
          />
          <Button
            size="small"
            type="text"
            aria-label={`Remove step ${i + 1} of ${what}`}
            disabled={steps.length === 1}
            onClick={() =>
              onChange(
                steps.filter((_, at) => at !== i),
                named(words, key(step), ''),
              )
            }
          >
            ✕
          </Button>
        </div>
      ))}
      <Button
        size="small"
        onClick={() =>
          onChange([...steps, Math.min(most, Number(((steps.at(-1) ?? 0) + most / 10).toFixed(3)))], words)
        }
      >
        Add a step
      </Button>
    </fieldset>
  );
}
