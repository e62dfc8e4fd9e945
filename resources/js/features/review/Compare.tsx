import '../rushes/rushes.css';
import './review.css';
import './compare.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Hold } from '../../api/client';
import { type HoldComparison, useHoldComparison } from '../../api/review';
import { label } from '../../lang/labels';
import { inside } from '../../lang/language';
import { t } from '../../lang/review';
import { type Units, useUnits } from '../../lang/units';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { apart, sayValue, settingsOf } from '../../ui/settings';
import { useTitle } from '../../ui/useTitle';
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
          ? t('compare.eye', { setting: sayValue(setting, value, units) })
          : setting === 'focus.detect' && value === 'off'
            ? t('compare.no-detection')
            : sayValue(setting, value, units);
      return i === 0 ? said : inside(said);
    })
    .join(', ');
};

/** A chance near certain is not said to be certain. */
const chance = (share: number) =>
  share > 0.99
    ? t('compare.more-than-99-percent')
    : share < 0.01
      ? t('compare.less-than-1-percent')
      : `${Math.round(100 * share)}%`;

/** Set-ups from the log, one against the other: which keeps more, how sure that is, and what it takes to tell. */
export default function Compare() {
  useTitle(t('compare.compare-holds'));
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
          <h1>{t('compare.compare')}</h1>
          <ReviewTabs />
        </div>
        {found.isError && <Failed message={found.error.message} />}
        {!data && !found.isError && (
          <p className="quiet" role="status">
            {t('compare.loading')}
          </p>
        )}
        {data && !comparison && (
          <div className="rushes-empty">
            <h2>{t('compare.nothing-to-compare-yet')}</h2>
            <p className="quiet">{t('compare.shoot-the-same-rush')}</p>
            <Button type="primary" size="large" onClick={() => navigate('/outings')}>
              {t('compare.to-your-outings')}
            </Button>
          </div>
        )}
        {data && comparison && (
          <>
            <div className="compare-of">
              <Select
                aria-label={t('compare.of-which-rush')}
                value={data.rush_id}
                className="compare-rush"
                options={data.rushes.map((r) => ({
                  value: r.id,
                  label: t('compare.holds-bursts', { name: r.name, holds: r.holds, bursts: r.bursts }),
                }))}
                onChange={(chosen: string) => setRush(chosen)}
              />
              {data.rush_id && <Link to={`/rushes/${data.rush_id}`}>{t('compare.to-its-desk')}</Link>}
            </div>
            {comparison.pairs[0] && <Verdict pair={comparison.pairs[0]} names={names} />}
            <KeptWithEach holds={comparison.holds} names={names} differing={differing} />
            {comparison.next !== null && (
              <p className="compare-next">
                {t.rich('compare.shoot-next-of-the', {
                  names: <b>{names[comparison.next]}</b>,
                  span: (text) => <span className="quiet">{text}</span>,
                })}
              </p>
            )}
            {comparison.pairs.length > 1 && <HeadToHead pairs={comparison.pairs} names={names} />}
            <BurstRows holds={comparison.holds} names={names} />
            <First comparison={comparison} names={names} />
            <p className="quiet shares-key">
              {t('compare.dot-the-likeliest-share', {
                isAlike: comparison.alike < 0.02 ? 'yes' : 'no',
                alike: Math.round(100 * comparison.alike),
              })}
            </p>
          </>
        )}
      </main>
    </>
  );
}

type Holds = NonNullable<HoldComparison['comparison']>['holds'];

type KeptProps = { holds: Holds; names: string[]; differing: ReturnType<typeof apart> };

/** How much each keeps, and how sure that is. */
function KeptWithEach({ holds, names, differing }: KeptProps) {
  return (
    <section aria-label={t('compare.set-ups')}>
      <h2>{t('compare.kept-with-each')}</h2>
      <ul className="shares compare-shares">
        {holds.map((hold, i) => (
          <li key={JSON.stringify(hold.hold)}>
            <span className="shares-name" title={differing[i]?.map(([s]) => label('setting', s)).join(', ')}>
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
                {t('compare.to', {
                  low: Math.round(100 * hold.share.low),
                  high: Math.round(100 * hold.share.high),
                })}
              </span>
            </span>
            <span className="shares-bursts quiet">
              {t('compare.of-in-bursts-best', {
                keepers: hold.keepers,
                frames: hold.frames,
                bursts: hold.bursts,
                best: chance(hold.best),
              })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function HeadToHead({ pairs, names }: { pairs: Pair[]; names: string[] }) {
  return (
    <section aria-label={t('compare.head-to-head')}>
      <h2>{t('compare.head-to-head')}</h2>
      <ul className="compare-pairs">
        {pairs.map((pair) => (
          <li key={`${pair.a} ${pair.b}`}>
            <span>
              {names[pair.a]} <span className="quiet">{t('compare.over')}</span> {names[pair.b]}
            </span>
            <Difference pair={pair} />
            <span className="quiet">{needed(pair)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const needed = (pair: Pair) =>
  pair.decided
    ? t('compare.decided')
    : pair.even
      ? t('compare.as-good-as-each')
      : pair.frames_needed === null
        ? t('compare.too-alike-to-tell')
        : t('compare.about-more-frames-of', {
            framesNeeded: pair.frames_needed,
            isFramesToBeSure: pair.frames_to_be_sure === null ? 'yes' : 'no',
            framesToBeSure: pair.frames_to_be_sure,
          });

/** What the best pair says, in a sentence. */
function Verdict({ pair, names }: { pair: Pair; names: string[] }) {
  return (
    <section className="compare-verdict" aria-label={t('compare.verdict')}>
      <p className="compare-says">
        {pair.even
          ? t.rich('compare.and-keep-about-the', {
              names: <b>{names[pair.a]}</b>,
              names2: <b>{names[pair.b]}</b>,
            })
          : t.rich('compare.keeps-points-more-than', {
              names: <b>{names[pair.a]}</b>,
              mean: points(pair.difference.mean),
              names2: <b>{names[pair.b]}</b>,
              isDecided: pair.decided ? 'yes' : 'no',
            })}
      </p>
      <Difference pair={pair} />
      <p>
        {t.rich('compare.better-with-to-points', {
          aBetter: <b>{chance(pair.a_better)}</b>,
          span: (text) => <span className="quiet">{text}</span>,
          low: Math.round(100 * pair.difference.low),
          high: Math.round(100 * pair.difference.high),
          pair: needed(pair),
        })}
      </p>
      {pair.unfair.length > 0 && (
        <ul className="compare-unfair" aria-label={t('compare.what-makes-it-unfair')}>
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
      aria-label={t('compare.points-to', {
        mean: Math.round(100 * mean),
        low: Math.round(100 * low),
        high: Math.round(100 * high),
      })}
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
    <section aria-label={t('compare.first-sharp-frame')}>
      <h2>{t('compare.to-the-first-sharp')}</h2>
      <ul className="compare-first">
        {comparison.holds.map(
          (hold, i) =>
            hold.first_sharp && (
              <li key={names[i]}>
                <span>{names[i]}</span>
                <b>{t('compare.s', { seconds: hold.first_sharp.seconds.toFixed(2) })}</b>
                <span className="quiet">
                  {t('compare.bursts', {
                    bursts: hold.first_sharp.bursts,
                    isMissed: hold.first_sharp.missed > 0 ? 'yes' : 'no',
                    missed: hold.first_sharp.missed,
                  })}
                </span>
              </li>
            ),
        )}
      </ul>
    </section>
  );
}
