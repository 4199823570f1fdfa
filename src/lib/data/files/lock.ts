/** What a locked file says in clear: nothing of what it holds. */
export const LOCKED_FORMAT = 'jarvel-locked';
const LOCKED_VERSION = 1;
/** Rounds of the key derivation: slow on purpose, about half a second, so that passwords can't be tried by the million. */
const ROUNDS = 600_000;
const MOST_ROUNDS = 5_000_000;
const SALT_BYTES = 16;
const IV_BYTES = 12;
const KEY_BITS = 256;
export const LEAST_PASSWORD = 8;

interface LockedFile {
  readonly format: typeof LOCKED_FORMAT;
  readonly version: number;
  readonly rounds: number;
  readonly salt: string;
  readonly iv: string;
  /** Tells a wrong password from an altered file. */
  readonly check: string;
  readonly data: string;
  /** Of all the rest: whether the file is as it was written. */
  readonly sum: string;
}

export type Unlocked =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly why: 'password' | 'altered'; readonly problem: string };

const ALTERED: Unlocked = {
  ok: false,
  why: 'altered',
  problem: 'This locked file is not as it was written: it was altered or is not whole. Nothing was changed.'
};
const WRONG: Unlocked = {
  ok: false,
  why: 'password',
  problem: 'The password is not the one that this file was locked with. Nothing was changed.'
};

/** Whether this browser can lock files; over a plain connection it can't. */
export const canLock = (): boolean => (globalThis.crypto as Crypto | undefined)?.subtle !== undefined;

const encoder = new TextEncoder();

function toBase64(bytes: Uint8Array): string {
  let binary = '';
  // In pieces: a call takes only so many arguments.
  for (let at = 0; at < bytes.length; at += 0x8000)
    binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(binary);
}
const BASE64 = /^[A-Za-z0-9+/]*={0,2}$/;
function fromBase64(text: string): Uint8Array<ArrayBuffer> | null {
  if (!BASE64.test(text) || text.length % 4 !== 0) return null;
  const binary = atob(text);
  const bytes = new Uint8Array(binary.length);
  for (let i = 0; i < binary.length; i++) bytes[i] = binary.charCodeAt(i);
  // What is written otherwise but read the same is not as it was written.
  return toBase64(bytes) === text ? bytes : null;
}

/** A key for the file and a proof of the password, both from the password. */
async function keysOf(password: string, salt: Uint8Array<ArrayBuffer>, rounds: number) {
  const { subtle } = crypto;
  const base = await subtle.importKey('raw', encoder.encode(password.normalize('NFKC')), 'PBKDF2', false, [
    'deriveBits'
  ]);
  const bits = await subtle.deriveBits(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds },
    base,
    2 * KEY_BITS
  );
  const half = KEY_BITS / 8;
  const key = await subtle.importKey('raw', bits.slice(0, half), 'AES-GCM', false, ['encrypt', 'decrypt']);
  const check = toBase64(new Uint8Array(await subtle.digest('SHA-256', bits.slice(half))));
  return { key, check };
}

const headOf = ({ format, version, rounds, salt, iv, check }: Omit<LockedFile, 'data' | 'sum'>) =>
  encoder.encode(JSON.stringify([format, version, rounds, salt, iv, check]));

const sumOf = async (head: Uint8Array, data: string): Promise<string> => {
  const all = new Uint8Array([...head, ...encoder.encode(data)]);
  return toBase64(new Uint8Array(await crypto.subtle.digest('SHA-256', all)));
};

/**
 * Locks a text with a password: AES-GCM with a key from PBKDF2. Nothing of the text stands in the file.
 *
 * @throws RangeError for a password that is too short
 */
export async function lockText(text: string, password: string, rounds = ROUNDS): Promise<string> {
  if (password.length < LEAST_PASSWORD)
    throw new RangeError(`a password needs at least ${LEAST_PASSWORD} characters`);
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
    encoder.encode(text)
  );
  const data = toBase64(new Uint8Array(sealed));
  return JSON.stringify({ ...said, data, sum: await sumOf(head, data) });
}

const KEYS = ['format', 'version', 'rounds', 'salt', 'iv', 'check', 'data', 'sum'];

function parsed(text: string): Record<string, unknown> | null {
  try {
    const file: unknown = JSON.parse(text);
    return typeof file === 'object' && file !== null && !Array.isArray(file)
      ? (file as Record<string, unknown>)
      : null;
  } catch {
    return null;
  }
}

/** Whether a file is a locked one, whole or not. */
export const isLocked = (text: string): boolean => text.slice(0, 200).includes(`"${LOCKED_FORMAT}"`);

/** Opens a locked file. A wrong password and an altered file are told apart; it never throws for either. */
export async function unlockText(text: string, password: string): Promise<Unlocked> {
  const file = parsed(text);
  if (!file || Object.keys(file).join() !== KEYS.join()) return ALTERED;
  const { format, version, rounds, salt, iv, check, data, sum } = file as unknown as LockedFile;
  if (format !== LOCKED_FORMAT || version !== LOCKED_VERSION) return ALTERED;
  if (!Number.isInteger(rounds) || rounds < 1 || rounds > MOST_ROUNDS) return ALTERED;
  if (![salt, iv, check, data, sum].every((part) => typeof part === 'string')) return ALTERED;
  const [saltBytes, ivBytes, dataBytes] = [fromBase64(salt), fromBase64(iv), fromBase64(data)];
  if (saltBytes?.length !== SALT_BYTES || ivBytes?.length !== IV_BYTES || !dataBytes) return ALTERED;
  const head = headOf({ format, version, rounds, salt, iv, check });
  if ((await sumOf(head, data)) !== sum) return ALTERED;
  // Spaces that were put in change nothing that is said, but the file is not as it was written.
  if (JSON.stringify(file) !== text.trim()) return ALTERED;
  const { key, check: own } = await keysOf(password, saltBytes, rounds);
  if (own !== check) return WRONG;
  try {
    const opened = await crypto.subtle.decrypt(
      { name: 'AES-GCM', iv: ivBytes, additionalData: head },
      key,
      dataBytes
    );
    return { ok: true, text: new TextDecoder().decode(opened) };
  } catch {
    return ALTERED;
  }
}
