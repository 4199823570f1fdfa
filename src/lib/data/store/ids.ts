const LENGTH = 12;
const LETTERS = '0123456789abcdefghijkmnpqrstuvwxyz';

/** A new random id. Uses getRandomValues, which also works on a plain local network, unlike randomUUID. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(LENGTH));
  return Array.from(bytes, (byte) => LETTERS[byte % LETTERS.length]).join('');
}
