import { ALTERED, isLocked, unlockText, WRONG, type StaysLocked } from './locked-text';
import { LEAST_PASSWORD } from './password';

/**
 * A locked file, in pieces: a head, pieces of ciphertext each bound to its place, and a sum over all of it.
 *
 *     "jarvel-locked" 0x0A | version u8 | rounds u32 | salt 16 | check 16 | bytes of a piece u32
 *     pieces: AES-GCM of so many bytes with 16 of its mark, the last one shorter or empty
 *     SHA-256 over everything before
 *
 * One derivation of 256 bits by PBKDF2 is expanded by HKDF into the key and a proof of the password. The place of a
 * piece and whether it is the last are its counter, so that none can be moved, doubled or cut off.
 */
const MAGIC = new TextEncoder().encode('jarvel-locked\n');
const VERSION = 2;
/** Slow on purpose, a quarter of a second, so that passwords can't be tried by the million. */
const ROUNDS = 600_000;
const MOST_ROUNDS = 5_000_000;
const SALT = 16;
const CHECK = 16;
const TAG = 16;
const SUM = 32;
const PIECE = 1 << 20;
const LEAST_PIECE = 1024;
const HEAD = MAGIC.length + 1 + 4 + SALT + CHECK + 4;

export type Bytes = Uint8Array<ArrayBuffer>;
/** Hears how much is done, 0 to 1. */
export type Report = (share: number) => void;

export type Opened = { readonly ok: true; readonly bytes: Bytes } | StaysLocked;

const isSealed = (bytes: Bytes): boolean => MAGIC.every((byte, index) => bytes[index] === byte);
/** Whether a file is a locked one of either format, whole or not. */
export const isLockedFile = (bytes: Bytes): boolean =>
  isSealed(bytes) || isLocked(new TextDecoder().decode(bytes.subarray(0, 200)));

async function keysOf(password: string, salt: Bytes, rounds: number) {
  const { subtle } = crypto;
  const secret = new TextEncoder().encode(password.normalize('NFKC'));
  const slow = await subtle.importKey('raw', secret, 'PBKDF2', false, ['deriveBits']);
  const bits = await subtle.deriveBits(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds },
    slow,
    256
  );
  const root = await subtle.importKey('raw', bits, 'HKDF', false, ['deriveBits', 'deriveKey']);
  const expand = (what: string) => ({
    name: 'HKDF',
    hash: 'SHA-256',
    salt: new Uint8Array(0),
    info: new TextEncoder().encode(`jarvel ${what}`)
  });
  const key = await subtle.deriveKey(expand('pieces'), root, { name: 'AES-GCM', length: 256 }, false, [
    'encrypt',
    'decrypt'
  ]);
  const check = new Uint8Array(await subtle.deriveBits(expand('proof'), root, 8 * CHECK));
  return { key, check };
}

/** The counter of a piece: its place, and whether it is the last. The key serves one file, so that none comes twice. */
function counterOf(index: number, isLast: boolean): Bytes {
  const iv = new Uint8Array(12);
  new DataView(iv.buffer).setUint32(4, index);
  iv[0] = isLast ? 1 : 0;
  return iv;
}

const gcm = (head: Bytes, index: number, isLast: boolean) => ({
  name: 'AES-GCM',
  iv: counterOf(index, isLast),
  additionalData: head
});

const sumOf = async (bytes: Bytes): Promise<Bytes> =>
  new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
const isSame = (a: Bytes, b: Bytes): boolean =>
  a.length === b.length && a.every((byte, at) => byte === b[at]);

/**
 * Locks bytes with a password. Nothing of them stands in the file.
 *
 * @throws RangeError for a password that is too short
 */
export async function seal(
  bytes: Bytes,
  password: string,
  report: Report = () => undefined,
  { rounds = ROUNDS, piece = PIECE } = {}
): Promise<Bytes> {
  if (password.length < LEAST_PASSWORD)
    throw new RangeError(`a password needs at least ${LEAST_PASSWORD} characters`);
  const salt = crypto.getRandomValues(new Uint8Array(SALT));
  const { key, check } = await keysOf(password, salt, rounds);
  const pieces = Math.floor(bytes.length / piece) + 1;
  const file = new Uint8Array(HEAD + bytes.length + pieces * TAG + SUM);
  const view = new DataView(file.buffer);
  file.set(MAGIC);
  let at = MAGIC.length;
  view.setUint8(at, VERSION);
  view.setUint32(at + 1, rounds);
  file.set(salt, at + 5);
  file.set(check, at + 5 + SALT);
  view.setUint32(at + 5 + SALT + CHECK, piece);
  const head = file.slice(0, HEAD);
  at = HEAD;
  for (let index = 0; index < pieces; index++) {
    const plain = bytes.subarray(index * piece, (index + 1) * piece);
    const cipher = await crypto.subtle.encrypt(gcm(head, index, index === pieces - 1), key, plain);
    file.set(new Uint8Array(cipher), at);
    at += cipher.byteLength;
    report((index + 1) / pieces);
  }
  file.set(await sumOf(file.subarray(0, at)), at);
  return file;
}

/** Opens a locked file of either format. A wrong password and an altered file are told apart; it throws for neither. */
export async function unseal(
  file: Bytes,
  password: string,
  report: Report = () => undefined
): Promise<Opened> {
  if (!isSealed(file)) {
    const opened = await unlockText(new TextDecoder().decode(file), password);
    return opened.ok ? { ok: true, bytes: new TextEncoder().encode(opened.text) } : opened;
  }
  if (file.length < HEAD + TAG + SUM) return ALTERED;
  const view = new DataView(file.buffer, file.byteOffset);
  let at = MAGIC.length;
  const [version, rounds] = [view.getUint8(at), view.getUint32(at + 1)];
  const salt = file.slice(at + 5, at + 5 + SALT);
  const check = file.slice(at + 5 + SALT, at + 5 + SALT + CHECK);
  const piece = view.getUint32(at + 5 + SALT + CHECK);
  if (version !== VERSION || rounds < 1 || rounds > MOST_ROUNDS || piece < LEAST_PIECE) return ALTERED;
  const end = file.length - SUM;
  if (!isSame(await sumOf(file.subarray(0, end)), file.subarray(end))) return ALTERED;
  const { key, check: own } = await keysOf(password, salt, rounds);
  if (!isSame(own, check)) return WRONG;
  const head = file.slice(0, HEAD);
  const pieces = Math.ceil((end - HEAD) / (piece + TAG));
  const bytes = new Uint8Array(end - HEAD - pieces * TAG);
  at = 0;
  for (let index = 0; index < pieces; index++) {
    const from = HEAD + index * (piece + TAG);
    const cipher = file.subarray(from, Math.min(end, from + piece + TAG));
    try {
      const plain = await crypto.subtle.decrypt(gcm(head, index, index === pieces - 1), key, cipher);
      bytes.set(new Uint8Array(plain), at);
      at += plain.byteLength;
    } catch {
      return ALTERED;
    }
    report((index + 1) / pieces);
  }
  return { ok: true, bytes };
}
