export const LEAST_PASSWORD = 8;

/** Whether this browser can lock files; over a plain connection it can't. */
export const canLock = (): boolean => (globalThis.crypto as Crypto | undefined)?.subtle !== undefined;
