import type { Database } from '../store/database';
import { keepTyped } from '../journal/changes';
import type { Typed } from '../store/records';

/** Stands for the player of a form whose player is not there yet. */
export const NEW_PLAYER = 'new';
/** Stands for the settings, which are nobody's. */
export const SETTINGS_FORM = 'settings';
const isForm = (owner: string): boolean => owner === NEW_PLAYER || owner === SETTINGS_FORM;

/** One text of one field: of a player, or of a place where no player is concerned. */
const typedRecord = (
  owner: string,
  field: string,
  text: string,
  now: Date,
  ofPlayer = !isForm(owner)
): Typed => ({
  id: `${owner}:${field}`,
  playerId: ofPlayer ? owner : null,
  field,
  text,
  at: now.toISOString()
});

/** Keeps the text of a field as it is being typed, so that a killed tab loses none of it; an empty one goes. */
export const keepText = (
  db: Database,
  owner: string,
  field: string,
  text: string,
  now = new Date()
): Promise<void> => keepTyped(db, 'What is typed', [typedRecord(owner, field, text, now)]);

/** Every text that is being typed at a player, by field. */
export async function typedOf(db: Database, owner: string): Promise<Readonly<Record<string, string>>> {
  const rows = isForm(owner)
    ? await db.typed.filter(({ playerId }) => playerId === null).toArray()
    : await db.typed.where('playerId').equals(owner).toArray();
  return Object.fromEntries(
    rows.filter(({ id }) => id.startsWith(`${owner}:`)).map(({ field, text }) => [field, text])
  );
}

/** Drops what is typed at a player, or some fields of it; what was typed has become a record. */
export async function clearTyped(
  db: Database,
  owner: string,
  which: (field: string) => boolean = () => true
): Promise<void> {
  const rows = await db.typed.where(':id').startsWith(`${owner}:`).toArray();
  await db.typed.bulkDelete(rows.filter(({ field }) => which(field)).map(({ id }) => id));
}
