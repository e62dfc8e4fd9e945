import '../kit.css';
import { App, Button } from 'antd';
import { type ComponentProps, type ReactNode, useEffect, useMemo, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Body, Refusal } from '../../../api/client';
import { useKit, useKitItem } from '../../../api/kit';
import { t } from '../../../lang/kit';
import { inside } from '../../../lang/language';
import { Failed, Waiting } from '../../../ui/bar/Messages';
import { TopBar } from '../../../ui/bar/TopBar';
import { useEditor } from '../../../ui/useEditor';
import { EditorHead } from '../EditorHead';
import { FrameSketch } from '../FrameSketch';
import { AreasStep } from './AreasStep';
import { BodyFigures } from './BodyFigures';
import { ControlsStep } from './ControlsStep';
import type { Change } from './change';
import { ResponseStep } from './ResponseStep';
import { SensorStep } from './SensorStep';
import { StartStep } from './StartStep';
import { WordsStep } from './WordsStep';

const titles = [
  t('body-editor.start'),
  t('body-editor.sensor-and-speed'),
  t('body-editor.areas'),
  t('body-editor.detection-response'),
  t('body-editor.buttons'),
  t('body-editor.its-own-words'),
];

/** All figures one may not know. */
const FIGURES: NonNullable<Body['guessed']> = [
  'sensor_width_mm',
  'sensor_height_mm',
  'pixels_wide',
  'pixels_high',
  'frames_per_s',
  'buffer_frames',
  'readout_s',
  'fastest_shutter_s',
  'focus_cycle_hz',
  'light_limit_ev',
  'iso_min',
  'iso_max',
];

/** What a new body is described from until another is chosen. */
const usualSample = 'sample-fast-mirrorless';

/** Which step is open and what is described from stand in the address, so that leaving and coming back changes nothing. */
function usePlace(first: number) {
  const [params, setParams] = useSearchParams();
  const go = (fields: { from?: string; step?: number }) => {
    const next = new URLSearchParams(params);
    for (const [key, value] of Object.entries(fields)) next.set(key, String(value));
    setParams(next, { replace: true });
  };
  const step = Math.min(titles.length - 1, Math.max(first, Number(params.get('step') ?? first) || first));
  // biome-ignore lint/correctness/useExhaustiveDependencies: each step starts at its top
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [step]);
  return { step, start: params.get('from'), go };
}

/** The body that is described, what it is described from, and what most bodies have. */
function useBody(id: string | undefined, start: string | null, shelf: { id: string }[] | undefined) {
  const from = shelf?.some((b) => b.id === start) ? (start ?? usualSample) : usualSample;
  const opened = useKitItem('bodies', id ?? (shelf ? from : undefined));
  const basis = useKitItem('bodies', id === undefined ? from : (opened.data?.based_on ?? usualSample));
  const usual = useKitItem('bodies', usualSample).data?.document.areas ?? {};
  const item = id === undefined ? undefined : opened.data;
  const base = useMemo<Body | undefined>(
    () => opened.data && { ...opened.data.document, ...(id === undefined ? { name: '' } : {}) },
    [id, opened.data],
  );
  const editor = useEditor({
    type: 'bodies',
    what: `body.${id ?? 'new'}`,
    base,
    item,
    basedOn: from,
    asCheck: (d) => ({ ...d, name: d.name || 'body' }),
  });
  return { from, opened, basis, usual, item, editor };
}

/** The guide through a body, step by step; any step can be opened at any time. */
export default function BodyEditor() {
  const { id } = useParams();
  const shelf = useKit('bodies');
  const navigate = useNavigate();
  const { message } = App.useApp();
  const first = id === undefined ? 0 : 1;
  const { step, start, go } = usePlace(first);
  const { from, opened, basis, usual, item, editor } = useBody(id, start, shelf.data);
  const [area, setArea] = useState<string | null>('point');
  const { draft, refused } = editor;
  const setStep = (to: number) => go({ step: to });

  const failed = opened.error ?? shelf.error;
  if (failed)
    return (
      <Failed
        message={(failed as Refusal).status === 404 ? t('body-editor.this-body-is-not') : failed.message}
      />
    );
  if (!draft || !shelf.data) return <Waiting what={t('body-editor.opening')} />;

  const set: Change = (fields) => editor.change({ ...draft, ...fields });

  /** All as the sample has it: what was not looked at is a guess. */
  async function enough() {
    if (!draft) return;
    const kept = await editor.keep({ ...draft, guessed: FIGURES });
    if (!kept) return;
    message.success(t('body-editor.is-in-your-kit', { name: kept.name }));
    navigate('/kit');
  }

  async function keep() {
    if (!draft?.name.trim()) {
      setStep(1);
      message.info(t('body-editor.give-it-a-name'));
      return;
    }
    if (await editor.keep()) {
      message.success(
        editor.own ? t('body-editor.saved') : t('body-editor.is-in-your-kit-2', { name: draft.name }),
      );
      navigate('/kit');
    }
  }

  return (
    <>
      <TopBar />
      <main className="page">
        <EditorHead
          title={id === undefined ? t('body-editor.describe-your-body') : draft.name || t('body-editor.body')}
          sample={item?.sample === true}
          dirty={editor.dirty}
          busy={editor.busy}
          refused={refused !== null}
          restored={editor.restored}
          onRevert={editor.revert}
          onKeep={() => void keep()}
        />
        <div className="guide">
          <StepList step={step} isNew={id === undefined} onStep={setStep} />
          <div className="guide-body">
            {refused && (
              <p className="guide-refused" role="alert">
                {refused.message}
              </p>
            )}
            {step === 0 ? (
              <StartStep
                bodies={shelf.data}
                chosen={from}
                onChoose={(chosen) => go({ from: chosen })}
                name={draft.name}
                onName={(name) => set({ name })}
                busy={editor.busy}
                onEnough={() => void enough()}
              />
            ) : (
              <Step
                step={step}
                body={draft}
                set={set}
                problemField={refused?.field ?? null}
                basis={basis.data?.document}
                usual={usual}
                chosen={area}
                onChoose={setArea}
                terms={editor.check?.terms ?? []}
              />
            )}
            <Foot step={step} first={first} onStep={setStep}>
              <Button
                type="primary"
                loading={editor.busy}
                disabled={refused !== null}
                onClick={() => void keep()}
              >
                {t('body-editor.save-this-body')}
              </Button>
            </Foot>
          </div>
          <Side
            body={draft}
            chosen={step === 2 ? area : null}
            figures={editor.check?.figures ?? null}
            onChoose={setArea}
            onSet={set}
          />
        </div>
      </main>
    </>
  );
}

type StepProps = { step: number; onStep: (to: number) => void };

/** All steps, each to be opened at any time; a body that is there does not start from another. */
function StepList({ step, isNew, onStep }: StepProps & { isNew: boolean }) {
  return (
    <nav aria-label={t('body-editor.steps')}>
      <ol className="guide-steps">
        {titles.map((title, i) =>
          i === 0 && !isNew ? null : (
            <li key={title}>
              <button type="button" aria-current={i === step ? 'step' : undefined} onClick={() => onStep(i)}>
                <span>{isNew ? i + 1 : i}</span> {title}
              </button>
            </li>
          ),
        )}
      </ol>
    </nav>
  );
}

/** Back and on, and on the last step what ends it. */
function Foot({ step, first, onStep, children }: StepProps & { first: number; children: ReactNode }) {
  return (
    <div className="guide-foot">
      {step > first && <Button onClick={() => onStep(step - 1)}>{t('body-editor.back')}</Button>}
      <span className="spacer" />
      {step < titles.length - 1 ? (
        <Button type="primary" onClick={() => onStep(step + 1)}>
          {t('body-editor.next', { titles: inside(titles[step + 1] ?? '') })}
        </Button>
      ) : (
        children
      )}
    </div>
  );
}

type SideProps = {
  body: Body;
  chosen: string | null;
  figures: ComponentProps<typeof BodyFigures>['figures'];
  onChoose: (area: string | null) => void;
  onSet: Change;
};

/** The frame with its areas, and what the figures come to. */
function Side({ body, chosen, figures, onChoose, onSet }: SideProps) {
  return (
    <aside className="guide-side" aria-label={t('body-editor.what-it-comes-to')}>
      <FrameSketch
        body={body}
        chosen={chosen}
        onChoose={onChoose}
        onSize={(name, width, height) =>
          onSet({
            areas: {
              ...body.areas,
              [name]: { ...body.areas[name as keyof NonNullable<Body['areas']>], width, height },
            } as NonNullable<Body['areas']>,
          })
        }
      />
      {body.mirror && body.points && <p className="quiet">{t('body-editor.tinted-where-points-lie')}</p>}
      <BodyFigures body={body} figures={figures} />
    </aside>
  );
}

type OneStepProps = ComponentProps<typeof SensorStep> &
  ComponentProps<typeof AreasStep> &
  ComponentProps<typeof WordsStep> & { step: number };

/** What there is to say of the body at each step after the first. */
function Step({ step, body, set, problemField, basis, usual, chosen, onChoose, terms }: OneStepProps) {
  switch (step) {
    case 1:
      return <SensorStep body={body} set={set} problemField={problemField} basis={basis} />;
    case 2:
      return <AreasStep body={body} set={set} usual={usual} chosen={chosen} onChoose={onChoose} />;
    case 3:
      return <ResponseStep body={body} set={set} />;
    case 4:
      return <ControlsStep body={body} set={set} />;
    default:
      return <WordsStep body={body} set={set} terms={terms} />;
  }
}
