import { afterEach, expect, it, vi } from 'vitest';
import { answers, refused, waiting } from '../../testing/answers';
import { left, type Sent, total } from './sending';

const one = (fields: Partial<Sent>): Sent => ({
  key: 'a',
  name: 'a.jpg',
  bytes: 100,
  sent: 0,
  stage: 'queued',
  problem: null,
  ...fields,
});

it('says how far all files are by their bytes, leaving out what was refused or stopped', () => {
  const all = [
    one({ stage: 'sent', sent: 100 }),
    one({ bytes: 300, sent: 100, stage: 'sending' }),
    one({ stage: 'refused', problem: 'no picture' }),
    one({ stage: 'stopped', sent: 40 }),
  ];
  expect(total(all)).toMatchObject({ files: 2, sent: 1, share: 0.5, busy: true });
  expect(total(all).refused).toHaveLength(1);
  expect(total([one({ stage: 'sent', sent: 100 })])).toMatchObject({ share: 1, busy: false });
  expect(total([])).toMatchObject({ files: 0, share: 1, busy: false });
});

it('says the time left as one says it', () => {
  expect(left(3)).toBe('a few seconds left');
  expect(left(42)).toBe('about 40 s left');
  expect(left(200)).toBe('about 3 min left');
});

afterEach(() => {
  sessionStorage.clear();
  vi.resetModules();
});

it('remembers across a reload what was not sent, and lets go of what is chosen again', async () => {
  answers({ 'POST /api/pictures/uploads': waiting });
  const file = (name: string) => new File(['abc'], name, { lastModified: 1 });
  const before = await import('./sending');
  before.add([file('a.jpg'), file('b.jpg')]);
  const leaving = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(leaving);
  expect(leaving.defaultPrevented).toBe(true);
  vi.resetModules();
  const after = await import('./sending');
  expect(after.leftBehind()).toBe(2);
  after.add([file('b.jpg')]);
  expect(after.leftBehind()).toBe(1);
  after.letGo();
  expect(after.leftBehind()).toBe(0);
  after.stop();
  expect(sessionStorage.length).toBe(0);
});

it('sends a refused file once more when asked to', async () => {
  answers({ 'POST /api/pictures/uploads': refused(422, 'There is no room for it.') });
  const { add, snapshot, tryAgain } = await import('./sending');
  add([new File(['abc'], 'a.jpg', { lastModified: 1 })]);
  await vi.waitFor(() =>
    expect(snapshot()[0]).toMatchObject({ stage: 'refused', problem: 'There is no room for it.' }),
  );
  answers({ 'POST /api/pictures/uploads': { picture: 'p', received: 3 } });
  tryAgain(snapshot()[0]?.key ?? '');
  await vi.waitFor(() => expect(snapshot()).toMatchObject([{ stage: 'sent' }]));
});
