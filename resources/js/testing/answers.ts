import { readFileSync } from 'node:fs';
import { delay, HttpResponse, http } from 'msw';
import { setupServer } from 'msw/node';
import * as sampler from 'openapi-sampler';
import type { components, paths } from '../api/schema';

/*
 * The server as components see it: each test says what is answered, in types made from the description of the API, and
 * may look at what was asked. What nobody answers turns the test red.
 */

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';
/** An operation of the API, such as `GET /api/rushes`. */
export type Call = {
  [P in keyof paths]: {
    [M in Method]: paths[P][M] extends { responses: unknown } ? `${Uppercase<M>} ${P}` : never;
  }[Method];
}[keyof paths];
type Responses<C extends Call> = C extends `${infer M} ${infer P}`
  ? P extends keyof paths
    ? Lowercase<M> extends Method
      ? paths[P][Lowercase<M>] extends { responses: infer R }
        ? R
        : never
      : never
    : never
  : never;
type Body<R> = R extends { content: infer Content }
  ? 'application/json' extends keyof Content
    ? Content['application/json']
    : undefined
  : undefined;
type Success = 200 | 201 | 202 | 204;
/** What a call answers when all goes well. */
export type Answer<C extends Call> = {
  [S in Success]: S extends keyof Responses<C> ? Body<Responses<C>[S]> : never;
}[Success];

/** Something that was asked. */
export type Asked = {
  call: Call;
  path: Record<string, string>;
  query: Record<string, string>;
  body: unknown;
};

/** Anything but an answer in JSON. */
class Reply {
  constructor(readonly make: () => Promise<Response> | Response) {}
}
type Said<C extends Call> = Answer<C> | Reply | ((asked: Asked) => Answer<C> | Reply);
export type Answers = { [C in Call]?: Said<C> };

/** An answer that does not come. */
export const waiting = new Reply(async () => {
  await delay('infinite');
  return HttpResponse.error();
});

/** No connection. */
export const offline = new Reply(() => HttpResponse.error());

/** No, with a sentence, about a field or about all of it. */
export const refused = (status: number, message: string, field?: string) =>
  new Reply(() =>
    HttpResponse.json({ message, ...(field ? { errors: { [field]: [message] } } : {}) }, { status }),
  );

/** What takes playing: how far it is, then the answer. */
export const told = (answer: unknown, steps: number[] = []) =>
  new Reply(() => {
    const lines = [...steps.map((done) => ({ done })), { status: 200, answer }];
    return new HttpResponse(lines.map((line) => `${JSON.stringify(line)}\n`).join(''), {
      headers: { 'Content-Type': 'application/x-ndjson' },
    });
  });

const description = JSON.parse(readFileSync('openapi.json', 'utf8'));

type Schemas = components['schemas'];
/** Any value the description of the API allows, with some of its fields as given. */
export function sample<Name extends keyof Schemas>(name: Name, fields: Partial<Schemas[Name]> = {}) {
  const made = sampler.sample(description.components.schemas[name], {}, description) as Schemas[Name] &
    object;
  return { ...made, ...fields };
}

export const server = setupServer();
/** What was asked since the test began. */
export const asked: Asked[] = [];
/** What nobody answered. */
export const unanswered: string[] = [];

/** The bodies of what was asked of one call. */
export const bodies = (call: Call) => asked.filter((each) => each.call === call).map((each) => each.body);

const readBody = async (request: Request): Promise<unknown> => {
  const text = await request.text();
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
};

/** From now on this is answered; the newest word holds. */
export function answers(said: Answers) {
  server.use(
    ...Object.entries(said).map(([call, what]) => {
      const [method = '', path = ''] = call.split(' ');
      const at = path.replace(/\{(\w+)\}/g, ':$1');
      return http[method.toLowerCase() as Method](at, async ({ request, params }) => {
        const made: Asked = {
          call: call as Call,
          path: params as Record<string, string>,
          query: Object.fromEntries(new URL(request.url).searchParams),
          body: await readBody(request.clone()),
        };
        asked.push(made);
        const answer = typeof what === 'function' ? what(made) : what;
        if (answer instanceof Reply) return answer.make();
        return answer === undefined
          ? new HttpResponse(null, { status: 204 })
          : HttpResponse.json(answer as object);
      });
    }),
  );
}

/** What every page asks: who is there, their habits and kit; somebody of one's own, with nothing yet. */
export const somebody = (): Answers => ({
  'GET /api/session': sample('Session', {
    user: { id: '01', name: 'Ada', email: 'ada@example.test', is_demo: false },
  }),
  'GET /api/habits': sample('Habits', { units: 'metric', colours: 'dark' }),
  'GET /api/account/usage': { used: sample('Amounts'), most: sample('Amounts'), notice: null },
  'GET /api/kit/{type}': [],
  'GET /api/outings': [],
  'GET /api/sweeps': [],
  'GET /api/groups': [],
  'GET /api/tasks': [],
  'GET /api/rushes': { items: [], next: null },
});
