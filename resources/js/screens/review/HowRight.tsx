import '../rushes/rushes.css';
import './review.css';
import './how-right.css';
import { App, Button, Switch } from 'antd';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { logActions, useLogAction } from '../../api/log';
import { type Estimate, type Learned, useLearned, useSettleLearned } from '../../api/review';
import { useSize } from '../../parts/useSize';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { signed } from '../bench/values';
import { ReviewTabs } from './ReviewTabs';

type Taught = NonNullable<Learned['learned']>;
type Burst = Taught['right']['bursts'][number];

const SKILLS = ['aim', 'panning', 'hand_focus'] as const;

/** Worst misses shown. */
const WORST = 5;

const at = (share: number) => `${100 * share}%`;
const percent = (share: number) => `${Math.round(100 * share)} %`;
const day = (iso: string) =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** What the log has taught the model, and how right predictions were. */
export default function HowRight() {
  useTitle('How right it has been');
  const navigate = useNavigate();
  const learned = useLearned();
  const settle = useSettleLearned();
  const { message, modal } = App.useApp();
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const data = learned.data;
  const taught = data?.learned;
  const some = taught && taught.bursts > 0;

  return (
    <>
      <TopBar />
      <main className="rushes review">
        <div className="rushes-head">
          <h1>How right</h1>
          <ReviewTabs />
        </div>
        {learned.isError && <Failed message={learned.error.message} />}
        {!data && !learned.isError && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {data && (
          <div className="learned-head">
            <label className="learned-uses" htmlFor="uses-learned">
              <Switch
                id="uses-learned"
                checked={data.uses}
                loading={settle.isPending}
                onChange={(uses) => settle.mutate({ uses }, fail)}
              />
              Plans use my log
            </label>
            {taught && (
              <LogShare share={taught.log_share} frames={taught.frames_worth} bursts={taught.bursts} />
            )}
            <span className="learned-reset">
              {data.since && <span className="quiet">from {day(data.since)} on</span>}
              {data.since ? (
                <Button size="small" onClick={() => settle.mutate({ from: 'all' }, fail)}>
                  Take all of the log
                </Button>
              ) : (
                some && (
                  <Button
                    size="small"
                    onClick={() =>
                      modal.confirm({
                        title: 'Forget what was learned?',
                        content:
                          'The log stays. Plans begin again with the model alone, and learn from what you log from now on. You can take all of the log in again.',
                        okText: 'Forget it',
                        onOk: () => settle.mutateAsync({ from: 'now' }),
                      })
                    }
                  >
                    Begin anew
                  </Button>
                )
              )}
            </span>
          </div>
        )}
        {data && !some && (
          <div className="rushes-empty">
            <h2>Nothing learned yet</h2>
            <p className="quiet">
              Every burst of a rush of yours, logged with how many were kept, shows how good you are at it and
              what your kit makes of it. After a few dozen frames predictions lean on that.
            </p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              To your outings
            </Button>
          </div>
        )}
        {taught && some && (
          <>
            <section aria-label="What was learned">
              <h2>What it takes you for</h2>
              <ul className="shares learned-skills">
                {SKILLS.map((skill) => (
                  <Skill
                    key={skill}
                    name={label('skill', skill)}
                    said={taught.said[skill]}
                    now={taught.skills[skill]}
                  />
                ))}
              </ul>
              <ul className="learned-kits">
                {Object.entries(taught.kit).map(([kit, { at_half }]) => (
                  <li key={kit}>
                    <span>{kit}</span>
                    <b>{signed(Math.round(100 * at_half.mean))} points</b>
                    <span className="quiet">
                      where the model keeps every other frame ({signed(Math.round(100 * at_half.low))} to{' '}
                      {signed(Math.round(100 * at_half.high))})
                    </span>
                  </li>
                ))}
              </ul>
            </section>
            <Right taught={taught} />
          </>
        )}
      </main>
    </>
  );
}

/** How much is log and how much is model. */
function LogShare({ share, frames, bursts }: { share: number; frames: number; bursts: number }) {
  return (
    <span
      className="log-share"
      title="Frames of one burst are alike, so they count for fewer; the model’s first guess counts as 20"
    >
      <span className="log-share-bar" aria-hidden="true">
        <i style={{ width: at(share) }} />
      </span>
      <span>
        <b>{percent(share)}</b> log, {percent(1 - share)} model{' '}
        <span className="quiet">
          {bursts} bursts, worth {Math.round(frames)} frames
        </span>
      </span>
    </span>
  );
}

function Skill({ name, said, now }: { name: string; said: number; now: Estimate }) {
  return (
    <li>
      <span className="shares-name">{name}</span>
      <span className="shares-scale" aria-hidden="true">
        <i className="shares-range" style={{ left: at(now.low), width: at(now.high - now.low) }} />
        <i className="learned-said" style={{ left: at(said) }} />
        <i className="shares-dot" style={{ left: at(now.mean) }} />
      </span>
      <span className="shares-says">
        <b>{percent(now.mean)}</b> <span className="quiet">said {percent(said)}</span>
      </span>
      <span className="shares-bursts quiet">
        {Math.round(100 * now.low)} to {Math.round(100 * now.high)}
      </span>
    </li>
  );
}

function Right({ taught }: { taught: Taught }) {
  const { bursts, brier } = taught.right;
  const wrong = new Set(taught.outliers);
  const believed = bursts.filter((b) => !wrong.has(b.burst));
  const off = (b: Burst) => Math.abs(b.keepers / b.frames - b.learned);
  const worst = [...believed].sort((a, b) => off(b) - off(a)).slice(0, WORST);
  if (!brier) return null;
  return (
    <>
      <section aria-label="How right it has been">
        <h2>Predicted and logged</h2>
        <div className="right-grid">
          <Scatter bursts={bursts} wrong={wrong} />
          <div>
            <p className="right-brier">
              Brier score <b>{brier.learned.toFixed(3)}</b> with your log, <b>{brier.model.toFixed(3)}</b> by
              the model alone
            </p>
            <p className="quiet">
              The mean square of what was missed for a frame, over {brier.frames} frames: 0 is perfect, 0.25
              is saying one half every time. Each burst is held against what was known the days before.
            </p>
            <Kinds bursts={believed} />
          </div>
        </div>
      </section>
      <section aria-label="Worst misses">
        <h2>Worst misses</h2>
        <ul className="right-worst">
          {worst.map((b) => (
            <Miss key={b.burst} burst={b} />
          ))}
        </ul>
      </section>
      {wrong.size > 0 && (
        <section aria-label="Looks logged wrongly">
          <h2>Looks logged wrongly</h2>
          <p className="quiet">Too far from anything that could be meant. These are not learned from.</p>
          <ul className="right-worst">
            {bursts
              .filter((b) => wrong.has(b.burst))
              .map((b) => (
                <Miss key={b.burst} burst={b} doubtful />
              ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** By kind of rush: what was predicted and what was kept, over all its bursts. */
function Kinds({ bursts }: { bursts: Burst[] }) {
  const kinds = new Map<string, Burst[]>();
  for (const b of bursts) kinds.set(b.rush, [...(kinds.get(b.rush) ?? []), b]);
  const mean = (of: Burst[], what: (b: Burst) => number) => {
    const frames = of.reduce((sum, b) => sum + b.frames, 0);
    return of.reduce((sum, b) => sum + what(b) * b.frames, 0) / frames;
  };
  return (
    <table className="right-kinds">
      <thead>
        <tr>
          <th scope="col">Rush</th>
          <th scope="col">Kept</th>
          <th scope="col">Predicted</th>
          <th scope="col">Model</th>
        </tr>
      </thead>
      <tbody>
        {[...kinds].map(([rush, of]) => (
          <tr key={rush}>
            <th scope="row">{rush}</th>
            <td>{percent(mean(of, (b) => b.keepers / b.frames))}</td>
            <td>{percent(mean(of, (b) => b.learned))}</td>
            <td className="quiet">{percent(mean(of, (b) => b.model))}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Miss({ burst, doubtful = false }: { burst: Burst; doubtful?: boolean }) {
  const remove = useLogAction(logActions.doubt);
  return (
    <li>
      <span className="quiet">{day(burst.at)}</span>
      <span>{burst.rush_id ? <Link to={`/rushes/${burst.rush_id}`}>{burst.rush}</Link> : burst.rush}</span>
      <span>
        <b>{burst.keepers}</b> of {burst.frames} kept
      </span>
      <span className="quiet">
        {Math.round(burst.learned * burst.frames)} predicted ({Math.round(burst.low * burst.frames)} to{' '}
        {Math.round(burst.high * burst.frames)})
      </span>
      {doubtful ? (
        <Button size="small" type="text" onClick={() => remove.mutate({ id: burst.burst, doubted: true })}>
          Leave it out for good
        </Button>
      ) : (
        <Link to={`/review/bursts/${burst.burst}/why${burst.rush_id ? `?of=${burst.rush_id}` : ''}`}>
          Why?
        </Link>
      )}
    </li>
  );
}

const SIDE = 300;
const EDGE = 30;

/** Each burst: what was predicted across, what was kept up; on the line it was right. */
function Scatter({ bursts, wrong }: { bursts: Burst[]; wrong: Set<string> }) {
  const ref = useRef<HTMLDivElement>(null);
  const [wide] = useSize(ref, [SIDE, SIDE]);
  const [over, setOver] = useState<Burst | null>(null);
  const side = Math.min(SIDE, wide);
  const place = (share: number) => EDGE + (side - EDGE - 8) * share;
  const up = (share: number) => side - EDGE - (side - EDGE - 8) * share;
  return (
    <div ref={ref} className="right-scatter">
      <svg
        width={side}
        height={side}
        role="img"
        aria-label={`${bursts.length} bursts: predicted share across, kept share up`}
      >
        <path d={`M${place(0)},${up(0)}L${place(1)},${up(1)}`} stroke="var(--line)" strokeDasharray="3 4" />
        <path d={`M${place(0)},${up(1)}V${up(0)}H${place(1)}`} stroke="var(--line)" fill="none" />
        {[0, 0.5, 1].map((tick) => (
          <g key={tick} fontSize="11.5" fill="var(--quiet)">
            <text x={place(tick)} y={side - 12} textAnchor="middle">
              {100 * tick}
            </text>
            <text x={EDGE - 6} y={up(tick) + 4} textAnchor="end">
              {100 * tick}
            </text>
          </g>
        ))}
        {bursts.map((b) => (
          <g key={b.burst} onPointerEnter={() => setOver(b)} onPointerLeave={() => setOver(null)}>
            <path
              d={`M${place(b.low)},${up(b.keepers / b.frames)}H${place(b.high)}`}
              stroke="var(--subject)"
              strokeWidth="2"
              opacity="0.45"
            />
            <circle
              cx={place(b.learned)}
              cy={up(b.keepers / b.frames)}
              r={2.5 + Math.sqrt(b.frames) / 2}
              fill={wrong.has(b.burst) ? 'none' : 'var(--text)'}
              stroke={wrong.has(b.burst) ? 'var(--warn)' : 'var(--ground)'}
              strokeWidth="1.5"
            />
          </g>
        ))}
      </svg>
      <p className="quiet right-axis">
        {over
          ? `${over.rush}: ${percent(over.learned)} predicted, ${percent(over.keepers / over.frames)} kept`
          : 'Across: predicted. Up: kept. Hollow: looks logged wrongly.'}
      </p>
    </div>
  );
}
