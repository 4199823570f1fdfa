/** The first format of locked files, which is only read any more. What it says in clear: nothing of what it holds. */
export const LOCKED_FORMAT = 'jarvel-locked';
export const LOCKED_VERSION = 1;
const MOST_ROUNDS = 5_000_000;
export const SALT_BYTES = 16;
export const IV_BYTES = 12;
const KEY_BITS = 256;

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

/** Why a locked file does not open. */
export interface StaysLocked {
  readonly ok: false;
  readonly why: 'password' | 'altered';
  readonly problem: string;
}
export type Unlocked = { readonly ok: true; readonly text: string } | StaysLocked;

export const ALTERED: StaysLocked = {
  ok: false,
  why: 'altered',
  problem: 'This locked file is not as it was written: it was altered or is not whole. Nothing was changed.'
};
export const WRONG: StaysLocked = {
  ok: false,
  why: 'password',
  problem: 'The password is not the one that this file was locked with. Nothing was changed.'
};

const encoder = new TextEncoder();

export function toBase64(bytes: Uint8Array): string {
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
export async function keysOf(password: string, salt: Uint8Array<ArrayBuffer>, rounds: number) {
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

export const headOf = ({ format, version, rounds, salt, iv, check }: Omit<LockedFile, 'data' | 'sum'>) =>
  encoder.encode(JSON.stringify([format, version, rounds, salt, iv, check]));

export const sumOf = async (head: Uint8Array, data: string): Promise<string> => {
  const all = new Uint8Array([...head, ...encoder.encode(data)]);
  return toBase64(new Uint8Array(await crypto.subtle.digest('SHA-256', all)));
};

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
