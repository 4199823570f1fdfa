import type { Operation } from '$lib/data';

/** Rows after some operations on their table; what was changed stands last. */
export function patchedRows<Row extends { readonly id: string }>(
  rows: readonly Row[],
  operations: readonly Operation[],
  belongs: (row: Row) => boolean
): readonly Row[] {
  if (operations.length === 0) return rows;
  const left = new Map(rows.map((row) => [row.id, row]));
  for (const { key, after } of operations) {
    const row = after as unknown as Row | null;
    left.delete(key);
    if (row && belongs(row)) left.set(key, row);
  }
  return [...left.values()];
}
