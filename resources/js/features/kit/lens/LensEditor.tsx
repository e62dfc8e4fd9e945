import '../kit.css';
import { App, Checkbox, Input, Radio, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Lens, Refusal } from '../../../api/client';
import { useHabits, useKit, useKitItem } from '../../../api/kit';
import { t } from '../../../lang/kit';
import type { Quantity } from '../../../lang/units';
import { Failed, Waiting } from '../../../ui/bar/Messages';
import { TopBar } from '../../../ui/bar/TopBar';
import { NumberField } from '../../../ui/NumberField';
import { useEditor } from '../../../ui/useEditor';
import { EditorHead } from '../EditorHead';
import { ReachBar } from '../ReachBar';
import { RangeFields } from './RangeFields';
import { ReachTable } from './ReachTable';
import { RingFields } from './RingFields';
import { SweepWatch } from './SweepWatch';
import { ZoomFields } from './ZoomFields';

/** What a new lens is described from, and what it is seen through until another body is chosen. */
const usualLens = 'sample-100-400';
const usualBody = 'sample-fast-mirrorless';

const extenders = [1.2, 1.4, 1.7, 2];

/** A zoom made of a lens with one focal length: from short to where it was. */
const asZoom = (lens: Lens): Lens['zoom'] => [
  { focal_mm: 100, max_aperture: lens.max_aperture },
  { focal_mm: Math.max(200, lens.focal_mm), max_aperture: lens.max_aperture },
];

/** The body a lens is looked at through: the one chosen, the person’s usual one, another of theirs, or a sample. */
function useThrough() {
  const bodies = useKit('bodies');
  const habits = useHabits();
  const [chosen, choose] = useState<string | null>(null);
  const through =
    bodies.data?.find((b) => b.id === (chosen ?? habits.data?.body ?? '')) ??
    bodies.data?.find((b) => !b.sample) ??
    bodies.data?.find((b) => b.id === usualBody);
  const body = useKitItem('bodies', through?.id).data?.document;
  return { bodies: bodies.data ?? [], through, body, choose };
}

/** One lens: what it reaches, how fast it drives, and what its switch allows. */
export default function LensEditor() {
  const { id } = useParams();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const nameId = useId();
  const opened = useKitItem('lenses', id ?? usualLens);
  const item = id === undefined ? undefined : opened.data;
  const base = useMemo<Lens | undefined>(
    () => opened.data && { ...opened.data.document, ...(id === undefined ? { name: '' } : {}) },
    [id, opened.data],
  );
  const through = useThrough();
  const [distance, setDistance] = useState(20);
  const editor = useEditor({
    type: 'lenses',
    what: `lens.${id ?? 'new'}`,
    base,
    item,
    asCheck: (d) => ({ ...d, name: d.name || 'lens' }),
    more: { ...(through.body ? { body: through.body } : {}), distance_m: distance },
  });
  const { draft, refused } = editor;

  if (opened.isError)
    return (
      <Failed
        message={
          (opened.error as Refusal).status === 404 ? t('lens-editor.this-lens-is-not') : opened.error.message
        }
      />
    );
  if (!draft) return <Waiting what={t('lens-editor.opening')} />;

  const set = (fields: Partial<Lens>) => editor.change({ ...draft, ...fields });
  async function keep() {
    if (!draft?.name.trim()) {
      message.info(t('lens-editor.give-it-a-name'));
      document.getElementById(nameId)?.focus();
      return;
    }
    if (await editor.keep()) {
      message.success(
        editor.own ? t('lens-editor.saved') : t('lens-editor.is-in-your-kit', { name: draft.name }),
      );
      navigate('/kit');
    }
  }

  return (
    <>
      <TopBar />
      <main className="page">
        <EditorHead
          title={id === undefined ? t('lens-editor.add-a-lens') : draft.name || t('lens-editor.lens')}
          sample={item?.sample === true}
          dirty={editor.dirty}
          busy={editor.busy}
          refused={refused !== null}
          restored={editor.restored}
          onRevert={editor.revert}
          onKeep={() => void keep()}
        />
        <div className="lens-grid">
          <div className="guide-body">
            {refused && (
              <p className="guide-refused" role="alert">
                {refused.message}
              </p>
            )}
            <Form nameId={nameId} lens={draft} refused={refused} onSet={set} />
          </div>
          <Reach
            lens={draft}
            reach={editor.check?.reach ?? []}
            distance={distance}
            onDistance={setDistance}
            {...through}
          />
        </div>
      </main>
    </>
  );
}

type FormProps = {
  nameId: string;
  lens: Lens;
  refused: { field?: string | null; message: string } | null;
  onSet: (fields: Partial<Lens>) => void;
};

/** What there is to say of a lens. */
function Form({ nameId, lens, refused, onSet }: FormProps) {
  const setZoom = (zoom: Lens['zoom']) =>
    onSet({ zoom, ...(zoom.length > 0 ? { focal_mm: zoom.at(-1)?.focal_mm ?? lens.focal_mm } : {}) });
  const number = (name: keyof Lens, label: string, quantity: Quantity, hint?: string) => (
    <NumberField
      label={label}
      quantity={quantity}
      value={Number(lens[name])}
      problem={refused?.field === name ? refused.message : null}
      onChange={(value) => onSet({ [name]: value } as Partial<Lens>)}
      {...(hint ? { hint } : {})}
    />
  );

  return (
    <>
      <div className="field">
        <label htmlFor={nameId}>{t('lens-editor.what-you-call-it')}</label>
        <Input
          id={nameId}
          maxLength={120}
          placeholder={t('lens-editor.my-long-zoom')}
          value={lens.name}
          onChange={(e) => onSet({ name: e.target.value })}
        />
      </div>
      <Radio.Group
        value={lens.zoom.length > 0 ? 'zoom' : 'prime'}
        options={[
          { value: 'prime', label: t('lens-editor.one-focal-length') },
          { value: 'zoom', label: t('lens-editor.zoom') },
        ]}
        onChange={(e) => setZoom(e.target.value === 'zoom' ? asZoom(lens) : [])}
      />
      {lens.zoom.length > 0 ? (
        <ZoomFields zoom={lens.zoom} onZoom={setZoom} />
      ) : (
        <div className="fields">
          {number('focal_mm', t('lens-editor.focal-length'), 'mm')}
          {number('max_aperture', t('lens-editor.widest'), 'fnumber')}
        </div>
      )}
      <div className="fields">
        {number('min_aperture', t('lens-editor.smallest'), 'fnumber')}
        {number('nearest_m', t('lens-editor.nearest-focus'), 'length')}
        {number('stabiliser_stops', t('lens-editor.stabiliser'), 'stops', t('lens-editor.0-for-none'))}
        {number('best_stops_down', t('lens-editor.crispest-from-wide-open'), 'stops')}
      </div>
      <SweepWatch sweep={lens.sweep_s} onSweep={(sweep_s) => onSet({ sweep_s })} />
      <h2>{t('lens-editor.switches-teleconverters-and-ring')}</h2>
      <RangeFields ranges={lens.ranges} nearestM={lens.nearest_m} onRanges={(ranges) => onSet({ ranges })} />
      <div className="field">
        <label htmlFor="extenders">{t('lens-editor.teleconverters-it-takes')}</label>
        <Select
          id="extenders"
          mode="multiple"
          placeholder={t('lens-editor.none')}
          options={extenders.map((v) => ({ value: v, label: `${v}×` }))}
          value={lens.extenders}
          onChange={(v) => onSet({ extenders: [...v].sort((a, b) => a - b) })}
        />
      </div>
      <Checkbox checked={lens.manual_switch} onChange={(e) => onSet({ manual_switch: e.target.checked })}>
        {t('lens-editor.a-switch-on-it')}
      </Checkbox>
      <RingFields
        ring={lens.ring ?? null}
        problem={refused?.field === 'ring.throw_deg' ? refused.message : null}
        onRing={(ring) => onSet({ ring })}
      />
    </>
  );
}

type ReachProps = Omit<ReturnType<typeof useThrough>, 'body'> & {
  lens: Lens;
  reach: NonNullable<ReturnType<typeof useEditor<'lenses'>>['check']>['reach'];
  distance: number;
  onDistance: (metres: number) => void;
};

/** What it reaches, seen through one of the bodies. */
function Reach({ lens, reach, distance, onDistance, bodies, through, choose }: ReachProps) {
  return (
    <aside className="guide-side" aria-label={t('lens-editor.what-it-reaches')}>
      <ReachBar lens={lens} />
      <div className="field">
        <label htmlFor="through">{t('lens-editor.seen-through')}</label>
        <Select
          id="through"
          value={through?.id ?? null}
          options={bodies.map((b) => ({ value: b.id, label: b.name }))}
          onChange={choose}
        />
      </div>
      <NumberField
        label={t('lens-editor.at')}
        quantity="length"
        value={distance}
        onChange={(v) => v >= 1 && onDistance(v)}
      />
      <ReachTable reach={reach} />
      <p className="quiet">{t('lens-editor.field-how-much-lies')}</p>
    </aside>
  );
}
