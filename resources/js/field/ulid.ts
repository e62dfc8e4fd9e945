const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** An id of 26 letters and figures that nobody else makes, of which later ones sort after earlier ones. */
export function ulid(now = Date.now()): string {
  let id = '';
  for (let time = now, i = 0; i < 10; i++, time = Math.floor(time / 32)) id = LETTERS[time % 32] + id;
  return id + [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => LETTERS[byte % 32]).join('');
}
