import {
  headOf,
  IV_BYTES,
  keysOf,
  LOCKED_FORMAT,
  LOCKED_VERSION,
  SALT_BYTES,
  sumOf,
  toBase64
} from './locked-text';

/** A file as the first format wrote it. */
export async function lockText(text: string, password: string, rounds: number): Promise<string> {
  const salt = crypto.getRandomValues(new Uint8Array(SALT_BYTES));
  const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
  const { key, check } = await keysOf(password, salt, rounds);
  const said = {
    format: LOCKED_FORMAT,
    version: LOCKED_VERSION,
    rounds,
    salt: toBase64(salt),
    iv: toBase64(iv),
    check
  } as const;
  const head = headOf(said);
  const sealed = await crypto.subtle.encrypt(
    { name: 'AES-GCM', iv, additionalData: head },
    key,
    new TextEncoder().encode(text)
  );
  const data = toBase64(new Uint8Array(sealed));
  return JSON.stringify({ ...said, data, sum: await sumOf(head, data) });
}
