import './hold.css';
import { Button, Segmented } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { Hold, Plan, PlanLine } from '../../api/client';
import { useProgress } from '../../api/hooks';
import type { Item } from '../../api/kit';
import { ProgressLine } from '../../parts/ProgressLine';
import { AskWord } from './AskWord';
import { Changes } from './Changes';
import { Losses, RankingList, Schools } from './Ranked';

const groups = [
  { title: 'Focus', has: (setting: string) => setting === 'aim' || setting.startsWith('focus.') },
  { title: 'Exposure', has: (setting: string) => setting.startsWith('exposure.') },
  { title: 'Camera', has: (setting: string) => !/^(aim$|focus\.|exposure\.)/.test(setting) },
];

/** How much of what is allowed is used; past the mark it does not fit. */
function MarginBar({ margin }: { margin: PlanLine['margin'] }) {
  if (!margin) return <span className="margin-bar none" />;
  const share = Math.min(1.25, margin.share);
  return (
    <span
      className={margin.share > 1.02 ? 'margin-bar over' : 'margin-bar'}
      role="img"
      aria-label={`${Math.round(Math.min(9.99, margin.share) * 100)} % used`}
    >
      <span style={{ width: `${share * 80}%` }} />
    </span>
  );
}

/** How many frames of a pass are likely to be kept. */
function Keepers({ best, playing }: { best: Plan['best']; playing: boolean }) {
  if (best.keeper_rate === undefined || !best.keepers) {
    return <span className="keepers quiet">{playing ? 'playing it through…' : ''}</span>;
  }
  return (
    <span
      className="keepers"
      title="What chance, good days and bad, and a skill that is only roughly known leave; a model, not a promise"
    >
      <b>
        {Math.round(best.keepers.low)}
        {Math.round(best.keepers.low) !== Math.round(best.keepers.high) &&
          `–${Math.round(best.keepers.high)}`}
      </b>{' '}
      of {best.frames} kept <span className="quiet">by the model{playing ? ' …' : ''}</span>
    </span>
  );
}

/** How far playing all the set-ups has come; apart from the panel, which need not be drawn for it. */
function Progress({ playing }: { playing: boolean }) {
  return <ProgressLine what="Playing the set-ups" working={playing} done={useProgress()} />;
}

/** What the next best choices of a setting would cost. */
function Cost({ plan, setting }: { plan: Plan; setting: string }) {
  const tried = plan.why?.filter((w) => w.setting === setting) ?? [];
  return tried.length === 0 ? null : <p className="hold-cost">{tried.map((w) => w.says).join('; ')}.</p>;
}

const small = (n: number) => (n >= 100 ? Math.round(n) : Number(n.toPrecision(2)));

type Props = {
  plan: Plan | undefined;
  stale: boolean;
  playing: boolean;
  pinned: number;
  chosen: string;
  onChoose: (setting: string) => void;
  onPin: (setting: string, value: unknown) => void;
  onAdopt: (hold: Hold) => void;
  onCompare: (hold: Hold) => void;
  onUnpinAll: () => void;
  body: Item<'bodies'> | undefined;
  onWord: (body: Item<'bodies'>) => void;
};

/** The hold: a line for each setting, and the reasons for the one that is looked at. */
export function HoldPanel({
  plan,
  stale,
  playing,
  pinned,
  chosen,
  onChoose,
  onPin,
  onAdopt,
  onCompare,
  onUnpinAll,
  body,
  onWord,
}: Props) {
  const [view, setView] = useState<'why' | 'changes' | 'ranking' | 'schools' | 'lost'>('why');
  const detail = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new line starts at its top
  useEffect(() => {
    detail.current?.scrollTo(0, 0);
  }, [chosen]);
  if (!plan) return <aside className="hold" aria-label="Hold" />;
  const bySetting = new Map(plan.lines.map((line) => [line.setting, line]));
  const line = bySetting.get(chosen) ?? plan.lines[0];
  // While nothing has been played there is only the hold to see.
  const lines = view === 'why' || (view !== 'changes' && !plan.ranking);
  const danger = plan.changes?.some((c) => c.danger) ?? false;

  return (
    <aside className={stale ? 'hold stale' : 'hold'} aria-label="Hold" aria-busy={stale || playing}>
      <div className="hold-head">
        <h2>Hold</h2>
        <Keepers best={plan.best} playing={playing} />
        {pinned > 0 ? (
          <Button size="small" type="text" onClick={onUnpinAll}>
            Unpin {pinned === 1 ? 'the one' : `all ${pinned}`}
          </Button>
        ) : (
          <span />
        )}
      </div>
      <Progress playing={playing} />
      <Segmented
        className="hold-views"
        size="small"
        block
        aria-label="What to show"
        value={view}
        onChange={setView}
        options={[
          { value: 'why', label: 'Hold' },
          {
            value: 'changes',
            label: <span className={danger ? 'tab-danger' : ''}>Changes</span>,
          },
          { value: 'ranking', label: 'Others', disabled: !plan.ranking },
          { value: 'schools', label: 'Schools', disabled: !plan.by_school },
          { value: 'lost', label: 'Losses', disabled: !plan.best.losses },
        ]}
      />
      {lines && (
        <div className="hold-lines">
          {groups.map((group) => (
            <section key={group.title} aria-label={group.title}>
              {plan.lines
                .filter((l) => group.has(l.setting))
                .map((l) => {
                  const { setting } = l;
                  return (
                    <div
                      key={setting}
                      className={setting === line?.setting ? 'hold-line chosen' : 'hold-line'}
                    >
                      <button
                        type="button"
                        className="hold-open"
                        aria-pressed={setting === line?.setting}
                        onClick={() => onChoose(setting)}
                        data-setting={setting}
                      >
                        <span className="hold-name">{l.name}</span>
                        <span className="hold-value">
                          {l.label}
                          {l.own && <em title={l.own.where}>{l.own.label}</em>}
                        </span>
                        <MarginBar margin={l.margin} />
                      </button>
                      <button
                        type="button"
                        className={l.pinned ? 'pin on' : 'pin'}
                        aria-pressed={l.pinned}
                        aria-label={`${l.pinned ? 'Unpin' : 'Pin'} ${l.name}`}
                        title={l.pinned ? 'Unpin' : 'Pin'}
                        onClick={() => onPin(setting, l.pinned ? undefined : l.value)}
                      >
                        <svg viewBox="0 0 12 16" width="9" height="13" aria-hidden="true">
                          <path d="M6 15V9M2.5 9h7L8.4 6V2h.8V1H2.8v1h.8v4Z" />
                        </svg>
                      </button>
                    </div>
                  );
                })}
            </section>
          ))}
        </div>
      )}
      {view === 'changes' && <Changes plan={plan} body={body} playing={playing} onAdopt={onAdopt} />}
      {view === 'ranking' && plan.ranking && (
        <RankingList plan={plan} words={body?.document.words} onAdopt={onAdopt} onCompare={onCompare} />
      )}
      {view === 'schools' && plan.by_school && <Schools plan={plan} onAdopt={onAdopt} />}
      {view === 'lost' && plan.best.losses && <Losses plan={plan} />}
      {line && lines && (
        <div className="hold-detail" ref={detail} aria-live="polite">
          {(line.own ?? line.own_setting) && (
            <p className="own-word">
              {line.own_setting && <>On your camera “{line.own_setting.label}”</>}
              {line.own &&
                (line.own_setting ? <>: “{line.own.label}”</> : <>On your camera “{line.own.label}”</>)}
              {(line.own?.where || line.own_setting?.where) && (
                <span className="quiet">, {line.own?.where || line.own_setting?.where}</span>
              )}
            </p>
          )}
          <p className="hold-reason">{line.reason}</p>
          <Cost plan={plan} setting={line.setting} />
          {line.margin && (
            <p className="quiet hold-margin">
              {small(line.margin.used)} of {small(line.margin.allowed)} {line.margin.unit}: {line.margin.name}
            </p>
          )}
          {/* Only of what came out in the end, not of what the formulas show on the way there. */}
          {body && plan.ranking && line.ask && !body.document.words[line.ask] && (
            <AskWord key={line.ask} line={line} body={body} onNamed={onWord} />
          )}
          {line.alternatives.length > 0 && (
            <ul>
              {line.alternatives.map((a) => (
                <li key={String(a.value) + a.because} className={a.possible ? '' : 'out'}>
                  <button
                    type="button"
                    onClick={() => onPin(line.setting, a.value)}
                    title={`Pin ${a.label}`}
                    disabled={!a.possible}
                  >
                    {a.label}
                  </button>
                  <span className="quiet">{a.because}</span>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </aside>
  );
}
