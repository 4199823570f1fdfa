import { db } from '$lib/data';
import { isAny } from '$lib/data/questions/records';

/** Where it is noted which version this browser has shown. */
const NOTE = 'jarvel.version';

/** Whether this version is new to a browser that has records. Told until it was seen. */
export async function isNewHere(): Promise<boolean> {
  const seen = localStorage.getItem(NOTE);
  if (seen === null && !(await isAny(db, 'players'))) newSeen();
  return localStorage.getItem(NOTE) !== __APP_VERSION__;
}

export const newSeen = (): void => localStorage.setItem(NOTE, __APP_VERSION__);
