import { commit } from '../journal/changes';
import { UNDO_DELETION_MS } from '../journal/forget';
import type { Database } from '../store/database';
import { TABLE_NAMES, type Records, type TableName } from '../store/tables';
import type { Backup, BackupTables } from './backup';
import { canonical } from './fingerprint';

/** Tables of which a restore says what it would do. */
export type RestoredTable = Exclude<TableName, 'gone'>;
const RESTORED = TABLE_NAMES.filter((name): name is RestoredTable => name !== 'gone');

/** What restoring would do to one kind of record. */
export interface RestoreLine {
  readonly table: RestoredTable;
  readonly added: number;
  readonly changed: number;
  readonly same: number;
  /** Records that only this browser has; they stay, or go when everything is replaced. */
  readonly onlyHere: number;
}

/** What restoring would do. */
export interface RestorePreview {
  readonly lines: readonly RestoreLine[];
  /** Names of players who were deleted here and would come back. */
  readonly back: readonly string[];
}

export type RestoreMode = 'merge' | 'replace';

/** What differs between a backup's table and what is stored. */
async function differences<Name extends RestoredTable>(
  db: Database,
  table: Name,
  coming: BackupTables[Name]
) {
  const here = new Map(
    (await db.table<Records[Name], string>(table).toArray()).map((record) => [record.id, record])
  );
  const [added, changed]: [Records[Name][], Records[Name][]] = [[], []];
  for (const record of coming as readonly Records[Name][]) {
    const known = here.get(record.id);
    here.delete(record.id);
    if (!known) added.push(record);
    else if (JSON.stringify(known) !== JSON.stringify(record) && canonical(known) !== canonical(record))
      changed.push(record);
  }
  return { added, changed, onlyHere: [...here.keys()] };
}

/** Compares a backup with what is stored, before anything is written. */
export async function previewRestore(db: Database, { tables }: Backup): Promise<RestorePreview> {
  const lines: RestoreLine[] = [];
  for (const table of RESTORED) {
    const { added, changed, onlyHere } = await differences(db, table, tables[table]);
    lines.push({
      table,
      added: added.length,
      changed: changed.length,
      same: tables[table].length - added.length - changed.length,
      onlyHere: onlyHere.length
    });
  }
  const stones = new Set(await db.gone.toCollection().primaryKeys());
  return { lines, back: tables.players.filter(({ id }) => stones.has(id)).map(({ name }) => name) };
}

/** What a restore did. */
export interface Restored {
  /** Until when it can be taken back as a whole, where players went with it; null for as long as any other step. */
  readonly until: string | null;
}

/**
 * Puts a backup's records in place, as one step that can be undone. Players who were deleted here come back.
 *
 * @param backup as `readBackup` gave it: its records are held against their schemas
 * @param mode `merge` keeps what only this browser has, `replace` removes it
 * @param report hears how many of how many tables are done; what it throws cancels the restore
 */
export const restoreBackup = (
  db: Database,
  { tables }: Backup,
  mode: RestoreMode,
  report: (done: number, total: number) => void = () => undefined
): Promise<Restored> =>
  commit(db, 'Restored a backup', async ({ putAll, removeAll }) => {
    let until: string | null = null;
    for (const [index, table] of RESTORED.entries()) {
      report(index, RESTORED.length);
      const { added, changed, onlyHere } = await differences(db, table, tables[table]);
      await putAll(table, [...added, ...changed], true);
      if (mode === 'merge' || onlyHere.length === 0) continue;
      await removeAll(table, onlyHere);
      if (table === 'players') until = new Date(Date.now() + UNDO_DELETION_MS).toISOString();
    }
    report(RESTORED.length, RESTORED.length);
    // Who was deleted elsewhere and is not here stays away; tombstones of this browser stay in any case.
    const there = new Set(await db.players.toCollection().primaryKeys());
    await putAll(
      'gone',
      tables.gone.filter(({ id }) => !there.has(id)).map(({ id, day }) => ({ id, day })),
      true
    );
    return { until };
  });
