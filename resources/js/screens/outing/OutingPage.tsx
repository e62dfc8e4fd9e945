import './outing.css';
import { App, Button, Input, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Entry, type Outing, outingDocument, planningDay, useDay } from '../../api/day';
import { useProgress, useRushes } from '../../api/hooks';
import { NumberField } from '../../parts/NumberField';
import { ProgressLine } from '../../parts/ProgressLine';
import { useUnits } from '../../parts/units';
import { useDebounced } from '../../parts/useDebounced';
import { useDraftStore } from '../../parts/useDraft';
import { useTitle } from '../../parts/useTitle';
import { options } from '../../parts/words';
import { TopBar } from '../../shell/TopBar';
import { hereAndNow } from '../desk/place';
import { clockOf, DayTimeline, lostTo } from './DayTimeline';
import { EntryRow } from './EntryRow';

const USUAL = 5;
const SETTLED = 400;

/** How much moves in it, as the rush has it. */
const winds = [
  { value: 0, label: 'Calm' },
  { value: 0.3, label: 'Breeze' },
  { value: 0.6, label: 'Windy' },
  { value: 0.9, label: 'Storm' },
];

const fresh = (rush: string): Entry => ({
  rush,
  minutes: 45,
  times: 4,
  wanted: 1,
  facing_deg: null,
  earliest: null,
  latest: null,
  at: null,
});

/** Tomorrow morning, here, with the rushes worked on last. */
function tomorrow(rushes: string[]): Outing {
  const { latitude_deg, longitude_deg } = hereAndNow();
  const day = new Date(Date.now() + 86_400_000);
  const two = (n: number) => String(n).padStart(2, '0');
  return {
    format: 'rush-hold/outing@1',
    name: 'Next outing',
    date: `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`,
    place: { name: '', latitude_deg, longitude_deg, zone: Intl.DateTimeFormat().resolvedOptions().timeZone },
    from: '05:00',
    to: '10:00',
    sky: [],
    wind: 0,
    air: 'clear',
    rushes: rushes.map(fresh),
    order: 'solved',
  };
}

function Progress({ working }: { working: boolean }) {
  return <ProgressLine what="Planning the day" working={working} done={useProgress(planningDay)} />;
}

const zones = ['UTC', ...Intl.supportedValuesOf('timeZone')].map((zone) => ({
  value: zone,
  label: zone.replaceAll('_', ' '),
}));

/** The next outing: light over the day, when each rush is worth it, the order, and what changes in between. */
export default function OutingPage() {
  useTitle('Outing');
  const units = useUnits();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const listed = useRushes('').data?.pages.flatMap((page) => page.items);
  const store = useDraftStore<Outing>('outing');
  const [outing, setOuting] = useState<Outing | undefined>(undefined);
  useEffect(() => {
    if (outing || !listed) return;
    const left = store.left('next');
    // What was deleted since is no longer part of it.
    const there = left && { ...left, rushes: left.rushes.filter((e) => listed.some((r) => r.id === e.rush)) };
    setOuting(there ?? tomorrow(listed.slice(0, USUAL).map((r) => r.id)));
  }, [listed, outing, store]);
  const change = (fields: Partial<Outing>) => {
    if (!outing) return;
    const next = { ...outing, ...fields };
    setOuting(next);
    store.keep('next', next);
  };
  const setEntry = (i: number, fields: Partial<Entry>) =>
    outing && change({ rushes: outing.rushes.map((e, at) => (at === i ? { ...e, ...fields } : e)) });
  const asked = useDebounced(outing, SETTLED);
  const day = useDay(asked, units);
  const name = (id: string) => listed?.find((r) => r.id === id)?.name ?? 'A rush';

  async function download() {
    if (!outing) return;
    try {
      const whole = await outingDocument(outing);
      const link = document.createElement('a');
      link.href = URL.createObjectURL(
        new Blob([JSON.stringify(whole, null, 2)], { type: 'application/json' }),
      );
      link.download = 'outing.json';
      link.click();
    } catch (error) {
      message.error((error as Error).message);
    }
  }

  return (
    <>
      <TopBar />
      <main className={day.isPlaceholderData ? 'page outing older' : 'page outing'}>
        <div className="page-head">
          <h1>Outing</h1>
          <Button
            onClick={() =>
              navigate(`/kit/layouts?rushes=${outing?.rushes.map((e) => e.rush).join(',') ?? ''}`)
            }
          >
            Its buttons
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={() => void download()}>Download</Button>
        </div>
        {outing && (
          <div className="outing-where">
            <div className="clock-field name">
              <span>Name</span>
              <Input
                aria-label="Name of the outing"
                value={outing.name}
                maxLength={120}
                onChange={(e) => change({ name: e.target.value })}
              />
            </div>
            <label className="clock-field">
              <span>Date</span>
              <input
                type="date"
                className="ant-input"
                value={outing.date}
                onChange={(e) => e.target.value && change({ date: e.target.value })}
              />
            </label>
            {(['from', 'to'] as const).map((end) => (
              <label className="clock-field" key={end}>
                <span>{end === 'from' ? 'From' : 'To'}</span>
                <input
                  type="time"
                  className="ant-input"
                  value={outing[end]}
                  onChange={(e) => e.target.value && change({ [end]: e.target.value })}
                />
              </label>
            ))}
            <NumberField
              label="Latitude"
              quantity="angle"
              value={outing.place.latitude_deg}
              onChange={(v) => change({ place: { ...outing.place, latitude_deg: v } })}
            />
            <NumberField
              label="Longitude"
              quantity="angle"
              value={outing.place.longitude_deg}
              onChange={(v) => change({ place: { ...outing.place, longitude_deg: v } })}
            />
            <div className="field">
              <label htmlFor="outing-zone">Zone</label>
              <Select
                id="outing-zone"
                showSearch={{ optionFilterProp: 'label' }}
                popupMatchSelectWidth={false}
                value={outing.place.zone}
                options={zones}
                onChange={(zone) => change({ place: { ...outing.place, zone } })}
              />
            </div>
            <div className="field">
              <label htmlFor="outing-sky">Sky</label>
              <Select
                id="outing-sky"
                value={outing.sky[0]?.sky ?? 'clear'}
                options={options('sky')}
                onChange={(sky) => change({ sky: [{ at: outing.from, sky }] })}
              />
            </div>
            <div className="field">
              <label htmlFor="outing-wind">Wind</label>
              <Select
                id="outing-wind"
                value={outing.wind}
                options={winds}
                onChange={(wind) => change({ wind })}
              />
            </div>
            <div className="field">
              <label htmlFor="outing-air">Air</label>
              <Select
                id="outing-air"
                value={outing.air}
                options={options('air')}
                onChange={(air) => change({ air })}
              />
            </div>
          </div>
        )}
        <Progress working={day.isFetching} />
        {listed?.length === 0 && (
          <p className="page-quiet">
            An outing is made of rushes. <Link to="/">Describe one</Link> first.
          </p>
        )}
        {day.isError && (
          <p role="alert" className="guide-refused">
            {day.error.message} What you entered stays.{' '}
            <Button size="small" onClick={() => void day.refetch()}>
              Try again
            </Button>
          </p>
        )}
        {day.data && outing && outing.rushes.length > 0 && (
          <>
            <p className="day-kept">
              <b>{Math.round(day.data.kept_wanted)}</b> wanted frames kept
              {day.data.best_wanted > day.data.kept_wanted + 0.5 && (
                <span className="quiet"> of {Math.round(day.data.best_wanted)} in the best order</span>
              )}
              {day.data.left_out.length > 0 && (
                <span className="reached-lost"> {day.data.left_out.length} will not fit</span>
              )}
            </p>
            <DayTimeline day={day.data} onMove={(rush, at) => setEntry(rush, { at })} />
            <ol className="day-order">
              {day.data.order.map((number, i) => {
                const rush = day.data?.rushes[number];
                const changed = day.data?.changes[i - 1];
                if (!rush?.planned) return null;
                const lost = lostTo(rush);
                return (
                  <li key={number}>
                    {changed && (
                      <p className="day-change">
                        {changed.kit.length === 0 && changed.change.length === 0
                          ? 'Nothing to change'
                          : [
                              ...changed.kit.map((k) => `${k.part} to ${k.to}`),
                              ...changed.change.map((c) => `${c.name.toLowerCase()} ${c.to}`),
                            ].join(', ')}{' '}
                        <span className="quiet">{Math.round(changed.seconds)} s</span>
                      </p>
                    )}
                    <p>
                      <b>
                        {clockOf(rush.planned.from)}–{clockOf(rush.planned.to)}
                      </b>{' '}
                      <Link to={`/rushes/${asked?.rushes[number]?.rush ?? ''}`}>{rush.name}</Link>{' '}
                      <span className="quiet">
                        {Math.round(rush.planned.kept)} wanted frames
                        {lost && `, most of the rest lost: ${lost}`}
                      </span>
                    </p>
                  </li>
                );
              })}
            </ol>
            {day.data.cautions.map((c) => (
              <p key={c.what} className="notice caution">
                {c.sentence}
              </p>
            ))}
          </>
        )}
        {outing && listed && (
          <section aria-label="Rushes of the outing">
            <h2>Rushes</h2>
            <ul className="entries">
              {outing.rushes.map((entry, i) => (
                <EntryRow
                  key={entry.rush}
                  entry={entry}
                  name={name(entry.rush)}
                  onChange={(fields) => setEntry(i, fields)}
                  onRemove={() => change({ rushes: outing.rushes.filter((_, at) => at !== i) })}
                />
              ))}
            </ul>
            <Select
              aria-label="Add a rush"
              className="entry-add"
              placeholder="Add a rush"
              showSearch={{ optionFilterProp: 'label' }}
              value={null}
              options={listed
                .filter((r) => !outing.rushes.some((e) => e.rush === r.id))
                .map((r) => ({ value: r.id, label: r.name }))}
              onChange={(id: string) => change({ rushes: [...outing.rushes, fresh(id)] })}
            />
            <p className="quiet">The outing is kept in this browser; download it to keep it elsewhere.</p>
          </section>
        )}
      </main>
    </>
  );
}
