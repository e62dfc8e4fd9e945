import { listed } from '../../lang/lists';
import './practice.css';
import { App, Button, Segmented } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { DRILLS, isByRing, placeOf } from '../../api/drills';
import { type DrillName, practiceActions, useDrills, usePracticeAction } from '../../api/practice';
import { sayDate } from '../../lang/dates';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { Plot } from '../../ui/Plot';
import { useTitle } from '../../ui/useTitle';
import { useUndo } from '../../ui/useUndo';
import { byDay, DRILL, percent, shareOf } from './drills';
import { PracticeTabs } from './PracticeTabs';

const HIGH = 240;

const date = (day: string) => sayDate(day, 'shortDay');

/** The mean of each day with its least and most. */
function Days({ days, wide }: { days: ReturnType<typeof byDay>; wide: number }) {
  const [first, last] = [days[0]?.day ?? '', days.at(-1)?.day ?? ''];
  const from = Date.parse(first);
  const span = Math.max(86_400_000 * 6, Date.parse(last) - from);
  const x = (day: string) => 54 + ((Date.parse(day) - from) / span) * (wide - 64);
  const y = (share: number) => HIGH - 28 - share * (HIGH - 44);
  return (
    <>
      {[0, 0.5, 1].map((v) => (
        <g key={v}>
          <line x1={48} x2={wide} y1={y(v)} y2={y(v)} className="progress-grid" />
          <text x={40} y={y(v) + 4} textAnchor="end" className="moment-axis">
            {percent(v)}
          </text>
        </g>
      ))}
      <path
        className="progress-line"
        d={days.map((d, i) => `${i ? 'L' : 'M'}${x(d.day).toFixed(1)} ${y(d.mean).toFixed(1)}`).join('')}
      />
      {days.map((d) => (
        <g key={d.day}>
          <line x1={x(d.day)} x2={x(d.day)} y1={y(d.least)} y2={y(d.most)} className="progress-range" />
          <circle cx={x(d.day)} cy={y(d.mean)} r={4.5} className="bead-kept" />
        </g>
      ))}
      <text x={54} y={HIGH - 6} className="moment-axis">
        {date(first)}
      </text>
      {days.length > 1 && (
        <text x={x(last)} y={HIGH - 6} textAnchor="end" className="moment-axis">
          {date(last)}
        </text>
      )}
    </>
  );
}

/** Each drill over time, with its scatter. */
export default function Progress() {
  useTitle(t('progress.progress'));
  const [drill, setDrill] = useState<DrillName>('buttons');
  const [aid, setAid] = useState<'all' | 'none' | 'magnified' | 'outline'>('all');
  const drills = useDrills(drill);
  const undo = useUndo();
  const { message } = App.useApp();
  const remove = usePracticeAction(practiceActions.remove);
  const restore = usePracticeAction(practiceActions.restore);
  const all = drills.data ?? [];
  const ring = isByRing(drill);
  const some = all.filter((d) => {
    const aids = d.score.aids ?? {};
    if (aid === 'all' || !ring) return true;
    return aid === 'none' ? !aids.magnified && !aids.outline : aids[aid] === true;
  });
  const days = byDay(some);
  const best = days.length ? Math.max(...days.map((d) => d.mean)) : null;
  return (
    <>
      <TopBar />
      <main className="page practice">
        <div className="page-head">
          <h1>{t('progress.progress')}</h1>
          <a className="ant-btn ant-btn-default calendar-file" href="/api/drills/file" download>
            {t('progress.all-as-a-table')}
          </a>
          <PracticeTabs />
        </div>
        <div className="progress-of">
          <Segmented
            aria-label={t('progress.drill')}
            value={drill}
            options={DRILLS.filter((d) => d !== 'first-sharp').map((d) => ({
              value: d,
              label: label('exercise', d),
            }))}
            onChange={(d) => setDrill(d)}
          />
          {ring && (
            <Segmented
              aria-label={t('progress.aids')}
              value={aid}
              options={[
                { value: 'all', label: t('progress.all') },
                { value: 'none', label: t('progress.without-aids') },
                { value: 'magnified', label: t('progress.magnified') },
                { value: 'outline', label: t('progress.dashes') },
              ]}
              onChange={setAid}
            />
          )}
        </div>
        {drills.isError && <Failed message={drills.error.message} />}
        {drills.data && days.length === 0 && (
          <p className="practice-empty">
            {t.rich('progress.nothing-of-this-yet', {
              link: (text) => <Link to={placeOf(drill)}>{text}</Link>,
            })}
          </p>
        )}
        {days.length > 0 && (
          <>
            <p className="progress-says">
              {t.rich('progress.days-last', {
                days: days.length,
                mean: <strong>{percent(days.at(-1)?.mean ?? 0)}</strong>,
                drill: DRILL[drill].share,
              })}
              {best !== null && days.length > 2 && (
                <span className="quiet"> · {t('progress.your-best-day', { best: percent(best) })}</span>
              )}
            </p>
            <Plot
              className="progress-plot"
              high={HIGH}
              label={t('progress.by-day', { drill: label('exercise', drill) })}
            >
              {(wide) => <Days days={days} wide={wide} />}
            </Plot>
            <ul className="rush-list">
              {some.slice(0, 20).map((d) => (
                <li key={d.id} className="rush-row progress-row">
                  <span>{sayDate(d.done_at, 'shortMoment')}</span>
                  <strong className="figures">{percent(shareOf(d.score) ?? 0)}</strong>
                  <span className="quiet">
                    {listed(
                      d.score.rush,
                      d.score.f_number != null && t('progress.f', { fNumber: d.score.f_number }),
                      d.score.median_s != null && t('progress.s', { medianS: d.score.median_s.toFixed(2) }),
                    )}
                  </span>
                  <a href={`/api/drills/${d.id}/document`} download>
                    {t('progress.document')}
                  </a>
                  <Button
                    type="text"
                    size="small"
                    aria-label={t('progress.delete-the-turn-of', {
                      value: sayDate(d.done_at, 'moment'),
                    })}
                    onClick={() =>
                      remove.mutate(d.id, {
                        onError: (error) => void message.error(error.message),
                        onSuccess: () =>
                          undo(t('progress.the-turn-is-deleted'), () => restore.mutateAsync(d.id)),
                      })
                    }
                  >
                    ×
                  </Button>
                </li>
              ))}
            </ul>
          </>
        )}
      </main>
    </>
  );
}
