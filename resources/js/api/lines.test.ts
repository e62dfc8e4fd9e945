import { expect, test } from 'vitest';
import { lines } from './lines';

const streamOf = (...chunks: Uint8Array[]) =>
  new ReadableStream<Uint8Array>({
    start(controller) {
      for (const chunk of chunks) controller.enqueue(chunk);
      controller.close();
    },
  });

const read = async (...chunks: Uint8Array[]) => {
  const values: unknown[] = [];
  for await (const value of lines(streamOf(...chunks))) values.push(value);
  return values;
};

test('lines are whole wherever the network cuts them, also within a letter', async () => {
  const bytes = new TextEncoder().encode('{"done":0.5}\n{"answer":"Büschel"}\n{"last":1}');
  for (let cut = 0; cut <= bytes.length; cut++) {
    expect(await read(bytes.slice(0, cut), bytes.slice(cut))).toEqual([
      { done: 0.5 },
      { answer: 'Büschel' },
      { last: 1 },
    ]);
  }
});

test('an empty answer has no lines, a broken one is an error', async () => {
  expect(await read()).toEqual([]);
  await expect(read(new TextEncoder().encode('{"done":'))).rejects.toThrow();
});
