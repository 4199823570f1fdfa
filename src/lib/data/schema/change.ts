import type { Records, TableName } from '../store/tables';

/** What one change did to one record; `null` where there was none before or is none after. */
export interface Operation {
  readonly table: TableName;
  readonly key: string;
  readonly before: Records[TableName] | null;
  readonly after: Records[TableName] | null;
}

/** One step that can be undone, as kept in the journal. */
export interface Change {
  readonly seq?: number;
  readonly at: string;
  /** What was done, for people: `Measured height of Ada`. */
  readonly label: string;
  readonly operations: readonly Operation[];
  /** 1 once undone, until it is redone or overtaken. */
  readonly undone: 0 | 1;
  /** Players whom it deleted; a while later nothing of them is left in the journal either. */
  readonly deletes?: readonly string[];
}
