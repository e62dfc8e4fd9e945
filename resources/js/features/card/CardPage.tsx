import './card.css';
import { type ReactNode, useCallback, useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { client } from '../../api/client';
import { bring } from '../../field/cards';
import { field, type KeptCard, lastPerson } from '../../field/db';
import { keepRush, log, takeBack } from '../../field/outbox';
import { useSending, useWritten } from '../../field/useField';
import { t } from '../../lang/card';
import { usePreferences } from '../../ui/bar/preferences';
import { useOnline } from '../../ui/useOnline';
import { useSteady } from '../../ui/useSteady';
import { useTitle } from '../../ui/useTitle';
import { CardView } from './CardView';
import { LogSheet, type Said } from './LogSheet';
import { SomethingElse } from './SomethingElse';
import { useNow } from './useNow';
import { ago, rushAt } from './when';

const SHOWN = 6000;

/** The kept card at once, a new one when there is a connection. */
function useCard(id: string) {
  const { units } = usePreferences();
  const [person, setPerson] = useState(lastPerson);
  const [kept, setKept] = useState<KeptCard | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    let there = true;
    const show = (card: KeptCard) => there && setKept(card);
    void (async () => {
      const known = lastPerson();
      const here = known && (await (await field()).get('cards', [known, id]));
      if (here) show(here);
      try {
        const said = await client.GET('/api/session');
        const user = said.data?.user;
        if (!user) {
          if (!here) setProblem(t('card-page.sign-in-once-with'));
          return;
        }
        if (there) setPerson(user.id);
        show(await bring(id, user.id, units));
      } catch (error) {
        // Without a connection the kept one does; what else is wrong is said where there is none.
        if (!here && there) setProblem((error as Error).message);
      }
    })();
    return () => {
      there = false;
    };
  }, [id, units]);
  return { person, kept, problem };
}

/** A card: in the field as in the house. */
export default function CardPage() {
  const { id = '' } = useParams();
  const { person, kept, problem } = useCard(id);
  const [params, setParams] = useSearchParams();
  const [sheet, setSheet] = useState<'log' | 'else' | null>(null);
  const [logged, setLogged] = useState<string | null>(null);
  const now = useNow();
  const online = useOnline();
  useTitle(kept?.card.name || t('card-page.card'));
  useSending(person);
  const [started] = useState(Date.now);
  const given = Number(params.get('rush'));
  const at = kept
    ? Math.min(kept.card.rushes.length - 1, params.has('rush') ? given - 1 : rushAt(kept.card, started))
    : 0;
  const turn = useCallback(
    (to: number) => setParams({ rush: String(to + 1) }, { replace: true }),
    [setParams],
  );
  const back = (
    <Link to={online ? `/outings/${id}` : '/card'} className="card-back">
      <span aria-hidden="true">‹</span>
      <span>
        <span className="sr-only">{t('card-page.back-to')} </span>
        {kept?.card.name || t('card-page.the-outing')}
      </span>
    </Link>
  );
  if (!kept) {
    return <NoCard id={id} problem={problem} back={back} />;
  }
  const rush = kept.card.rushes[at];

  async function write(said: Said) {
    setSheet(null);
    if (!rush || !person) return;
    const uuid = crypto.randomUUID();
    await log(person, {
      ...said,
      id: uuid,
      outing_id: id,
      rush_id: kept?.rushes[rush.number] ?? null,
      rush: rush.name,
      at: new Date().toISOString(),
      hold: rush.hold,
    });
    setLogged(uuid);
  }

  return (
    <>
      <CardView
        card={kept.card}
        at={at}
        onTurn={turn}
        back={back}
        state={<State fetched={ago(kept.fetched, now)} person={person} />}
        actions={
          <>
            {kept.pocket && (
              <button type="button" className="card-else" onClick={() => setSheet('else')}>
                {t('card-page.something-else')}
              </button>
            )}
            {rush && (
              <button type="button" className="card-log" onClick={() => setSheet('log')}>
                {t('card-page.log')}
              </button>
            )}
          </>
        }
      />
      {sheet === 'log' && rush && (
        <LogSheet
          name={rush.name}
          likely={rush.lost_to}
          onLog={(said) => void write(said)}
          onClose={() => setSheet(null)}
        />
      )}
      {sheet === 'else' && kept.pocket && (
        <SomethingElse
          pocket={kept.pocket}
          card={kept.card}
          outing={id}
          now={now}
          onKeep={(passed) => person && void keepRush(person, passed)}
          onClose={() => setSheet(null)}
        />
      )}
      {logged && <Undoable logged={logged} onDone={() => setLogged(null)} />}
    </>
  );
}

/** No card yet, or none to be had. */
function NoCard({ id, problem, back }: { id: string; problem: string | null; back: ReactNode }) {
  return (
    <div className="card-page">
      <header className="card-head">{back}</header>
      <main className="card-body">
        <article className="card-face">
          <h1>{problem ? t('card-page.no-card') : t('card-page.card')}</h1>
          <p role={problem ? 'alert' : 'status'}>{problem ?? t('card-page.working-the-card-out')}</p>
          {problem && (
            <p>
              <Link to={`/sign-in?to=${encodeURIComponent(`/card/${id}`)}`}>{t('card-page.sign-in')}</Link>
            </p>
          )}
        </article>
      </main>
    </div>
  );
}

/** How old the card is, and what was written down that is still to be sent or was not taken. */
function State({ fetched, person }: { fetched: string; person: string | null }) {
  const online = useOnline();
  const written = useWritten(person);
  const waiting = written.filter((one) => one.state === 'waiting').length;
  const refused = written.find((one) => one.state === 'refused');
  return (
    <>
      {t('card-page.brought-along', {
        fetched,
        isOnline: !online ? 'yes' : 'no',
      })}
      {waiting > 0 && (
        <>
          , <b>{t('card-page.to-send', { waiting })}</b>
        </>
      )}
      {refused && (
        <>
          , <b>{t('card-page.one-not-taken', { problem: refused.problem })}</b>
        </>
      )}
    </>
  );
}

/** Said for a while after something is logged: it can be taken back. */
function Undoable({ logged, onDone }: { logged: string; onDone: () => void }) {
  const done = useSteady(onDone);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is logged next is shown as long again
  useEffect(() => {
    const timer = setTimeout(done, SHOWN);
    return () => clearTimeout(timer);
  }, [logged, done]);
  return (
    <p className="card-said" role="status">
      {t('card-page.logged')}{' '}
      <button
        type="button"
        onClick={() => {
          void takeBack(logged);
          onDone();
        }}
      >
        {t('card-page.undo')}
      </button>
    </p>
  );
}
