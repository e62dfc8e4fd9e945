/** Reads a stream of lines of JSON, one value at a time, however the network cuts it up. */
export async function* lines(stream: ReadableStream<Uint8Array>): AsyncGenerator<unknown> {
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  try {
    for (;;) {
      const { done, value } = await reader.read();
      rest += done ? decoder.decode() : decoder.decode(value, { stream: true });
      const whole = rest.split('\n');
      rest = whole.pop() ?? '';
      for (const line of whole) if (line.trim() !== '') yield JSON.parse(line);
      if (done) {
        if (rest.trim() !== '') yield JSON.parse(rest);
        return;
      }
    }
  } finally {
    reader.releaseLock();
  }
}
