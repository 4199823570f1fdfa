import { liveQuery } from 'dexie';
import { asked } from './opening.svelte';
import { patchedRows } from './patched-rows';
import { db, onCommitted, type Operation, type Records, type TableName } from '$lib/data';
import { ofPlayers, recordOf, type OwnedTable } from '$lib/data/questions/records';

/** A value that follows the database. */
export interface Live<T> {
  readonly current: T;
  readonly ready: boolean;
}

/**
 * Follows a database query: the value changes whenever a write, in this tab or another, touches what the
 * query read. Call it while a component is being set up.
 *
 * @param query asks the database; may use the key
 * @param initial the value until the first answer
 * @param key a reactive value on whose change the query is asked anew
 * @param patch gives the new value at once from a change of this tab, before the query has answered
 */
export function live<T>(
  query: () => PromiseLike<T>,
  initial: T,
  key: () => unknown = () => undefined,
  patch?: (value: T, operations: readonly Operation[]) => T
): Live<T> {
  let current = $state.raw(initial);
  let ready = $state(false);
  let failure = $state.raw<unknown>(undefined);
  const answered = asked();
  $effect(() => answered);
  $effect(() => {
    key();
    const subscription = liveQuery(() => Promise.resolve(query())).subscribe({
      next: (value) => {
        current = value;
        ready = true;
        answered();
      },
      error: (error: unknown) => {
        failure = error;
        answered();
      }
    });
    const unhear = patch && onCommitted((operations) => ready && (current = patch(current, operations)));
    return () => {
      subscription.unsubscribe();
      unhear?.();
    };
  });
  $effect(() => {
    if (failure !== undefined) throw failure;
  });
  return {
    get current() {
      return current;
    },
    get ready() {
      return ready;
    }
  };
}

/**
 * Follows some records of a table. What this tab changes is there as soon as the change is in the database.
 *
 * @param belongs whether a record is one of them
 */
export const liveRows = <Name extends TableName>(
  table: Name,
  query: () => PromiseLike<readonly Records[Name][]>,
  belongs: (record: Records[Name]) => boolean,
  key?: () => unknown
): Live<readonly Records[Name][]> =>
  live<readonly Records[Name][]>(query, [], key, (rows, operations) => {
    return patchedRows(
      rows,
      operations.filter((operation) => operation.table === table),
      belongs
    );
  });

/** Follows the records of a table that belong to one player. */
export const liveOwned = <Name extends OwnedTable>(
  table: Name,
  playerId: () => string
): Live<readonly Records[Name][]> =>
  liveRows(
    table,
    () => ofPlayers(db, table, [playerId()]),
    (record) => (record as { readonly playerId: string }).playerId === playerId(),
    playerId
  );

/** Follows one record by its id; null where there is none. */
export const liveRecord = <Name extends TableName>(
  table: Name,
  id: () => string
): Live<Records[Name] | null> =>
  live<Records[Name] | null>(
    () => recordOf(db, table, id()),
    null,
    id,
    (record, operations) =>
      operations.reduce<Records[Name] | null>((current, { table: name, key, after }) => {
        return name === table && key === id() ? (after as Records[Name] | null) : current;
      }, record)
  );
