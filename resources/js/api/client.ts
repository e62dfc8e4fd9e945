import createClient, { type Middleware } from 'openapi-fetch';
import { t } from '../lang/ui';
import { lines } from './lines';
import type { components, paths } from './schema';
import type { AskingWindow } from './window';

/** A document as the server gives it: whatever somebody left out is filled in. */
type Whole<T> = T extends (infer Item)[]
  ? Whole<Item>[]
  : T extends object
    ? { [Name in keyof T]-?: Whole<Exclude<T[Name], undefined>> }
    : T;

type Documents = components['schemas'];

/** A body has some areas only. */
export type Body = Omit<Whole<Documents['Body']>, 'areas'> & {
  areas: { [Name in AreaName]?: AreaShape };
};
export type AreaName = keyof NonNullable<Documents['Body']['areas']>;
export type AreaShape = Whole<NonNullable<NonNullable<Documents['Body']['areas']>['point']>>;
export type Lens = Whole<Documents['Lens']>;
/** Light comes from one of several sources. */
export type Light = NonNullable<Documents['Rush']['light']>;
export type Rush = Whole<Omit<Documents['Rush'], 'kit' | 'light'>> & {
  light: Light;
  kit: Omit<Whole<NonNullable<Documents['Rush']['kit']>>, 'body' | 'lens'> & { body: Body; lens: Lens };
};
export type Subject = Rush['subject'];
export type SubjectProfile = Whole<Documents['SubjectProfile']>;
export type Hold = components['schemas']['Hold'];
export type Plan = components['schemas']['Plan'];
export type PlanLine = Plan['lines'][number];
export type SavedRush = Omit<components['schemas']['SavedRush'], 'document'> & { document: Rush };
export type KitItem = components['schemas']['KitItem'];
export type KitListing = components['schemas']['KitListing'];
export type Habits = components['schemas']['Habits'];
export type KitType = KitItem['type'];
export type RushSummary = components['schemas']['RushSummary'];
export type Session = components['schemas']['Session'];

/** What the server said when it refused: a sentence, and the field it is about. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field: string | null,
  ) {
    super(message);
  }

  /** Whether the way on is to sign in again. */
  get signedOut(): boolean {
    return this.status === 401 || this.status === 419;
  }
}

/** So long the same, sent again, counts as pressed twice, ms. */
const SAME_PRESS = 1500;
const pressed = new Map<string, { key: string; until: number }>();

/** The key under which the server does something once: the same for a double press, another one for the next time. */
function keyOf(what: string, now: number): string {
  for (const [each, { until }] of pressed) if (until <= now) pressed.delete(each);
  const known = pressed.get(what) ?? { key: crypto.randomUUID(), until: now + SAME_PRESS };
  pressed.set(what, known);
  return known.key;
}

/** What only asks: the same twice is two questions, and a newer one overtakes. */
const ASKS =
  /^\/api\/(plan|rank|compare|frame|day|layout|speed|stopwatch|cause|lenses\/choose|aim-test|drills\/course)$/;

const once: Middleware = {
  async onRequest({ request }) {
    const path = new URL(request.url).pathname;
    if (request.method !== 'POST' || ASKS.test(path) || !globalThis.crypto?.randomUUID) return request;
    if (request.headers.has('Idempotency-Key')) return request;
    const body = request.headers.get('Content-Type')?.includes('json') ? await request.clone().text() : null;
    if (body !== null) request.headers.set('Idempotency-Key', keyOf(`${path} ${body}`, Date.now()));
    return request;
  },
};

const csrf: Middleware = {
  onRequest({ request }) {
    const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1];
    if (token) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    if (!request.headers.get('Accept')?.startsWith('application/')) {
      request.headers.set('Accept', 'application/json');
    }
    return request;
  },
};

export const client = createClient<paths>({ baseUrl: '/', credentials: 'same-origin' });
client.use(csrf);
client.use(once);

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer, or the refusal thrown. */
export async function take<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error;
    throw new Refusal(t('client.the-server-does-not'), 0, null);
  }
  if (answer.response.ok) return answer.data as T;
  throw refusal(answer.response.status, answer.error);
}

/** What the server said no to, as an error. */
function refusal(status: number, said: unknown): Refusal {
  const problem = (said ?? {}) as { message?: string; errors?: Record<string, string[]> };
  const field = problem.errors ? (Object.keys(problem.errors)[0] ?? null) : null;
  const first = field ? problem.errors?.[field]?.[0] : undefined;
  return new Refusal(
    status === 419 || status === 401
      ? t('client.you-are-no-longer')
      : (first ?? problem.message ?? t('client.something-went-wrong-on')),
    status,
    field,
  );
}

/** What a call takes to have the way to its answer told, line by line. */
export const told = { headers: { Accept: 'application/x-ndjson' }, parseAs: 'stream' } as const;

/** The answer to a question that takes playing; its window hears how far it has come, `early` what is known before all of it is. */
export async function follow<T>(
  call: Promise<Answer<ReadableStream<Uint8Array> | null>>,
  window: AskingWindow,
  early: (answer: T) => void = () => undefined,
): Promise<T> {
  const stream = await take(call);
  if (stream) {
    for await (const line of lines(stream)) {
      const said = line as { done?: number; early?: unknown; status?: number; answer?: unknown };
      if (said.done !== undefined) window.reached(said.done);
      if (said.early !== undefined) early(said.early as T);
      if (said.status === 200) return said.answer as T;
      if (said.status !== undefined) throw refusal(said.status, said.answer);
    }
  }
  throw new Refusal(t('client.the-server-stopped-before'), 0, null);
}
