import { expect, it } from 'vitest';
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
