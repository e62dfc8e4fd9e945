import '../rushes/rushes.css';
import './review.css';
import './compare.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Hold } from '../../api/client';
import { type HoldComparison, useHoldComparison } from '../../api/review';
import { apart, sayValue, settingsOf } from '../../parts/settings';
import { type Units, useUnits } from '../../parts/units';
import { useTitle } from '../../parts/useTitle';
import { label } from '../../parts/words';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { BurstRows } from './BurstRows';
import { ReviewTabs } from './ReviewTabs';

type Comparison = NonNullable<HoldComparison['comparison']>;
type Pair = Comparison['pairs'][number];

const at = (share: number) => `${100 * share}%`;
const points = (share: number) => Math.round(100 * Math.abs(share));

/** A set-up by what sets it apart from the others; without detection nobody looks for an eye. */
const named = (settings: [string, unknown][], hold: Hold, units: Units) => {
  const all = settings.length > 0 ? settings : settingsOf(hold);
  return all
    .filter(([setting]) => !(setting === 'focus.eye' && (hold.focus?.detect ?? 'off') === 'off'))
    .slice(0, 3)
    .map(([setting, value], i) => {
      const said =
        setting === 'focus.eye'
          ? `eye ${sayValue(setting, value, units)}`
          : setting === 'focus.detect' && value === 'off'
            ? 'no detection'
            : sayValue(setting, value, units);
      return i === 0 ? said : said.toLowerCase();
    })
    .join(', ');
};

/** A chance near certain is not said to be certain. */
const chance = (share: number) =>
  share > 0.99 ? 'more than 99%' : share < 0.01 ? 'less than 1%' : `${Math.round(100 * share)}%`;

/** Set-ups from the log, one against the other: which keeps more, how sure that is, and what it takes to tell. */
export default function Compare() {
  useTitle('Compare holds');
  const navigate = useNavigate();
  const [rush, setRush] = useState<string | null>(null);
  const found = useHoldComparison(rush);
  const units = useUnits();
  const data = found.data;
  const comparison = data?.comparison;
  const differing = comparison ? apart(comparison.holds.map((h) => h.hold)) : [];
  const names = comparison?.holds.map((h, i) => named(differing[i] ?? [], h.hold, units)) ?? [];

  return (
    <>
      <TopBar />
      <main className="rushes review">
        <div className="rushes-head">
          <h1>Compare</h1>
          <ReviewTabs />
        </div>
        {found.isError && <Failed message={found.error.message} />}
        {!data && !found.isError && (
          <p className="quiet" role="status">
            Loading…
          </p>
        )}
        {data && !comparison && (
          <div className="rushes-empty">
            <h2>Nothing to compare yet</h2>
            <p className="quiet">
              Shoot the same rush with two holds in turn and log how many you kept of each. Which is better,
              and how many frames it still takes to tell, stands here.
            </p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              To your outings
            </Button>
          </div>
        )}
        {data && comparison && (
          <>
            <div className="compare-of">
              <Select
                aria-label="Of which rush"
                value={data.rush_id}
                className="compare-rush"
                options={data.rushes.map((r) => ({
                  value: r.id,
                  label: `${r.name} (${r.holds} holds, ${r.bursts} bursts)`,
                }))}
                onChange={(chosen: string) => setRush(chosen)}
              />
              {data.rush_id && <Link to={`/rushes/${data.rush_id}`}>To its desk</Link>}
            </div>
            {comparison.pairs[0] && <Verdict pair={comparison.pairs[0]} names={names} />}
            <section aria-label="Set-ups">
              <h2>Kept with each</h2>
              <ul className="shares compare-shares">
                {comparison.holds.map((hold, i) => (
                  <li key={JSON.stringify(hold.hold)}>
                    <span
                      className="shares-name"
                      title={differing[i]?.map(([s]) => label('setting', s)).join(', ')}
                    >
                      {names[i]}
                    </span>
                    <span className="shares-scale" aria-hidden="true">
                      <i
                        className="shares-range"
                        style={{ left: at(hold.share.low), width: at(hold.share.high - hold.share.low) }}
                      />
                      <i className="shares-dot" style={{ left: at(hold.share.mean) }} />
                    </span>
                    <span className="shares-says">
                      <b>{Math.round(100 * hold.share.mean)}%</b>{' '}
                      <span className="quiet">
                        {Math.round(100 * hold.share.low)} to {Math.round(100 * hold.share.high)}
                      </span>
                    </span>
                    <span className="shares-bursts quiet">
                      {hold.keepers} of {hold.frames} in{' '}
                      {hold.bursts === 1 ? 'one burst' : `${hold.bursts} bursts`}, best with{' '}
                      {chance(hold.best)}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
            {comparison.next !== null && (
              <p className="compare-next">
                Shoot next: <b>{names[comparison.next]}</b>
                <span className="quiet">
                  {' '}
                  of the two that may be best, the one that is known less. Take turns.
                </span>
              </p>
            )}
            {comparison.pairs.length > 1 && (
              <section aria-label="Head to head">
                <h2>Head to head</h2>
                <ul className="compare-pairs">
                  {comparison.pairs.map((pair) => (
                    <li key={`${pair.a} ${pair.b}`}>
                      <span>
                        {names[pair.a]} <span className="quiet">over</span> {names[pair.b]}
                      </span>
                      <Difference pair={pair} />
                      <span className="quiet">{needed(pair)}</span>
                    </li>
                  ))}
                </ul>
              </section>
            )}
            <BurstRows holds={comparison.holds} names={names} />
            <First comparison={comparison} names={names} />
            <p className="quiet shares-key">
              Dot: the likeliest share. Line: where it lies nine times in ten.{' '}
              {comparison.alike < 0.02
                ? 'Bursts differ no more here than chance makes them.'
                : `Frames of one burst are alike to ${Math.round(100 * comparison.alike)}%, so a long one counts for less than its frames.`}{' '}
              Look after every burst if you like: of ten logs of equal holds about one would call one of them
              better.
            </p>
          </>
        )}
      </main>
    </>
  );
}

const needed = (pair: Pair) =>
  pair.decided
    ? 'decided'
    : pair.even
      ? 'as good as each other'
      : pair.frames_needed === null
        ? 'too alike to tell in any season'
        : `about ${pair.frames_needed} more frames of each to tell at even odds${
            pair.frames_to_be_sure === null ? '' : `, ${pair.frames_to_be_sure} for nine in ten`
          }`;

/** What the best pair says, in a sentence. */
function Verdict({ pair, names }: { pair: Pair; names: string[] }) {
  return (
    <section className="compare-verdict" aria-label="Verdict">
      <p className="compare-says">
        {pair.even ? (
          <>
            <b>{names[pair.a]}</b> and <b>{names[pair.b]}</b> keep about the same.
          </>
        ) : (
          <>
            <b>{names[pair.a]}</b> keeps {points(pair.difference.mean)} points more than{' '}
            <b>{names[pair.b]}</b>
            {pair.decided ? '.' : ', as it looks.'}
          </>
        )}
      </p>
      <Difference pair={pair} />
      <p>
        Better with <b>{chance(pair.a_better)}</b>{' '}
        <span className="quiet">
          ({Math.round(100 * pair.difference.low)} to {Math.round(100 * pair.difference.high)} points,{' '}
          {needed(pair)})
        </span>
      </p>
      {pair.unfair.length > 0 && (
        <ul className="compare-unfair" aria-label="What makes it unfair">
          {pair.unfair.map((u) => (
            <li key={u.what}>{u.text}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** A difference on a scale from −50 to 50 points, nought in the middle. */
function Difference({ pair }: { pair: Pair }) {
  const place = (share: number) => `${Math.max(0, Math.min(100, 50 + 100 * share))}%`;
  const { low, high, mean } = pair.difference;
  return (
    <span
      className="compare-scale"
      role="img"
      aria-label={`${Math.round(100 * mean)} points, ${Math.round(100 * low)} to ${Math.round(100 * high)}`}
    >
      <i className="compare-nought" />
      <i
        className="shares-range"
        style={{ left: place(low), width: `calc(${place(high)} - ${place(low)})` }}
      />
      <i className="shares-dot" style={{ left: place(mean) }} />
    </span>
  );
}

/** How soon the first sharp frame comes, misses counted in full. */
function First({ comparison, names }: { comparison: Comparison; names: string[] }) {
  const timed = comparison.holds.filter((h) => h.first_sharp);
  if (timed.length < 2) return null;
  return (
    <section aria-label="First sharp frame">
      <h2>To the first sharp frame</h2>
      <ul className="compare-first">
        {comparison.holds.map(
          (hold, i) =>
            hold.first_sharp && (
              <li key={names[i]}>
                <span>{names[i]}</span>
                <b>{hold.first_sharp.seconds.toFixed(2)} s</b>
                <span className="quiet">
                  {hold.first_sharp.bursts} bursts
                  {hold.first_sharp.missed > 0 && `, ${hold.first_sharp.missed} without one, counted in full`}
                </span>
              </li>
            ),
        )}
      </ul>
    </section>
  );
}
