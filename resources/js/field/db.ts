import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { DrillDocument } from '../api/practice';
import type { components } from '../api/schema';
import type { Units } from '../lang/units';

export type Card = components['schemas']['Card'];
export type CardRush = Card['rushes'][number];
export type Pocket = components['schemas']['Pocket'];
export type Burst = components['schemas']['LoggedBurst'];

/** A card as it was brought along: whose it is, from when, and with which rushes of the account. */
export type KeptCard = {
  id: string;
  person: string;
  card: Card;
  pocket: Pocket | null;
  /** Ids of its rushes, by their number in the outing. */
  rushes: string[];
  version: number;
  units: Units;
  /** What it says is said in; those kept before there were several have none. */
  language?: string;
  fetched: number;
};

/** Something that came by and is to be kept as a rush. */
export type PassedBy = {
  id: string;
  outing_id: string;
  who: string;
  metres: number;
  way: string;
  through: string;
  ev100: number;
};

/** A turn of a drill that was played, and the task it was done for. */
export type Turn = { day: string; document: DrillDocument; body?: string | null; task?: string };

/** What waits to be sent, or was: never changed but for how far it has come. */
export type Waiting = {
  id: string;
  person: string;
  made: number;
  state: 'waiting' | 'sent' | 'refused';
  problem?: string;
} & ({ kind: 'burst'; burst: Burst } | { kind: 'rush'; rush: PassedBy } | { kind: 'turn'; turn: Turn });

interface Field extends DBSchema {
  cards: { key: [string, string]; value: KeptCard };
  outbox: { key: string; value: Waiting; indexes: { state: string } };
}

let opened: Promise<IDBPDatabase<Field>> | null = null;

/** What is carried into the field, in this browser. */
export function field(): Promise<IDBPDatabase<Field>> {
  opened ??= openDB<Field>('rush-hold-field', 1, {
    upgrade(db) {
      db.createObjectStore('cards', { keyPath: ['person', 'id'] });
      db.createObjectStore('outbox', { keyPath: 'id' }).createIndex('state', 'state');
    },
    terminated() {
      opened = null;
    },
  });
  return opened;
}

const PERSON = 'rush-hold.person';

/** Who was signed in here last: without a connection nobody else can be asked. */
export const lastPerson = (): string | null => localStorage.getItem(PERSON);

export const rememberPerson = (id: string): void => localStorage.setItem(PERSON, id);

/** Whoever signs out leaves no card behind; what is not sent yet waits for them. */
export async function forgetPerson(): Promise<void> {
  localStorage.removeItem(PERSON);
  await (await field()).clear('cards');
}
