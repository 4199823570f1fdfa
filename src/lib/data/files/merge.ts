/**
 * What becomes of two copies of the records that began alike. A record is known by its table and its id; `base` holds a
 * print of each as it was when both copies last knew the same.
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
  | 'deleted-here';

/** A record with where it belongs. */
export interface Held {
  readonly table: string;
  readonly id: string;
  /** The player whom it belongs to. */
  readonly owner: string | null;
  readonly record: object;
}
export type Copy = ReadonlyMap<string, Held>;
/** Prints of records by their key. */
export type Base = ReadonlyMap<string, string>;

/** One record of the two copies. */
export interface Merged {
  readonly key: string;
  readonly case: MergeCase;
  readonly here: Held | null;
  readonly there: Held | null;
}

/** What the teacher picks where both changed; `both` keeps theirs under another id. */
export type MergePick = 'here' | 'there' | 'both';

export const keyOf = ({ table, id }: { readonly table: string; readonly id: string }): string =>
  `${table}:${id}`;

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A record as a text in which the order of its keys does not matter. */
export const canonical = (value: unknown): string =>
  JSON.stringify(value, (_, inner: unknown) =>
    isObject(inner) ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1))) : inner
  );

/** A short print of a record, 53 bits: enough to tell that it is as it was. */
export function printOf(record: object): string {
  const text = canonical(record);
  let [a, b] = [0xdeadbeef, 0x41c6ce57];
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    a = Math.imul(a ^ code, 2654435761);
    b = Math.imul(b ^ code, 1597334677);
  }
  a = Math.imul(a ^ (a >>> 16), 2246822507) ^ Math.imul(b ^ (b >>> 13), 3266489909);
  b = Math.imul(b ^ (b >>> 16), 2246822507) ^ Math.imul(a ^ (a >>> 13), 3266489909);
  return (4294967296 * (2097151 & b) + (a >>> 0)).toString(36);
}

function caseOf(here: Held | null, there: Held | null, known: string | undefined): MergeCase {
  const [mine, theirs] = [here && printOf(here.record), there && printOf(there.record)];
  if (mine !== null && mine === theirs) return 'same';
  if (theirs === null) return known === undefined ? 'only-here' : mine === known ? 'deleted-there' : 'both';
  if (mine === null) return known === undefined ? 'new' : theirs === known ? 'deleted-here' : 'both';
  if (mine === known) return 'changed-there';
  return theirs === known ? 'changed-here' : 'both';
}

/** A player who was taken away in one copy, while something of theirs is new or changed in the other, is asked about. */
function withPlayersKept(all: readonly Merged[]): readonly Merged[] {
  const livesHere = new Set<string>();
  const livesThere = new Set<string>();
  for (const one of all) {
    const owner = (one.here ?? one.there)?.owner;
    if (!owner) continue;
    if (['only-here', 'changed-here', 'both'].includes(one.case)) livesHere.add(owner);
    if (['new', 'changed-there', 'both'].includes(one.case)) livesThere.add(owner);
  }
  return all.map((one) => {
    const id = (one.here ?? one.there)?.id ?? '';
    const isPlayer = one.key.startsWith('players:');
    if (isPlayer && one.case === 'deleted-there' && livesHere.has(id)) return { ...one, case: 'both' };
    if (isPlayer && one.case === 'deleted-here' && livesThere.has(id)) return { ...one, case: 'both' };
    return one;
  });
}

/**
 * Compares two copies.
 *
 * @param base what both knew; without it nothing counts as taken away, and what differs is asked about
 */
export function mergePlan(here: Copy, there: Copy, base: Base): readonly Merged[] {
  const keys = [...new Set([...here.keys(), ...there.keys()])];
  return withPlayersKept(
    keys.map((key) => {
      const [mine, theirs] = [here.get(key) ?? null, there.get(key) ?? null];
      return { key, case: caseOf(mine, theirs, base.get(key)), here: mine, there: theirs };
    })
  );
}

/** What is to be written, and what goes. */
export interface MergeSteps {
  readonly put: readonly Held[];
  readonly remove: readonly Held[];
}

/**
 * The steps of a merge by what was picked; where nothing was picked the record stays as it is here.
 *
 * @param newId gives ids to theirs where both are kept
 */
export function mergeSteps(
  plan: readonly Merged[],
  picks: ReadonlyMap<string, MergePick>,
  newId: () => string
): MergeSteps {
  const put: Held[] = [];
  const remove: Held[] = [];
  const take = ({ here, there }: Merged) => {
    if (there) put.push(there);
    else if (here) remove.push(here);
  };
  for (const one of plan) {
    if (one.case === 'new' || one.case === 'changed-there' || one.case === 'deleted-there') take(one);
    if (one.case !== 'both') continue;
    const pick = picks.get(one.key) ?? 'here';
    if (pick === 'there') take(one);
    else if (pick === 'both' && one.there) {
      const id = one.here ? newId() : one.there.id;
      put.push({ ...one.there, id, record: { ...one.there.record, id } });
    }
  }
  return ownedByWhoIsThere(plan, { put, remove });
}

/** Whatever belongs to a player who is not there in the end goes with the player. */
function ownedByWhoIsThere(plan: readonly Merged[], { put, remove }: MergeSteps): MergeSteps {
  const ids = (list: readonly Held[]) =>
    new Set(list.filter(({ table }) => table === 'players').map(({ id }) => id));
  const [coming, going] = [ids(put), ids(remove)];
  const stays = new Set(
    plan.flatMap(({ key, here }) =>
      key.startsWith('players:') && here && !going.has(here.id) ? [here.id] : []
    )
  );
  const isThere = ({ owner }: Held) => owner === null || stays.has(owner) || coming.has(owner);
  const orphans = plan.flatMap(({ here }) => (here && !isThere(here) ? [here] : []));
  const gone = new Map([...remove, ...orphans].map((one) => [keyOf(one), one]));
  return { put: put.filter(isThere), remove: [...gone.values()] };
}
