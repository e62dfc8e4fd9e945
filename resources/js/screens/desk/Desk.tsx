import './desk.css';
import { useQueryClient } from '@tanstack/react-query';
import { App, Button, Dropdown, Input } from 'antd';
import { useCallback, useDeferredValue, useEffect, useRef, useState } from 'react';
import { useBlocker, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Hold, Refusal, Rush } from '../../api/client';
import { usePlan, useRank, useRush, useSaveRush } from '../../api/hooks';
import { useFreshRush, useKit, useKitItem } from '../../api/kit';
import { useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import { Failed, Waiting } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { Comparison } from './Comparison';
import { DepthLane } from './DepthLane';
import { FinderFrame } from './FinderFrame';
import { Help } from './Help';
import { HoldPanel } from './HoldPanel';
import { Jump } from './Jump';
import { LensChooser } from './LensChooser';
import { Notices } from './Notices';
import { countPins, withPin } from './pins';
import { pinsOf } from './Ranked';
import { RushPanel } from './RushPanel';
import { Transport } from './Transport';
import { type Draft, useDesk } from './useDesk';
import { usePlayback } from './usePlayback';
import { planeOf } from './way';

/** Where most of the time is spent: describe the rush, see what it needs. */
export default function Desk() {
  const { id } = useParams();
  const saved = useRush(id);
  const save = useSaveRush();
  const units = useUnits();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { message, modal } = App.useApp();
  const [params] = useSearchParams();
  const fresh = useFreshRush(params.get('subject'), id === undefined);
  const desk = useDesk(id, saved.data, fresh.data as Draft | undefined);
  const bodies = useKit('bodies');
  const [help, setHelp] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const [compared, setCompared] = useState<Hold | null>(null);
  const [chosen, setChosen] = useState('exposure.shutter_s');
  const leaving = useRef(false);

  const draft = desk.draft;
  const asked = useDebounced(draft, 70);
  // The body in hand: one's own of that name before a sample of that name.
  const bodyName = draft?.document.kit?.body?.name;
  const body =
    bodies.data?.find((b) => !b.sample && b.name === bodyName) ??
    bodies.data?.find((b) => b.name === bodyName);
  const described = useKitItem('bodies', body?.id).data;
  const standing = (body?.standing ?? null) as Hold | null;
  const plan = usePlan(asked?.document, (asked?.pins ?? {}) as Hold, units, standing);
  // A refused entry does not take the last answer away.
  const [answer, setAnswer] = useState(plan.data);
  if (plan.data && plan.data !== answer) setAnswer(plan.data);
  // The formulas answer at once; once the hand rests, every set-up is played and the winner takes their place.
  const [run, setRun] = useState(0);
  const settled = useDebounced(draft, 450);
  const rank = useRank(settled?.document, (settled?.pins ?? {}) as Hold, units, run, standing);
  const played = rank.data && settled === asked ? rank.data : undefined;
  const shown = useDeferredValue(played ?? answer);
  const playback = usePlayback(shown?.lane.seconds ?? draft?.document.path.seconds ?? 1);

  const changeRush = useCallback(
    (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => {
      if (!draft) return;
      const document = {
        ...draft.document,
        [part]: { ...(draft.document[part] as object), ...fields },
      } as Rush;
      desk.change({ document }, merge ?? `${part}.${Object.keys(fields).join()}`);
    },
    [draft, desk.change],
  );
  const setRush = useCallback(
    (document: Rush, merge: string) => desk.change({ document }, merge),
    [desk.change],
  );
  const pin = useCallback(
    (setting: string, value: unknown) => draft && desk.change({ pins: withPin(draft.pins, setting, value) }),
    [draft, desk.change],
  );

  const keep = useCallback(
    async (asCopy = false) => {
      if (!draft) return;
      try {
        const copy = asCopy || id === undefined;
        const stored = await save.mutateAsync({
          ...(copy ? {} : { id, version: saved.data?.version ?? 1 }),
          document: draft.document,
          pins: draft.pins,
        });
        desk.forget();
        message.success('Saved');
        if (copy) {
          leaving.current = true;
          navigate(`/rushes/${stored.id}`, { replace: id === undefined });
        }
      } catch (error) {
        const refusal = error as Refusal;
        if (refusal.status !== 409) {
          message.error(refusal.message);
          return;
        }
        modal.confirm({
          title: 'Changed in another window',
          content: refusal.message,
          okText: 'Save mine as a copy',
          cancelText: 'Open the other one',
          onOk: () => keep(true),
          onCancel: () => {
            desk.forget();
            void queries.invalidateQueries({ queryKey: ['rush', id] }).then(() => navigate(0));
          },
        });
      }
    },
    [draft, id, saved.data?.version, save.mutateAsync, desk.forget, message, modal, navigate, queries],
  );

  useEffect(() => {
    leaving.current = false;
  });
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      desk.dirty && !leaving.current && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (blocker.state !== 'blocked') return;
    const asking = modal.confirm({
      title: 'Leave without saving?',
      content: 'Your changes stay in this browser and come back when you open this rush again.',
      okText: 'Leave',
      cancelText: 'Stay',
      onOk: () => blocker.proceed(),
      onCancel: () => blocker.reset(),
    });
    return () => asking.destroy();
  }, [blocker, modal]);

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const target = event.target as HTMLElement;
      const typing = target.closest('input, textarea, [role="combobox"], [contenteditable]') !== null;
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (command && key === 's') {
        event.preventDefault();
        void keep();
      } else if (command && key === 'z' && !typing) {
        event.preventDefault();
        if (event.shiftKey) desk.redo();
        else desk.undo();
      } else if (command && key === 'y' && !typing) {
        event.preventDefault();
        desk.redo();
      } else if (typing || command || event.altKey) {
        return;
      } else if (key === '?') {
        setHelp(true);
      } else if (key === ' ' && target.closest('button, a, [role="slider"]') === null) {
        event.preventDefault();
        playback.toggle();
      } else if (key === ',' || key === '.') {
        playback.step((key === '.' ? 1 : -1) / (asked?.document.kit?.body?.frames_per_s ?? 20));
      } else if (key === 'p') {
        const line = shown?.lines.find((l) => l.setting === chosen);
        if (line) pin(line.setting, line.pinned ? undefined : line.value);
      } else if (key === 'c' || key === 'n') {
        // The winner beside the next best, then beside each after it.
        const others = (shown?.ranking ?? []).filter((e) => e.rejected_because === undefined).slice(1);
        const at = others.findIndex((e) => e.hold === compared);
        const to = key === 'c' ? (compared ? -1 : 0) : at + (event.shiftKey ? -1 : 1);
        if (key === 'c' || others[to]) setCompared(others[to]?.hold ?? null);
      } else if (key === 'j' || key === 'k') {
        const lines = shown?.lines ?? [];
        const at = lines.findIndex((l) => l.setting === chosen) + (key === 'j' ? 1 : -1);
        const next = lines[Math.max(0, Math.min(lines.length - 1, at))];
        if (next) setChosen(next.setting);
      }
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [keep, desk, playback, shown, chosen, pin, asked, compared]);

  if (saved.isError) {
    return (
      <Failed
        message={saved.error.message === 'Not Found' ? 'This rush is not there.' : saved.error.message}
      />
    );
  }
  if (fresh.isError) return <Failed message={fresh.error.message} />;
  if (!draft || (id !== undefined && saved.isPending)) return <Waiting what="Opening" />;

  const refused = plan.error && !plan.isFetching ? plan.error : null;
  const pinned = countPins(draft.pins);

  return (
    <div className="desk">
      <TopBar
        actions={
          <>
            <Button
              type="text"
              onClick={desk.undo}
              disabled={!desk.canUndo}
              aria-label="Undo"
              title="Undo (Ctrl Z)"
            >
              ↶
            </Button>
            <Button
              type="text"
              onClick={desk.redo}
              disabled={!desk.canRedo}
              aria-label="Redo"
              title="Redo (Ctrl Shift Z)"
            >
              ↷
            </Button>
            <Button type="text" onClick={() => setHelp(true)} aria-label="Help" title="Help (?)">
              ?
            </Button>
            <Button
              className="save"
              type={desk.dirty || id === undefined ? 'primary' : 'default'}
              loading={save.isPending}
              onClick={() => void keep()}
            >
              {desk.dirty || id === undefined ? 'Save' : 'Saved'}
            </Button>
            {id !== undefined && (
              <Dropdown
                trigger={['click']}
                menu={{
                  items: [
                    { key: 'copy', label: 'Save as a copy', onClick: () => void keep(true) },
                    {
                      key: 'revert',
                      label: 'Back to what is saved',
                      disabled: !desk.dirty,
                      onClick: desk.revert,
                    },
                    {
                      key: 'file',
                      label: (
                        <a href={`/api/rushes/${id}/document`} download>
                          Download what is saved
                        </a>
                      ),
                    },
                  ],
                }}
              >
                <Button type="text" aria-label="More for this rush">
                  •••
                </Button>
              </Dropdown>
            )}
          </>
        }
      >
        <Input
          className="rush-title"
          variant="borderless"
          aria-label="Name of the rush"
          maxLength={120}
          value={draft.document.name}
          onChange={(event) => setRush({ ...draft.document, name: event.target.value }, 'name')}
        />
      </TopBar>

      <main className="desk-grid">
        <h1 className="sr-only">{draft.document.name || 'Rush'}</h1>
        <RushPanel
          rush={draft.document}
          plan={shown}
          refused={refused}
          onChange={changeRush}
          onRush={setRush}
          onSettle={desk.settle}
          onChooseLens={() => setChoosing(true)}
        />
        <section className="desk-middle" aria-label="Pictures of the rush">
          {shown ? (
            <>
              <FinderFrame rush={draft.document} plan={shown} time={playback.time} />
              <Transport
                playback={playback}
                seconds={shown.lane.seconds}
                onAnotherRun={played ? () => setRun((n) => (n + 1) % 50) : null}
              />
              <DepthLane
                plan={shown}
                time={playback.time}
                onTime={playback.seek}
                others={(draft.document.group ?? []).map(planeOf)}
              />
            </>
          ) : (
            <div className="desk-blank quiet" role="status">
              {refused ? refused.message : 'Working it out…'}
            </div>
          )}
          {shown && <Notices plan={shown} refused={refused} />}
        </section>
        <HoldPanel
          plan={shown}
          stale={plan.isPlaceholderData || refused !== null}
          playing={rank.isFetching}
          pinned={pinned}
          chosen={chosen}
          onChoose={setChosen}
          onPin={pin}
          onAdopt={(hold) => desk.change({ pins: hold })}
          onCompare={setCompared}
          body={described}
          onWord={(words) =>
            changeRush('kit', { body: { ...draft.document.kit?.body, words } }, 'kit.body.words')
          }
          onUnpinAll={() => desk.change({ pins: {} as Hold })}
        />
      </main>
      <Jump plan={shown} />
      {shown && (
        <Comparison
          rush={draft.document}
          plan={shown}
          other={compared}
          onClose={() => setCompared(null)}
          onAdopt={(hold) => {
            setCompared(null);
            desk.change({ pins: pinsOf(hold) });
          }}
        />
      )}
      <LensChooser
        rush={choosing ? draft.document : null}
        onClose={() => setChoosing(false)}
        onUse={(lens, extender) => {
          setChoosing(false);
          changeRush('kit', { lens, extender }, 'kit.lens chosen');
        }}
      />
      <Help open={help} onClose={() => setHelp(false)} />
    </div>
  );
}
