import { sha256 } from '@noble/hashes/sha2.js';
import { client, Refusal, take } from '../../api/client';
import { t } from '../../lang/pictures';

/** How far one file is on its way. */
export type Sent = {
  key: string;
  name: string;
  bytes: number;
  sent: number;
  stage: 'queued' | 'reading' | 'sending' | 'sent' | 'refused' | 'stopped';
  problem: string | null;
};

const PIECE = 2_000_000;
const AT_ONCE = 3;
const TRIES = 6;
const WAIT = 800;

/** Of this device, for cameras whose clock does not say in which zone it is. */
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Where the names are kept of what is on its way: the files themselves do not outlive the page. */
const KEPT = 'rush-hold.sending';
const MOST_KEPT = 5000;

let files: Sent[] = [];
let waiting: { key: string; file: File }[] = [];
let working = 0;
/** Refused ones, until they are cleared away, so that they can be sent again. */
const refusedFiles = new Map<string, File>();
/** What was on its way when the page was left. */
let unsent: string[] = kept();
const listeners = new Set<() => void>();

function kept(): string[] {
  try {
    const names: unknown = JSON.parse(sessionStorage.getItem(KEPT) ?? '[]');
    return Array.isArray(names) ? names.filter((name) => typeof name === 'string') : [];
  } catch {
    return [];
  }
}

const underWay = () => files.filter((one) => ['queued', 'reading', 'sending'].includes(one.stage));

/** Writing the names of thousands at each piece would take longer than sending it. */
const keep = () => {
  const names = [...unsent, ...underWay().map((one) => one.key)].slice(0, MOST_KEPT);
  if (names.length === 0) sessionStorage.removeItem(KEPT);
  else sessionStorage.setItem(KEPT, JSON.stringify(names));
};

// The browser asks before it leaves behind what is on its way.
window.addEventListener('beforeunload', (event) => {
  keep();
  if (underWay().length > 0) event.preventDefault();
});

const tell = () => {
  for (const listener of listeners) listener();
};

const change = (key: string, to: Partial<Sent>) => {
  files = files.map((one) => (one.key === key ? { ...one, ...to } : one));
  tell();
};

const stopped = (key: string) => files.find((one) => one.key === key)?.stage === 'stopped';

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** What is in a file, as 64 letters and figures: the same file is never sent twice. */
async function contentOf(file: File): Promise<string> {
  const hash = sha256.create();
  for (let at = 0; at < file.size; at += PIECE) {
    hash.update(new Uint8Array(await file.slice(at, at + PIECE).arrayBuffer()));
  }
  return [...hash.digest()].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Tries again where the way was cut, not where the server said no. */
async function again<T>(key: string, call: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await call();
    } catch (error) {
      const cut =
        error instanceof Refusal && (error.status === 0 || error.status >= 500 || error.status === 429);
      if (!cut || tries >= TRIES || stopped(key)) throw error;
      await pause(WAIT * 2 ** tries);
    }
  }
}

async function send(key: string, file: File) {
  if (file.size === 0) throw new Error(t('sending.the-file-is-empty'));
  change(key, { stage: 'reading' });
  const content = await contentOf(file);
  const { picture, received } = await again(key, () =>
    take(
      client.POST('/api/pictures/uploads', {
        body: {
          sha256: content,
          name: file.name.slice(-200),
          bytes: file.size,
          ...(file.lastModified > 0 ? { written_ms: file.lastModified } : {}),
          ...(zone ? { zone } : {}),
        },
      }),
    ),
  );
  change(key, { stage: 'sending', sent: received });
  if (picture) return;
  // It goes on where it stopped, whenever that was.
  for (let at = received; at < file.size; ) {
    if (stopped(key)) return;
    const from = at;
    const answer = await again(key, () =>
      take(
        client.PUT('/api/pictures/uploads/{sha256}', {
          params: { path: { sha256: content }, query: { from } },
          body: file.slice(from, from + PIECE) as unknown as string,
          bodySerializer: (body: unknown) => body as Blob,
          headers: { 'Content-Type': 'application/octet-stream' },
        }),
      ),
    );
    if (answer.picture) return;
    if (answer.received === at) throw new Error(t('sending.it-did-not-come'));
    at = answer.received;
    change(key, { sent: at });
  }
}

async function work() {
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    const { key, file } = next;
    if (stopped(key)) continue;
    try {
      await send(key, file);
      if (!stopped(key)) change(key, { stage: 'sent', sent: file.size });
    } catch (error) {
      refusedFiles.set(key, file);
      change(key, { stage: 'refused', problem: (error as Error).message });
    }
  }
  working--;
  tell();
}

/** Files to be sent; it goes on while one looks at other pages. */
export function add(more: File[]) {
  const known = new Set(
    files.filter((one) => one.stage !== 'refused' && one.stage !== 'stopped').map((one) => one.key),
  );
  const fresh = more
    .map((file) => ({ key: `${file.name} ${file.size} ${file.lastModified}`, file }))
    .filter(({ key }) => !known.has(key));
  const keys = new Set(fresh.map(({ key }) => key));
  unsent = unsent.filter((key) => !keys.has(key));
  for (const key of keys) refusedFiles.delete(key);
  files = [
    ...files.filter((one) => !keys.has(one.key)),
    ...fresh.map(({ key, file }) => ({
      key,
      name: file.name,
      bytes: file.size,
      sent: 0,
      stage: 'queued' as const,
      problem: null,
    })),
  ];
  waiting.push(...fresh);
  while (working < AT_ONCE && waiting.length > 0) {
    working++;
    void work();
  }
  keep();
  tell();
}

/** A file that was not taken in, once more. */
export function tryAgain(key: string) {
  const file = refusedFiles.get(key);
  if (file) add([file]);
}

export function stop() {
  waiting = [];
  files = files.map((one) =>
    ['queued', 'reading', 'sending'].includes(one.stage) ? { ...one, stage: 'stopped' } : one,
  );
  keep();
  tell();
}

export function forget() {
  files = underWay();
  refusedFiles.clear();
  tell();
}

/** How many were on their way when the page was left and have not been chosen again. */
export const leftBehind = () => unsent.length;

export function letGo() {
  unsent = [];
  keep();
  tell();
}

export const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

export const snapshot = () => files;

/** How far all of it is. */
export function total(all: Sent[]) {
  const under = all.filter((one) => one.stage !== 'refused' && one.stage !== 'stopped');
  const bytes = under.reduce((sum, one) => sum + one.bytes, 0);
  return {
    files: under.length,
    sent: under.filter((one) => one.stage === 'sent').length,
    share: bytes === 0 ? 1 : under.reduce((sum, one) => sum + one.sent, 0) / bytes,
    busy: under.some((one) => one.stage !== 'sent'),
    refused: all.filter((one) => one.stage === 'refused'),
  };
}

/** Time left, as one says it. */
export function left(seconds: number): string {
  if (seconds < 8) return t('sending.a-few-seconds-left');
  if (seconds < 90) return t('sending.about-s-left', { seconds: Math.round(seconds / 5) * 5 });
  return t('sending.about-min-left', { seconds: Math.round(seconds / 60) });
}
