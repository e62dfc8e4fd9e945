import { standsOn } from '../../parts/learned';
import './outing.css';
import { App, Button, Dropdown, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Hold, Refusal } from '../../api/client';
import { type Entry, isPlaced, type Outing, planningDay, useDay } from '../../api/day';
import { useProgress, useRushes } from '../../api/hooks';
import { saveFile, useOuting, useOutings, useSaveOuting } from '../../api/outings';
import type { Place } from '../../api/places';
import { bring } from '../../field/cards';
import { lastPerson } from '../../field/db';
import { Hints } from '../../parts/Hints';
import { PlaceField } from '../../parts/PlaceField';
import { ProgressLine } from '../../parts/ProgressLine';
import { Restored } from '../../parts/Restored';
import { useUnits } from '../../parts/units';
import { useConflict } from '../../parts/useConflict';
import { useDebounced } from '../../parts/useDebounced';
import { useDraft } from '../../parts/useDraft';
import { useTitle } from '../../parts/useTitle';
import { Failed } from '../../shell/Messages';
import { TopBar } from '../../shell/TopBar';
import { Carried } from './Carried';
import { Checklist } from './Checklist';
import { DayOrder } from './DayOrder';
import { DayTimeline } from './DayTimeline';
import { EntryRow } from './EntryRow';
import { daylightHours, freshEntry, freshOuting, HOURS } from './fresh';
import { LogByHand } from './LogByHand';
import { Logged } from './Logged';
import { whenPlanned } from './planned';
import { ShareCard } from './ShareCard';
import { WhereFields, whereOf } from './WhereFields';

const USUAL = 5;
const SETTLED = 400;

function Progress({ working }: { working: boolean }) {
  return <ProgressLine what="Planning the day" working={working} done={useProgress(planningDay)} />;
}

/** What an outing starts from: as it is kept, or a new one after the last. */
function useBase(id: string | undefined, rush: string | null) {
  const kept = useOuting(id);
  const listed = useRushes('').data?.pages.flatMap((page) => page.items);
  const outings = useOutings().data;
  const last = useOuting(id === undefined ? outings?.[0]?.id : undefined);
  const ready = outings !== undefined && (outings.length === 0 || last.data !== undefined || last.isError);
  const [fresh, setFresh] = useState<Outing | undefined>(undefined);
  useEffect(() => {
    if (id !== undefined || fresh || !listed || !ready) return;
    const next = freshOuting(
      rush === null ? listed.slice(0, USUAL).map((r) => r.id) : rush.split(','),
      last.data?.document,
    );
    if (!isPlaced(next)) {
      setFresh(next);
      return;
    }
    // Where it was last, in the light of the day it is for.
    void daylightHours(next.place as Place, next.date)
      .catch(() => HOURS)
      .then((hours) => setFresh((now) => now ?? { ...next, ...hours }));
  }, [id, rush, fresh, listed, ready, last.data]);
  return { kept, listed, base: id === undefined ? fresh : kept.data?.document };
}

/** An outing: light over the day, when each rush is worth it, the order, what changes in between, and what is carried. */
export default function OutingPage() {
  const { id } = useParams();
  const units = useUnits();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const conflict = useConflict();
  const [params] = useSearchParams();
  const rush = params.get('rush');
  const { kept, listed, base } = useBase(id, rush);
  const {
    draft: outing,
    change: setOuting,
    dirty,
    restored,
    drop,
    forget,
  } = useDraft<Outing>(`outing.${id ?? `new ${rush ?? ''}`}`, base);
  const save = useSaveOuting();
  const [open, setOpen] = useState(id === undefined);
  const [sharing, setSharing] = useState(false);
  const [logging, setLogging] = useState<number | null>(null);
  useTitle(outing?.name || 'Outing');
  const change = (fields: Partial<Outing>) => outing && setOuting({ ...outing, ...fields });
  const setEntry = (i: number, fields: Partial<Entry>) =>
    outing && change({ rushes: outing.rushes.map((e, at) => (at === i ? { ...e, ...fields } : e)) });
  const asked = useDebounced(outing, SETTLED);
  const day = useDay(asked, units);
  const name = (rush: string, i: number) =>
    listed?.find((r) => r.id === rush)?.name ?? day.data?.rushes[i]?.name ?? `Rush ${i + 1}`;

  async function keep(asCopy = false) {
    if (!outing) return;
    try {
      const stored = await save.mutateAsync({
        ...(id === undefined || asCopy ? {} : { id, version: kept.data?.version ?? 1 }),
        document: outing,
      });
      forget();
      message.success('Saved');
      // Its card is worked out now, and is there when one is in the field.
      const person = lastPerson();
      if (person) void bring(stored.id, person, units).catch(() => undefined);
      if (stored.id !== id) navigate(`/outings/${stored.id}`, { replace: true });
    } catch (error) {
      conflict(
        error as Refusal,
        () => keep(true),
        () => {
          forget();
          void kept.refetch();
        },
      );
    }
  }

  /** A new outing whose hours nobody has set yet takes those of its day there. */
  const settle = (found: Partial<Place>) => {
    if (!outing) return;
    const next = { ...outing, place: { ...outing.place, ...found } };
    setOuting(next);
    if (id !== undefined || isPlaced(outing) || !isPlaced(next)) return;
    void daylightHours(next.place as Place, next.date).then(
      (hours) => setOuting({ ...next, ...hours }),
      () => undefined,
    );
  };
  const unplaced = outing !== undefined && !isPlaced(outing);

  const planned = logging === null ? undefined : day.data?.rushes[logging];
  // It was shot when it was planned, or now while that still lies ahead.
  const begun = Date.parse(planned?.planned?.from ?? '');
  const shot = planned && {
    outing_id: id ?? null,
    rush_id: asked?.rushes[logging ?? 0]?.rush ?? null,
    rush: planned.name,
    at: new Date(Math.min(begun, Date.now())).toISOString(),
    hold: planned.hold as Hold,
  };

  /** Lets go of the times somebody chose; what happens at a fixed time stays. */
  const takeBest = () =>
    outing &&
    change({
      order: 'solved',
      rushes: outing.rushes.map((e) => (e.by_hand ? { ...e, at: null, by_hand: false } : e)),
    });

  const write = (file: 'a6' | 'a4' | 'calendar') =>
    id && void saveFile(id, file, units).catch((error: Error) => message.error(error.message));

  if (kept.isError)
    return (
      <>
        <TopBar />
        <Failed message={kept.error.message} missing={kept.error.status === 404} />
      </>
    );

  return (
    <>
      <TopBar />
      <Hints of="outing" />
      <main className={day.isPlaceholderData ? 'page outing older' : 'page outing'}>
        <div className="page-head">
          <h1>{outing?.name || 'Outing'}</h1>
          {id !== undefined && <Button onClick={() => navigate(`/card/${id}`)}>Card</Button>}
          <Button
            onClick={() =>
              navigate(`/kit/layouts?rushes=${outing?.rushes.map((e) => e.rush).join(',') ?? ''}`)
            }
          >
            Buttons
          </Button>
          {id !== undefined && (
            <Dropdown
              trigger={['click']}
              menu={{
                items: [
                  { key: 'a6', label: 'Card on paper, A6', onClick: () => write('a6') },
                  { key: 'a4', label: 'Card on paper, A4', onClick: () => write('a4') },
                  { key: 'share', label: 'Show the card to somebody', onClick: () => setSharing(true) },
                  { type: 'divider' },
                  { key: 'calendar', label: 'For the calendar', onClick: () => write('calendar') },
                  {
                    key: 'file',
                    label: (
                      <a href={`/api/outings/${id}/document`} download>
                        Download
                      </a>
                    ),
                  },
                  { key: 'print', label: 'Print this page', onClick: () => window.print() },
                ],
              }}
            >
              <Button aria-label="More of this outing">•••</Button>
            </Dropdown>
          )}
          <Button
            type={dirty || id === undefined ? 'primary' : 'default'}
            disabled={!outing || unplaced || (id !== undefined && !dirty)}
            loading={save.isPending}
            onClick={() => void keep()}
          >
            {id !== undefined && !dirty ? 'Saved' : 'Save'}
          </Button>
        </div>
        {outing && unplaced && (
          <section className="outing-place" aria-labelledby="outing-place">
            <h2 id="outing-place">Where will you be?</h2>
            <p className="quiet">Light, sun, heat shimmer and the time zone follow from the place.</p>
            <PlaceField onPlace={settle} />
          </section>
        )}
        {outing && !unplaced && (
          <p className="outing-line">
            {whereOf(outing)}{' '}
            <Button type="link" size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? 'Fold away' : 'Change'}
            </Button>
          </p>
        )}
        <Restored shown={restored && id !== undefined} onDrop={drop} />
        {outing && open && !unplaced && <WhereFields outing={outing} change={change} onPlace={settle} />}
        <Progress working={day.isFetching} />
        {kept.data && kept.data.gone > 0 && (
          <p className="notice">
            {kept.data.gone === 1 ? 'One of its rushes was' : `${kept.data.gone} of its rushes were`} deleted.
            Put back within a month, it is here again.
          </p>
        )}
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
        {day.data && outing && asked && asked.rushes.length > 0 && (
          <>
            <p className="day-kept">
              <b>{Math.round(day.data.kept_wanted)}</b> wanted frames kept
              {!day.data.played && <span className="quiet"> if nothing goes wrong; playing it…</span>}
              {day.data.best_wanted > day.data.kept_wanted + 0.5 && (
                <span className="quiet"> of {Math.round(day.data.best_wanted)} in the best order</span>
              )}
              {(outing.order !== 'solved' || outing.rushes.some((e) => e.by_hand)) && (
                <Button type="link" size="small" onClick={takeBest}>
                  Take the best order
                </Button>
              )}
              {day.data.left_out.length > 0 && (
                <span className="reached-lost"> {day.data.left_out.length} will not fit</span>
              )}
            </p>
            {day.data.learned && (
              <p className="quiet day-learned">
                Predictions are {standsOn(day.data.learned)}, the rest the model.{' '}
                <Link to="/review/learned">Accuracy</Link>
              </p>
            )}
            <DayTimeline day={day.data} onMove={(rush, at) => setEntry(rush, { at, by_hand: true })} />
            <DayOrder
              day={day.data}
              outing={asked}
              onLog={id === undefined ? undefined : (number) => setLogging(number)}
            />
            {day.data.cautions.map((c) => (
              <p key={c.what} className="notice caution">
                {c.sentence}
              </p>
            ))}
            {id !== undefined && <Logged outing={id} zone={asked.place.zone} />}
            <Checklist items={day.data.checklist} outing={outing} onTick={(checked) => change({ checked })} />
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
                  name={name(entry.rush, i)}
                  kit={
                    <Carried
                      outing={outing}
                      at={i}
                      entry={entry}
                      name={name(entry.rush, i)}
                      onChange={setOuting}
                    />
                  }
                  onChange={(fields) => setEntry(i, fields)}
                  onRemove={() =>
                    change({
                      rushes: outing.rushes.filter((_, at) => at !== i),
                      order: 'solved',
                    })
                  }
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
              onChange={(rush: string) => change({ rushes: [...outing.rushes, freshEntry(rush)] })}
            />
          </section>
        )}
        {logging !== null && shot && (
          <LogByHand
            shot={shot}
            likely={(planned && whenPlanned(planned)?.lost_to) ?? null}
            onClose={() => setLogging(null)}
          />
        )}
        {id !== undefined && <ShareCard outing={id} open={sharing} onClose={() => setSharing(false)} />}
      </main>
    </>
  );
}
