import type { AnyRecord, TableName } from '../store/tables';

/** What one change did to one record; `null` where there was none before or is none after. */
export interface Operation {
  readonly table: TableName;
  readonly key: string;
  readonly before: AnyRecord | null;
  readonly after: AnyRecord | null;
}

/** One step that can be undone, as the journal tells of it. */
export interface ChangeHead {
  readonly seq?: number;
  readonly at: string;
  /** What was done, for people: `Measured height of Ada`. */
  readonly label: string;
  /** 1 once undone, until it is redone or overtaken. */
  readonly undone: 0 | 1;
  /** What goes on under this name right after it is the same step: a key that is held, a slider that is dragged. */
  readonly joins?: string;
  /** The file that was merged with it: while it is undone, what that file held is not known. */
  readonly base?: string;
}

/** One step as the journal keeps it. */
export interface Change extends ChangeHead {
  /** What it did; of a large step these are kept apart, in parts. */
  readonly operations: readonly Operation[];
  readonly apart?: true;
}

/** A part of what a large step did, in its order. */
export interface ChangePart {
  readonly id?: number;
  readonly seq: number;
  readonly operations: readonly Operation[];
}
