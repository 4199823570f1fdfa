import type { Change, Operation } from '../schema/change';
import type { Database } from '../store/database';

/** How many steps can be taken back. */
export const KEPT_CHANGES = 300;
/** What a step did is kept apart from what is told of it, in parts, where it is more than this. */
const PART = 500;
/** So soon after it a change under the same name still belongs to the step, ms. */
const JOINS_FOR_MS = 1000;

/** The newest step, where what is done under a name right now belongs to it. */
export async function goesOn(db: Database, joins: string): Promise<Change | undefined> {
  const newest = await db.changes.orderBy('seq').last();
  return newest?.joins === joins && newest.undone === 0 && Date.now() - Date.parse(newest.at) < JOINS_FOR_MS
    ? newest
    : undefined;
}

/** Two accounts of what was done as one: a record goes from where it was first to where it is last. */
export function joined(first: readonly Operation[], then: readonly Operation[]): readonly Operation[] {
  const all = new Map<string, Operation>();
  for (const one of [...first, ...then]) {
    const place = `${one.table} ${one.key}`;
    const known = all.get(place);
    all.set(place, known ? { ...known, after: one.after } : one);
  }
  return [...all.values()];
}

/** Keeps a step; what a large one did stands apart, so that whoever asks for its name need not read it. */
export async function keepStep(db: Database, { operations, ...head }: Change): Promise<number> {
  if (operations.length <= PART) {
    const { apart: _, ...rest } = head;
    return db.changes.put({ ...rest, operations });
  }
  const seq = await db.changes.put({ ...head, operations: [], apart: true });
  for (let from = 0; from < operations.length; from += PART)
    await db.parts.add({ seq, operations: operations.slice(from, from + PART) });
  return seq;
}

/** All that a step did, in order. */
export async function operationsOf(db: Database, change: Change): Promise<readonly Operation[]> {
  if (!change.apart || change.seq === undefined) return change.operations;
  const parts = await db.parts.where('seq').equals(change.seq).toArray();
  return parts.flatMap(({ operations }) => operations);
}

/** Puts another account of what a step did in place of the first. */
export async function rewriteStep(db: Database, change: Change): Promise<void> {
  if (change.seq !== undefined) await db.parts.where('seq').equals(change.seq).delete();
  await keepStep(db, change);
}

/** Drops steps with all that they hold. */
export async function dropSteps(db: Database, seqs: readonly number[]): Promise<void> {
  if (seqs.length === 0) return;
  await db.changes.bulkDelete([...seqs]);
  await db.parts
    .where('seq')
    .anyOf([...seqs])
    .delete();
}
