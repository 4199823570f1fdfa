import { restsOn, TABLES, type AnyRecord, type TableName } from '../store/tables';
import type { Known } from './known';
import { printOf } from './fingerprint';

/**
 * What becomes of two copies of the records that began alike. A record is known by its table and its id. What belongs
 * to a player is decided with the player: one who is there in both copies has records that come, change and go by
 * themselves; one who was deleted in one of them goes or stays with all of them.
 */
export type MergeCase =
  /** Only there, and never known before: it comes. */
  | 'new'
  | 'same'
  /** Changed there, or here, or in both. */
  | 'changed-there'
  | 'changed-here'
  | 'both'
  /** Taken away there and not touched here: it goes. */
  | 'deleted-there'
  /** Only here, or taken away here: it stays so. */
  | 'only-here'
  | 'deleted-here'
  /** A player who was deleted in one copy and changed in the other: nothing happens until somebody says what. */
  | 'asked'
  /** It belongs to a player who is asked about. */
  | 'follows';

/** A record with where it belongs. */
export interface Held {
  readonly table: TableName;
  readonly id: string;
  /** The player whom it belongs to; of a player's own record the player. */
  readonly owner: string | null;
  readonly record: AnyRecord;
  readonly print: string;
}
export type Copy = ReadonlyMap<string, Held>;

/** One record of the two copies. */
export interface Merged {
  readonly key: string;
  readonly case: MergeCase;
  readonly here: Held | null;
  readonly there: Held | null;
}

/** What the teacher picks where it is asked; `both` keeps theirs under another id. */
export type MergePick = 'here' | 'there' | 'both';
export type Picks = ReadonlyMap<string, MergePick>;

export const keyOf = ({ table, id }: Pick<Held, 'table' | 'id'>): string => `${table}:${id}`;

export function heldOf(table: TableName, record: AnyRecord, owner: string | null): Held {
  return {
    table,
    id: record.id,
    owner: table === 'players' ? record.id : owner,
    record,
    print: printOf(record)
  };
}

/** What besides the records tells of players who are not in both copies. */
export interface Traces {
  /** Who was deleted here and there, and on which day. */
  readonly goneHere: ReadonlyMap<string, string>;
  readonly goneThere: ReadonlyMap<string, string>;
  /** Players of whom something was begun here since both last met that no file holds: a fit, a text. */
  readonly touchedHere: ReadonlySet<string>;
}
export const NO_TRACES: Traces = { goneHere: new Map(), goneThere: new Map(), touchedHere: new Set() };

function caseOf(here: Held | null, there: Held | null, known: string | undefined): MergeCase {
  const [mine, theirs] = [here?.print, there?.print];
  if (mine !== undefined && mine === theirs) return 'same';
  if (theirs === undefined)
    return known === undefined ? 'only-here' : mine === known ? 'deleted-there' : 'both';
  if (mine === undefined) return known === undefined ? 'new' : theirs === known ? 'deleted-here' : 'both';
  if (mine === known) return 'changed-there';
  return theirs === known ? 'changed-here' : 'both';
}

const dayOf = (record: object): string =>
  'day' in record && typeof record.day === 'string' ? record.day : '';

/** What becomes of a player who is in one copy only, with all records; null for one who is in both. */
function playerCase(
  playerId: string,
  pairs: readonly Omit<Merged, 'case'>[],
  known: Known,
  traces: Traces
): MergeCase | null {
  const own = pairs.find(({ key }) => key === `players:${playerId}`);
  const isHere = own?.here != null;
  if (isHere === (own?.there != null)) return null;
  const records = pairs.flatMap(({ here, there }) => (isHere ? here : there) ?? []);
  const isAsKnown =
    records.length === known.countOf(playerId) &&
    records.every((one) => one.print === known.printOf(keyOf(one), playerId));
  if (known.countOf(playerId) > 0) {
    if (isHere) return isAsKnown && !traces.touchedHere.has(playerId) ? 'deleted-there' : 'asked';
    return isAsKnown ? 'deleted-here' : 'asked';
  }
  const knewAbsent = known.knewAbsent(playerId);
  if (isHere) return traces.goneThere.has(playerId) && !knewAbsent ? 'asked' : 'only-here';
  const goneOn = traces.goneHere.get(playerId);
  if (goneOn === undefined) return 'new';
  // They knew of the deletion and kept the child, or went on teaching it: a decision, not an oversight.
  return knewAbsent || records.some(({ record }) => dayOf(record) > goneOn) ? 'asked' : 'deleted-here';
}

/**
 * Compares two copies.
 *
 * @param known what both knew; without it nothing counts as taken away, and what differs is asked about
 */
export function mergePlan(
  here: Copy,
  there: Copy,
  known: Known,
  traces: Traces = NO_TRACES
): readonly Merged[] {
  const byOwner = new Map<string | null, Omit<Merged, 'case'>[]>();
  for (const key of new Set([...here.keys(), ...there.keys()])) {
    const pair = { key, here: here.get(key) ?? null, there: there.get(key) ?? null };
    const owner = (pair.here ?? pair.there)?.owner ?? null;
    const pairs = byOwner.get(owner);
    if (pairs) pairs.push(pair);
    else byOwner.set(owner, [pair]);
  }
  const plan: Merged[] = [];
  for (const [owner, pairs] of byOwner) {
    const whole = owner === null ? null : playerCase(owner, pairs, known, traces);
    for (const pair of pairs) {
      const follows = whole === 'asked' && pair.key !== `players:${owner ?? ''}` ? 'follows' : whole;
      plan.push({ ...pair, case: follows ?? caseOf(pair.here, pair.there, known.printOf(pair.key, owner)) });
    }
  }
  return plan;
}

/** Whether somebody has to say what becomes of it; nothing is set beforehand where one side took it away. */
export const isAsked = ({ case: how }: Merged): boolean => how === 'both' || how === 'asked';
export const needsAnswer = (one: Merged): boolean => isAsked(one) && !(one.here && one.there);
/** Whether theirs can stand beside ours. */
export const canKeepBoth = ({ here, there }: Merged): boolean =>
  here !== null && there !== null && TABLES[here.table].several === true;

/** What is to be written, and what goes. */
export interface MergeSteps {
  readonly put: readonly Held[];
  readonly remove: readonly Held[];
  /** What nobody has answered: it stays as it is and is asked about again. */
  readonly open: readonly Merged[];
}

type Side = 'here' | 'there';
const FROM_THERE: readonly MergeCase[] = ['new', 'changed-there', 'deleted-there'];

/** Which side each record follows in the end. */
function sidesOf(plan: readonly Merged[], picks: Picks): Map<string, Side> {
  const sides = new Map<string, Side>();
  for (const one of plan) {
    const { key, case: how, here, there } = one;
    const asks = how === 'follows' ? `players:${(here ?? there)?.owner ?? ''}` : key;
    const isTheirs =
      FROM_THERE.includes(how) || ((isAsked(one) || how === 'follows') && picks.get(asks) === 'there');
    sides.set(key, isTheirs ? 'there' : 'here');
  }
  return sides;
}

/** What something rests on stays, or comes, as long as that does. */
function keepGrounds(plan: readonly Merged[], sides: Map<string, Side>): void {
  const byKey = new Map(plan.map((one) => [one.key, one]));
  const waiting = [...plan];
  for (let one = waiting.pop(); one; one = waiting.pop()) {
    const stands = one[sides.get(one.key) ?? 'here'];
    if (!stands) continue;
    for (const ground of restsOn(stands.table, stands.record)) {
      const other = byKey.get(keyOf(ground));
      if (!other || other[sides.get(other.key) ?? 'here']) continue;
      sides.set(other.key, other.here ? 'here' : 'there');
      waiting.push(other);
    }
  }
}

/**
 * The steps of a merge by what was picked; what both changed stays as it is here where nothing was picked.
 *
 * @param newId gives ids to theirs where both are kept
 */
export function mergeSteps(plan: readonly Merged[], picks: Picks, newId: () => string): MergeSteps {
  const sides = sidesOf(plan, picks);
  keepGrounds(plan, sides);
  const put: Held[] = [];
  const remove: Held[] = [];
  for (const one of plan) {
    const { key, here, there } = one;
    if (sides.get(key) === 'there') {
      if (there) put.push(there);
      else if (here) remove.push(here);
    } else if (one.case === 'both' && there && picks.get(key) === 'both' && canKeepBoth(one)) {
      const id = newId();
      put.push({ ...there, id, record: { ...there.record, id } as AnyRecord });
    }
  }
  return { put, remove, open: plan.filter((one) => needsAnswer(one) && !picks.has(one.key)) };
}
