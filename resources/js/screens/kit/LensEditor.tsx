import './kit.css';
import { App, Button, Checkbox, Input, Radio, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Lens, Refusal } from '../../api/client';
import { useCheck, useHabits, useKit, useKitItem, useSaveKit } from '../../api/kit';
import { NumberField } from '../../parts/NumberField';
import type { Quantity } from '../../parts/units';
import { say, useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import { Failed, Waiting } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { EditorHead } from './EditorHead';
import { ReachBar } from './ReachBar';
import { SweepWatch } from './SweepWatch';
import { useDraft } from './useDraft';

const round = (n: number) => Number(n.toPrecision(2));

/** One lens: what it reaches, how fast it drives, and what its switch allows. */
export default function LensEditor() {
  const { id } = useParams();
  const bodies = useKit('bodies');
  const habits = useHabits();
  const save = useSaveKit('lenses');
  const navigate = useNavigate();
  const units = useUnits();
  const { message } = App.useApp();
  const nameId = useId();
  const opened = useKitItem('lenses', id ?? 'sample-100-400');
  const item = id === undefined ? undefined : opened.data;
  const base = useMemo<Lens | undefined>(
    () => opened.data && { ...opened.data.document, ...(id === undefined ? { name: '' } : {}) },
    [id, opened.data],
  );
  const { draft, change, forget, dirty } = useDraft<Lens>(`lens.${id ?? 'new'}`, base);
  const [throughId, setThrough] = useState<string | null>(null);
  const through =
    bodies.data?.find((b) => b.id === (throughId ?? habits.data?.body ?? '')) ??
    bodies.data?.find((b) => b.id === 'sample-fast-mirrorless');
  const throughBody = useKitItem('bodies', through?.id).data?.document;
  const [distance, setDistance] = useState(20);
  const asked = useDebounced(draft, 200);
  const check = useCheck('lenses', asked && { ...asked, name: asked.name || 'lens' }, {
    ...(throughBody ? { body: throughBody } : {}),
    distance_m: distance,
  });
  const refused =
    check.error && !check.isFetching ? (check.error as Error & { field?: string | null }) : null;

  if (opened.isError)
    return (
      <Failed
        message={(opened.error as Refusal).status === 404 ? 'This lens is not there.' : opened.error.message}
      />
    );
  if (!draft) return <Waiting what="Opening" />;

  const set = (fields: Partial<Lens>) => change({ ...draft, ...fields });
  const zoom = draft.zoom ?? [];
  const isZoom = zoom.length > 0;
  const setZoom = (next: typeof zoom) => set({ zoom: next, focal_mm: next.at(-1)?.focal_mm ?? 100 });
  const number = (name: keyof Lens, label: string, quantity: Quantity, hint?: string) => (
    <NumberField
      label={label}
      quantity={quantity}
      value={Number(draft[name])}
      problem={refused?.field === name ? refused.message : null}
      onChange={(value) => set({ [name]: value } as Partial<Lens>)}
      {...(hint ? { hint } : {})}
    />
  );

  async function keep() {
    if (!draft) return;
    if (!draft.name?.trim()) {
      message.info('Give it a name first.');
      document.getElementById(nameId)?.focus();
      return;
    }
    try {
      const own = id !== undefined && !item?.sample;
      await save.mutateAsync({
        document: draft,
        ...(own ? { id, version: item?.version ?? 1 } : { based_on: id ?? null }),
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
          title={id === undefined ? 'Add a lens' : draft.name || 'Lens'}
          sample={item?.sample === true}
          dirty={dirty}
          busy={save.isPending}
          refused={refused !== null}
          onRevert={() => {
            forget();
            if (base) change(base);
          }}
          onKeep={() => void keep()}
        />
        <div className="lens-grid">
          <div className="guide-body">
            {refused && (
              <p className="guide-refused" role="alert">
                {refused.message}
              </p>
            )}
            <div className="field">
              <label htmlFor={nameId}>What you call it</label>
              <Input
                id={nameId}
                maxLength={120}
                placeholder="My long zoom"
                value={draft.name ?? ''}
                onChange={(e) => set({ name: e.target.value })}
              />
            </div>
            <Radio.Group
              value={isZoom ? 'zoom' : 'prime'}
              options={[
                { value: 'prime', label: 'One focal length' },
                { value: 'zoom', label: 'Zoom' },
              ]}
              onChange={(e) =>
                e.target.value === 'zoom'
                  ? setZoom([
                      { focal_mm: 100, max_aperture: draft.max_aperture ?? 4.5 },
                      {
                        focal_mm: Math.max(200, draft.focal_mm ?? 400),
                        max_aperture: draft.max_aperture ?? 5.6,
                      },
                    ])
                  : set({ zoom: [] })
              }
            />
            {isZoom ? (
              <div className="zoom-steps">
                {zoom.map((step, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: only told by its place
                  <div key={`step ${i + 1}`} className="fields zoom-step">
                    <NumberField
                      label={i === 0 ? 'Shortest' : i === zoom.length - 1 ? 'Longest' : 'In between'}
                      quantity="mm"
                      value={step.focal_mm}
                      onChange={(v) => setZoom(zoom.map((z, at) => (at === i ? { ...z, focal_mm: v } : z)))}
                    />
                    <NumberField
                      label="Widest there"
                      quantity="fnumber"
                      value={step.max_aperture}
                      onChange={(v) =>
                        setZoom(zoom.map((z, at) => (at === i ? { ...z, max_aperture: v } : z)))
                      }
                    />
                    <Button
                      size="small"
                      type="text"
                      aria-label={`Remove step ${i + 1}`}
                      disabled={zoom.length <= 2}
                      onClick={() => setZoom(zoom.filter((_, at) => at !== i))}
                    >
                      ✕
                    </Button>
                  </div>
                ))}
                <Button
                  size="small"
                  disabled={zoom.length >= 8}
                  onClick={() => {
                    const [a, b] = [zoom.at(-2), zoom.at(-1)];
                    if (!a || !b) return;
                    const middle = {
                      focal_mm: Math.round(Math.sqrt(a.focal_mm * b.focal_mm)),
                      max_aperture: Number(Math.sqrt(a.max_aperture * b.max_aperture).toFixed(1)),
                    };
                    setZoom([...zoom.slice(0, -1), middle, b]);
                  }}
                >
                  Add a focal length in between
                </Button>
              </div>
            ) : (
              <div className="fields">
                {number('focal_mm', 'Focal length', 'mm')}
                {number('max_aperture', 'Widest', 'fnumber')}
              </div>
            )}
            <div className="fields">
              {number('min_aperture', 'Smallest', 'fnumber')}
              {number('nearest_m', 'Nearest focus', 'length')}
              {number('stabiliser_stops', 'Stabiliser', 'stops', '0 for none')}
              {number('best_stops_down', 'Crispest, from wide open', 'stops')}
            </div>
            <SweepWatch sweep={draft.sweep_s ?? 0.5} onSweep={(sweep_s) => set({ sweep_s })} />
            <h2>Switches and extenders</h2>
            <div className="field">
              <span className="label">Positions of its range switch, apart from the full one</span>
              <div className="range-list">
                {(draft.ranges ?? []).map((range, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: only told by its place
                  <div key={`range ${i + 1}`} className="fields zoom-step">
                    <NumberField
                      label="From"
                      quantity="length"
                      value={range.near_m}
                      onChange={(v) =>
                        set({
                          ranges: draft.ranges?.map((r, at) => (at === i ? { ...r, near_m: v } : r)) ?? [],
                        })
                      }
                    />
                    {range.far_m === null || range.far_m === undefined ? (
                      <div className="field">
                        <span className="label">To</span>
                        <Button
                          onClick={() =>
                            set({
                              ranges:
                                draft.ranges?.map((r, at) =>
                                  at === i ? { ...r, far_m: r.near_m * 4 } : r,
                                ) ?? [],
                            })
                          }
                        >
                          infinity
                        </Button>
                      </div>
                    ) : (
                      <NumberField
                        label="To"
                        quantity="length"
                        value={range.far_m}
                        onChange={(v) =>
                          set({
                            ranges: draft.ranges?.map((r, at) => (at === i ? { ...r, far_m: v } : r)) ?? [],
                          })
                        }
                      />
                    )}
                    <Button
                      size="small"
                      type="text"
                      aria-label={`Remove range ${i + 1}`}
                      onClick={() => set({ ranges: draft.ranges?.filter((_, at) => at !== i) ?? [] })}
                    >
                      ✕
                    </Button>
                  </div>
                ))}
                <Button
                  size="small"
                  disabled={(draft.ranges?.length ?? 0) >= 6}
                  onClick={() =>
                    set({
                      ranges: [...(draft.ranges ?? []), { near_m: 3 * (draft.nearest_m ?? 3), far_m: null }],
                    })
                  }
                >
                  Add a position
                </Button>
              </div>
            </div>
            <div className="field">
              <label htmlFor="extenders">Extenders it takes</label>
              <Select
                id="extenders"
                mode="multiple"
                placeholder="None"
                options={[1.2, 1.4, 1.7, 2].map((v) => ({ value: v, label: `${v}×` }))}
                value={draft.extenders ?? []}
                onChange={(v) => set({ extenders: [...v].sort((a, b) => a - b) })}
              />
            </div>
            <Checkbox
              checked={draft.manual_switch ?? true}
              onChange={(e) => set({ manual_switch: e.target.checked })}
            >
              A switch on it turns autofocus off
            </Checkbox>
          </div>
          <aside className="guide-side" aria-label="What it reaches">
            <ReachBar lens={draft} />
            <div className="field">
              <label htmlFor="through">Seen through</label>
              <Select
                id="through"
                value={through?.id ?? null}
                options={(bodies.data ?? []).map((b) => ({ value: b.id, label: b.name }))}
                onChange={setThrough}
              />
            </div>
            <NumberField
              label="At"
              quantity="length"
              value={distance}
              onChange={(v) => v >= 1 && setDistance(v)}
            />
            <table className="plain-table">
              <thead>
                <tr>
                  <th>Lens</th>
                  <th className="num">Angle</th>
                  <th className="num">Field</th>
                  <th className="num">px/cm</th>
                  <th className="num">Focuses to</th>
                </tr>
              </thead>
              <tbody>
                {(check.data?.reach ?? []).map((r) => (
                  <tr key={`${r.focal_mm} ${r.extender}`}>
                    <td>
                      {Math.round(r.focal_mm)} f/{round(r.widest)}
                      {r.extender > 1 && <small className="quiet"> {r.extender}×</small>}
                    </td>
                    <td className="num">{r.angle_deg.toFixed(1)}°</td>
                    <td className="num">{say(r.field_m, 'length', units)}</td>
                    <td className="num">{Math.round(r.px_per_cm)}</td>
                    <td className="num">EV {r.lit_ev.toFixed(1)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="quiet">
              Field: how much lies across the frame at that distance. An extender takes its square in light
              and makes the drive that much slower against the subject.
            </p>
          </aside>
        </div>
      </main>
    </>
  );
}
