/** Records of every table by the table's name, as an earlier version wrote them. */
export type Rows = Record<string, object[]>;

/** A record of an earlier version, of which only what concerns the migration is known. */
export type Old = Record<string, unknown>;

export const isObject = (value: unknown): value is Old =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
export const rowsOf = (rows: Rows, table: string): Old[] => (rows[table] ?? []).filter(isObject);
export const text = (value: unknown): string => (typeof value === 'string' ? value : '');
