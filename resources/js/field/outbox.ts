import { client, Refusal, take } from '../api/client';
import { type KeptDrill, practiceActions, taskActions } from '../api/practice';
import { t } from '../lang/ui';
import { type Burst, field, type PassedBy, type Turn, type Waiting } from './db';
import { ulid } from './ulid';

/** So long something can be taken back before it goes out, ms. */
export const TAKE_BACK = 6000;

const AT_ONCE = 100;

const listeners = new Set<() => void>();
const changed = () => {
  for (const listener of listeners) listener();
};

/** Hears whenever something is written down or sent. */
export const onOutbox = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

async function write(waiting: Waiting): Promise<void> {
  await (await field()).put('outbox', waiting);
  changed();
  setTimeout(() => void send(waiting.person), TAKE_BACK + 100);
}

/** Writes a burst down here; it goes out when there is a connection. */
export const log = (person: string, burst: Burst) =>
  write({ id: burst.id, person, made: Date.now(), state: 'waiting', kind: 'burst', burst });

/** Writes down what came by, to be kept as a rush. */
export const keepRush = (person: string, rush: PassedBy) =>
  write({ id: rush.id, person, made: Date.now(), state: 'waiting', kind: 'rush', rush });

/** Takes back what has not gone out yet. */
export async function takeBack(id: string): Promise<void> {
  const db = await field();
  if ((await db.get('outbox', id))?.state === 'waiting') await db.delete('outbox', id);
  changed();
}

const ofPerson = async (person: string) =>
  (await (await field()).getAll('outbox')).filter((one) => one.person === person);

/** All that somebody wrote down on a card here, the last first. */
export async function written(person: string): Promise<Waiting[]> {
  return (await ofPerson(person)).filter((one) => one.kind !== 'turn').sort((a, b) => b.made - a.made);
}

/** How many turns of drills wait here. */
export async function turnsWaiting(person: string): Promise<number> {
  return (await ofPerson(person)).filter((one) => one.kind === 'turn').length;
}

/** Ends a session’s protection that ran out while there was no connection: the next answer brings a new one. */
const renew = () => client.GET('/api/session').catch(() => undefined);

async function post(bursts: Burst[]) {
  const call = () => client.POST('/api/bursts', { body: { bursts } });
  const first = await call();
  if (first.response.status !== 419) return take(Promise.resolve(first));
  await renew();
  return take(call());
}

/** Whether the server said no to it as it is, so that it would say so again. */
export const isRefused = (error: unknown): error is Refusal =>
  error instanceof Refusal &&
  error.status >= 400 &&
  error.status < 500 &&
  ![401, 408, 419, 429].includes(error.status);

/** Turns of this page: what waits, and what became of it. A browser that keeps nothing has them as long as it is open. */
const turns = new Map<string, { turn: Turn; sent?: Promise<KeptDrill> }>();

/** Writes down a turn that was played; it goes out with `sendTurn`, or when there is a connection. */
export async function keepTurn(person: string, turn: Turn): Promise<string> {
  const id = ulid();
  turns.set(id, { turn });
  try {
    await (await field()).put('outbox', {
      id,
      person,
      made: Date.now(),
      state: 'waiting',
      kind: 'turn',
      turn,
    });
  } catch {
    // It goes out from memory.
  }
  changed();
  return id;
}

/** Sends a turn, and says what the server made of it. What is refused as it is would be refused again: it is let go. */
export function sendTurn(id: string, turn = turns.get(id)?.turn): Promise<KeptDrill> {
  if (!turn) return Promise.reject(new Refusal(t('outbox.it-cannot-be-kept'), 422, null));
  const known = turns.get(id)?.sent;
  if (known) return known;
  const sent = deliver(id, turn);
  turns.set(id, { turn, sent });
  sent.catch(() => turns.set(id, { turn })).finally(changed);
  return sent;
}

async function deliver(id: string, { task, ...played }: Turn): Promise<KeptDrill> {
  const letGo = () =>
    field()
      .then((db) => db.delete('outbox', id))
      .catch(() => undefined);
  const keep = () => practiceActions.keep({ key: id, ...played });
  try {
    const kept = await keep().catch(async (error) => {
      if (!(error instanceof Refusal) || error.status !== 419) throw error;
      await renew();
      return keep();
    });
    if (task) await taskActions.done({ id: task, drill: kept.id }).catch(() => undefined);
    await letGo();
    return kept;
  } catch (error) {
    if (isRefused(error)) await letGo();
    throw error;
  }
}

let sending: Promise<void> | null = null;

/**
 * Sends what waits. Each has an id from here, so that what was sent and never answered is sent again and kept once;
 * what the server cannot take says why, and stays.
 */
export function send(person: string): Promise<void> {
  sending ??= sendNow(person).finally(() => {
    sending = null;
  });
  return sending;
}

async function sendNow(person: string): Promise<void> {
  if (!navigator.onLine) return;
  const db = await field();
  const mark = async (one: Waiting, state: 'sent' | 'refused', problem?: string) => {
    await db.put('outbox', { ...one, state, ...(problem ? { problem } : {}) });
  };
  try {
    const ready = (await db.getAllFromIndex('outbox', 'state', 'waiting'))
      .filter((one) => one.person === person && one.made <= Date.now() - TAKE_BACK)
      .sort((a, b) => a.made - b.made);
    const bursts = ready.filter((one) => one.kind === 'burst');
    for (let i = 0; i < bursts.length; i += AT_ONCE) {
      const some = bursts.slice(i, i + AT_ONCE);
      const said = await post(some.map((one) => one.burst));
      for (const one of some) {
        const refused = said.refused.find((r) => r.id === one.id);
        if (refused) await mark(one, 'refused', refused.message);
        else if (said.kept.includes(one.id)) await mark(one, 'sent');
      }
    }
    for (const one of ready.filter((w) => w.kind === 'rush')) {
      const { outing_id, ...body } = one.rush;
      const path = { id: outing_id };
      const { response, error } = await client.POST('/api/outings/{id}/passed-by', {
        params: { path },
        body: body as never,
      });
      if (response.ok) await mark(one, 'sent');
      else if ([404, 422].includes(response.status))
        await mark(one, 'refused', (error as { message?: string })?.message ?? t('outbox.it-cannot-be-kept'));
    }
    for (const one of ready.filter((w) => w.kind === 'turn')) {
      await sendTurn(one.id, one.turn).catch((error) => {
        if (!isRefused(error)) throw error;
      });
    }
  } catch {
    // It stays and is sent another time.
  } finally {
    changed();
  }
}
