import './desk.css';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Hold, Rush } from '../../api/client';
import { useRush } from '../../api/hooks';
import { type Item, useFreshRush, useKitItem } from '../../api/kit';
import { t } from '../../lang/desk';
import { Failed, Waiting } from '../../ui/bar/Messages';
import { Hints } from '../../ui/Hints';
import { Restored } from '../../ui/Restored';
import { useSteady } from '../../ui/useSteady';
import { useStored } from '../../ui/useStored';
import { useTitle } from '../../ui/useTitle';
import { AsItComesOut } from './AsItComesOut';
import { Asked } from './Asked';
import { Comparison } from './Comparison';
import { DepthLane } from './DepthLane';
import { DeskBar } from './DeskBar';
import { FinderFrame } from './FinderFrame';
import { Help } from './Help';
import { HoldPanel } from './HoldPanel';
import { Jump } from './Jump';
import { LensChooser } from './LensChooser';
import { pitchOf } from './lane';
import { Notices, Unanswered } from './Notices';
import { countPins, withPin, withPins } from './pins';
import { pinsOf } from './Ranked';
import { RushPanel } from './RushPanel';
import { Transport } from './Transport';
import { useAnswers } from './useAnswers';
import { type Draft, useDesk } from './useDesk';
import { useDeskKeys } from './useDeskKeys';
import { useKeeping } from './useKeeping';
import { usePlayback } from './usePlayback';
import { planeOf } from './way';

/** Where most of the time is spent: describe the rush, see what it needs. */
export default function Desk() {
  const { id } = useParams();
  const [params, setParams] = useSearchParams();
  const saved = useRush(id);
  const fresh = useFreshRush(
    { subject: params.get('subject'), line: params.get('line'), without: params.get('without') },
    id === undefined,
  );
  const desk = useDesk(id, saved.data, fresh.data);
  const { draft } = desk;
  const keeping = useKeeping(id, saved.data, desk);
  const [help, setHelp] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const [opened, setOpened] = useState(false);
  const [compared, setCompared] = useState<Hold | null>(null);
  const [chosen, setChosen] = useState('exposure.shutter_s');
  // The body in hand, as its owner describes it now and left it last.
  const described = useKitItem('bodies', draft?.document.kit.body_id ?? undefined).data;
  const answers = useAnswers(draft, (described?.standing ?? null) as Hold | null);
  const { shown, refused } = answers;
  const playback = usePlayback(shown?.lane.seconds ?? draft?.document.path.seconds ?? 1);

  const changeRush = useCallback(
    (part: keyof Rush, fields: Record<string, unknown>, merge?: string) =>
      desk.change(
        ({ document }) => ({
          document: { ...document, [part]: { ...(document[part] as object), ...fields } } as Rush,
        }),
        merge ?? `${part}.${Object.keys(fields).join()}`,
      ),
    [desk.change],
  );
  const setRush = useCallback(
    (document: Rush, merge: string) => desk.change({ document }, merge),
    [desk.change],
  );
  const pin = useCallback(
    (setting: string, value: unknown) => desk.change(({ pins }) => ({ pins: withPin(pins, setting, value) })),
    [desk.change],
  );
  const adopt = useCallback((hold: Hold) => desk.change({ pins: hold }), [desk.change]);
  // A fix brought along is pinned once, as a change that can be undone.
  const location = useLocation();
  const navigate = useNavigate();
  const brought = (location.state as { pins?: Hold } | null)?.pins;
  const taken = useRef(false);
  const ready = draft !== null && draft !== undefined;
  useEffect(() => {
    if (!brought || !ready || taken.current) return;
    taken.current = true;
    desk.change(({ pins }) => ({ pins: withPins(pins, brought) }));
    navigate({ pathname: location.pathname, search: location.search }, { replace: true, state: null });
  }, [brought, ready, desk.change, navigate, location.pathname, location.search]);
  const unpinAll = useCallback(() => desk.change({ pins: {} as Hold }), [desk.change]);
  const named = useSteady((item: Item<'bodies'>) => {
    const words = item.document.words;
    changeRush(
      'kit',
      { body: { ...(draft as Draft).document.kit.body, words }, body_id: item.id },
      'kit.body.words',
    );
  });
  const chooseLens = useCallback(() => setChoosing(true), []);
  const group = draft?.document.group;
  const others = useMemo(() => (group ?? []).map(planeOf), [group]);
  const openHelp = useCallback(() => setHelp(true), []);
  const [singleKeys, setSingleKeys] = useStored<'on' | 'off'>('rush-hold.single-keys', 'on', ['on', 'off']);
  useTitle(draft?.document.name || t('desk.rush'));
  useDeskKeys({
    single: singleKeys === 'on',
    desk,
    playback,
    shown,
    framesPerS: draft?.document.kit.body.frames_per_s ?? 1,
    chosen,
    compared,
    keep: keeping.keep,
    onHelp: openHelp,
    onPreview: () => setOpened(shown?.trace !== undefined),
    onPin: pin,
    onChoose: setChosen,
    onCompare: setCompared,
  });

  if (saved.isError) {
    return (
      <Failed
        message={saved.error.message === 'Not Found' ? t('desk.this-rush-is-not') : saved.error.message}
      />
    );
  }
  if (fresh.isError) return <Failed message={fresh.error.message} />;
  if (id === undefined && fresh.data?.says_who === false) {
    return (
      <Asked
        line={params.get('line') ?? ''}
        likely={fresh.data.likely}
        onChoose={(subject) => setParams({ ...Object.fromEntries(params), subject }, { replace: true })}
      />
    );
  }
  if (!draft || (id !== undefined && saved.isPending)) return <Waiting what={t('desk.opening')} />;

  return (
    <div className="desk">
      <DeskBar
        id={id}
        draft={draft}
        desk={desk}
        busy={keeping.busy}
        plan={shown}
        onKeep={keeping.keep}
        onHelp={() => setHelp(true)}
      />
      <Hints of="desk" />
      <Restored shown={desk.restored} onDrop={desk.revert} />
      <main className="desk-grid">
        <h1 className="sr-only">{draft.document.name || t('desk.rush')}</h1>
        <RushPanel
          id={id}
          rush={draft.document}
          plan={shown}
          refused={refused}
          newer={saved.data?.newer ?? []}
          onChange={changeRush}
          onRush={setRush}
          onSettle={desk.settle}
          onChooseLens={chooseLens}
        />
        <section className="desk-middle" aria-label={t('desk.pictures-of-the-rush')}>
          {shown ? (
            <>
              <FinderFrame rush={draft.document} plan={shown} time={playback.time} />
              <Transport
                playback={playback}
                seconds={shown.lane.seconds}
                onAnotherRun={answers.anotherRun}
                onOpen={shown.trace ? () => setOpened(true) : null}
              />
              <DepthLane
                plan={shown}
                time={playback.time}
                onTime={playback.seek}
                others={others}
                pitchUm={pitchOf(draft.document.kit.body)}
              />
            </>
          ) : (
            <div className="desk-blank quiet" role="status">
              <Unanswered refused={refused} onAgain={answers.again} />
              {!refused && t('desk.working-it-out')}
            </div>
          )}
          {shown && <Notices plan={shown} refused={refused} onAgain={answers.again} />}
        </section>
        <HoldPanel
          plan={shown}
          stale={answers.stale}
          playing={answers.playing}
          pinned={countPins(draft.pins)}
          chosen={chosen}
          onChoose={setChosen}
          onPin={pin}
          onAdopt={adopt}
          onCompare={setCompared}
          body={described}
          onWord={named}
          onUnpinAll={unpinAll}
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
      {opened && shown?.trace && (
        <AsItComesOut
          rush={draft.document}
          sides={[{ name: '', hold: shown.best.hold, trace: shown.trace }]}
          time={playback.time}
          onTime={playback.seek}
          onClose={() => setOpened(false)}
        />
      )}
      <LensChooser
        rush={choosing ? draft.document : null}
        onClose={() => setChoosing(false)}
        onUse={(lens, extender, lens_id) => {
          setChoosing(false);
          changeRush('kit', { lens, extender, lens_id }, 'kit.lens chosen');
        }}
      />
      <Help
        open={help}
        single={singleKeys === 'on'}
        onSingle={(on) => setSingleKeys(on ? 'on' : 'off')}
        onClose={() => setHelp(false)}
      />
    </div>
  );
}
