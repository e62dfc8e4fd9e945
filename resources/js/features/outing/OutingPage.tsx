import './outing.css';
import { App, Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Refusal } from '../../api/client';
import { type Entry, isPlaced, type Outing, planningDay, useDay } from '../../api/day';
import { useProgress, useRushes } from '../../api/hooks';
import { useOuting, useOutings, useSaveOuting } from '../../api/outings';
import type { Place } from '../../api/places';
import { bring } from '../../field/cards';
import { lastPerson } from '../../field/db';
import { t } from '../../lang/outing';
import { useUnits } from '../../lang/units';
import { Failed } from '../../ui/bar/Messages';
import { TopBar } from '../../ui/bar/TopBar';
import { Hints } from '../../ui/Hints';
import { PlaceField } from '../../ui/PlaceField';
import { ProgressLine } from '../../ui/ProgressLine';
import { Restored } from '../../ui/Restored';
import { useConflict } from '../../ui/useConflict';
import { useDebounced } from '../../ui/useDebounced';
import { useDraft } from '../../ui/useDraft';
import { useTitle } from '../../ui/useTitle';
import { DayResult } from './DayResult';
import { Entries } from './Entries';
import { daylightHours, freshOuting, HOURS } from './fresh';
import { OutingHead } from './OutingHead';
import { WhereFields, whereOf } from './WhereFields';

const USUAL = 5;
const SETTLED = 400;

function Progress({ working }: { working: boolean }) {
  return (
    <ProgressLine
      what={t('outing-page.planning-the-day')}
      working={working}
      done={useProgress(planningDay)}
    />
  );
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
  useTitle(outing?.name || t('outing-page.outing'));
  const change = (fields: Partial<Outing>) => outing && setOuting({ ...outing, ...fields });
  const setEntry = (i: number, fields: Partial<Entry>) =>
    outing && change({ rushes: outing.rushes.map((e, at) => (at === i ? { ...e, ...fields } : e)) });
  const asked = useDebounced(outing, SETTLED);
  const day = useDay(asked, units);
  const nameOf = (rush: string, i: number) =>
    listed?.find((r) => r.id === rush)?.name ??
    day.data?.rushes[i]?.name ??
    t('outing-page.rush', { i: i + 1 });

  async function keep(asCopy = false) {
    if (!outing) return;
    try {
      const stored = await save.mutateAsync({
        ...(id === undefined || asCopy ? {} : { id, version: kept.data?.version ?? 1 }),
        document: outing,
      });
      forget();
      message.success(t('outing-page.saved'));
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
        <OutingHead
          id={id}
          outing={outing}
          dirty={dirty}
          ready={outing !== undefined && !unplaced}
          busy={save.isPending}
          onKeep={() => void keep()}
        />
        {outing && unplaced && <Unplaced onPlace={settle} />}
        {outing && !unplaced && <Line outing={outing} open={open} onOpen={setOpen} />}
        <Restored shown={restored && id !== undefined} onDrop={drop} />
        {outing && open && !unplaced && <WhereFields outing={outing} change={change} onPlace={settle} />}
        <Progress working={day.isFetching} />
        <Said gone={kept.data?.gone ?? 0} none={listed?.length === 0} day={day} />
        {day.data && outing && asked && asked.rushes.length > 0 && (
          <DayResult
            id={id}
            day={day.data}
            outing={outing}
            asked={asked}
            onChange={change}
            onEntry={setEntry}
          />
        )}
        {outing && listed && (
          <Entries outing={outing} listed={listed} nameOf={nameOf} onOuting={setOuting} onEntry={setEntry} />
        )}
      </main>
    </>
  );
}

/** Before anything else an outing needs its place. */
function Unplaced({ onPlace }: { onPlace: (found: Partial<Place>) => void }) {
  return (
    <section className="outing-place" aria-labelledby="outing-place">
      <h2 id="outing-place">{t('outing-page.where-will-you-be')}</h2>
      <p className="quiet">{t('outing-page.light-sun-heat-shimmer')}</p>
      <PlaceField onPlace={onPlace} />
    </section>
  );
}

type LineProps = { outing: Outing; open: boolean; onOpen: (open: boolean) => void };

/** Where and when in a line, to be unfolded. */
function Line({ outing, open, onOpen }: LineProps) {
  return (
    <p className="outing-line">
      {whereOf(outing)}{' '}
      <Button type="link" size="small" aria-expanded={open} onClick={() => onOpen(!open)}>
        {open ? t('outing-page.fold-away') : t('outing-page.change')}
      </Button>
    </p>
  );
}

type SaidProps = { gone: number; none: boolean; day: ReturnType<typeof useDay> };

/** What is to be known about its rushes, and what went wrong. */
function Said({ gone, none, day }: SaidProps) {
  return (
    <>
      {gone > 0 && <p className="notice">{t('outing-page.of-its-rushes-were', { gone })}</p>}
      {none && (
        <p className="page-quiet">
          {t.rich('outing-page.an-outing-is-made', { link: (text) => <Link to="/">{text}</Link> })}
        </p>
      )}
      {day.isError && (
        <p role="alert" className="guide-refused">
          {t('outing-page.what-you-entered-stays', { message: day.error.message })}{' '}
          <Button size="small" onClick={() => void day.refetch()}>
            {t('outing-page.try-again')}
          </Button>
        </p>
      )}
    </>
  );
}
