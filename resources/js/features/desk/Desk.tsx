import './desk.css';
import { useCallback, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Hold, Plan, Rush } from '../../api/client';
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
import { countPins } from './pins';
import { pinsOf } from './Ranked';
import { RushPanel } from './RushPanel';
import { Transport } from './Transport';
import { useAnswers } from './useAnswers';
import { useBroughtPins, useChanges } from './useChanges';
import { type Draft, useDesk } from './useDesk';
import { useDeskKeys } from './useDeskKeys';
import { useKeeping } from './useKeeping';
import { usePlayback } from './usePlayback';
import { planeOf } from './way';

/** What is open over the desk. */
function useOver() {
  const [help, setHelp] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const [opened, setOpened] = useState(false);
  const [compared, setCompared] = useState<Hold | null>(null);
  return {
    help,
    choosing,
    opened,
    compared,
    compare: setCompared,
    open: setOpened,
    chooseLens: useCallback(() => setChoosing(true), []),
    openHelp: useCallback(() => setHelp(true), []),
    closeHelp: () => setHelp(false),
    close: () => {
      setCompared(null);
      setOpened(false);
      setChoosing(false);
    },
  };
}

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
  const over = useOver();
  const [chosen, setChosen] = useState('exposure.shutter_s');
  // The body in hand, as its owner describes it now and left it last.
  const described = useKitItem('bodies', draft?.document.kit.body_id ?? undefined).data;
  const answers = useAnswers(draft, (described?.standing ?? null) as Hold | null);
  const { shown, refused } = answers;
  const playback = usePlayback(shown?.lane.seconds ?? draft?.document.path.seconds ?? 1);

  const { changeRush, setRush, pin, adopt, unpinAll } = useChanges(desk);
  useBroughtPins(desk);
  const named = useSteady((item: Item<'bodies'>) => {
    const words = item.document.words;
    changeRush(
      'kit',
      { body: { ...(draft as Draft).document.kit.body, words }, body_id: item.id },
      'kit.body.words',
    );
  });
  const [singleKeys, setSingleKeys] = useStored<'on' | 'off'>('rush-hold.single-keys', 'on', ['on', 'off']);
  useTitle(draft?.document.name || t('desk.rush'));
  useDeskKeys({
    single: singleKeys === 'on',
    desk,
    playback,
    shown,
    framesPerS: draft?.document.kit.body.frames_per_s ?? 1,
    chosen,
    compared: over.compared,
    keep: keeping.keep,
    onHelp: over.openHelp,
    onPreview: () => over.open(shown?.trace !== undefined),
    onPin: pin,
    onChoose: setChosen,
    onCompare: over.compare,
  });

  const failed = saved.error ?? fresh.error;
  if (failed)
    return <Failed message={failed.message === 'Not Found' ? t('desk.this-rush-is-not') : failed.message} />;
  if (id === undefined && fresh.data?.says_who === false) {
    const choose = (subject: string) =>
      setParams({ ...Object.fromEntries(params), subject }, { replace: true });
    return <Asked line={params.get('line') ?? ''} likely={fresh.data.likely} onChoose={choose} />;
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
        onHelp={over.openHelp}
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
          onChooseLens={over.chooseLens}
        />
        <Middle rush={draft.document} answers={answers} playback={playback} onOpen={() => over.open(true)} />
        <HoldPanel
          plan={shown}
          stale={answers.stale}
          playing={answers.playing}
          pinned={countPins(draft.pins)}
          chosen={chosen}
          onChoose={setChosen}
          onPin={pin}
          onAdopt={adopt}
          onCompare={over.compare}
          body={described}
          onWord={named}
          onUnpinAll={unpinAll}
        />
      </main>
      <Jump plan={shown} />
      <Dialogs
        rush={draft.document}
        plan={shown}
        playback={playback}
        over={over}
        onAdopt={(hold) => desk.change({ pins: pinsOf(hold) })}
        onLens={(kit) => changeRush('kit', kit, 'kit.lens chosen')}
      />
      <Help
        open={over.help}
        single={singleKeys === 'on'}
        onSingle={(on) => setSingleKeys(on ? 'on' : 'off')}
        onClose={over.closeHelp}
      />
    </div>
  );
}

type MiddleProps = {
  rush: Rush;
  answers: ReturnType<typeof useAnswers>;
  playback: ReturnType<typeof usePlayback>;
  onOpen: () => void;
};

/** The pictures of the rush: what the finder shows, the pass in time, and what there is to notice. */
function Middle({ rush, answers, playback, onOpen }: MiddleProps) {
  const { shown, refused, again } = answers;
  const { group } = rush;
  const others = useMemo(() => group.map(planeOf), [group]);
  return (
    <section className="desk-middle" aria-label={t('desk.pictures-of-the-rush')}>
      {shown ? (
        <>
          <FinderFrame rush={rush} plan={shown} time={playback.time} />
          <Transport
            playback={playback}
            seconds={shown.lane.seconds}
            onAnotherRun={answers.anotherRun}
            onOpen={shown.trace ? onOpen : null}
          />
          <DepthLane
            plan={shown}
            time={playback.time}
            onTime={playback.seek}
            others={others}
            pitchUm={pitchOf(rush.kit.body)}
          />
          <Notices plan={shown} refused={refused} onAgain={again} />
        </>
      ) : (
        <div className="desk-blank quiet" role="status">
          <Unanswered refused={refused} onAgain={again} />
          {!refused && t('desk.working-it-out')}
        </div>
      )}
    </section>
  );
}

type DialogsProps = {
  rush: Rush;
  plan: Plan | undefined;
  playback: ReturnType<typeof usePlayback>;
  over: ReturnType<typeof useOver>;
  onAdopt: (hold: Hold) => void;
  onLens: (kit: Record<string, unknown>) => void;
};

/** What opens over the desk, one at a time: two holds side by side, a frame as it comes out, the lenses. */
function Dialogs({ rush, plan, playback, over, onAdopt, onLens }: DialogsProps) {
  const { compared, opened, choosing, close: onClose } = over;
  return (
    <>
      {plan && (
        <Comparison
          rush={rush}
          plan={plan}
          other={compared}
          onClose={onClose}
          onAdopt={(hold) => {
            onClose();
            onAdopt(hold);
          }}
        />
      )}
      {opened && plan?.trace && (
        <AsItComesOut
          rush={rush}
          sides={[{ name: '', hold: plan.best.hold, trace: plan.trace }]}
          time={playback.time}
          onTime={playback.seek}
          onClose={onClose}
        />
      )}
      <LensChooser
        rush={choosing ? rush : null}
        onClose={onClose}
        onUse={(lens, extender, lens_id) => {
          onClose();
          onLens({ lens, extender, lens_id });
        }}
      />
    </>
  );
}
