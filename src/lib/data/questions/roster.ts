import type { Table } from 'dexie';
import { standingOn, type Foresight, type Standing } from '$lib/core/outlook';
import type { SetupReview } from '$lib/core/setup';
import type { IsoDay } from '$lib/core/time';
import type { Database } from '../store/database';
import { isForeseen } from './foreseen';
import { groupOf, groupsApart } from './groups';
import { ofPlayers } from './records';
import type { Draft, Pain, Player } from '../store/records';

/** A player with what matters on a list. */
export interface RosterEntry {
  readonly player: Player;
  readonly group: string;
  readonly standing: Standing;
  /** What is foreseen with the size in use; null without a size, and while it is still being worked out. */
  readonly foresight: Foresight | null;
  /** When the set-up in use is to be looked at again. */
  readonly setupReview: SetupReview | null;
  /** Not worked out yet. */
  readonly pending: boolean;
  readonly draft: Draft | null;
  readonly pain: Pain | null;
}

/** Players of a group who come. */
export interface GroupOfPlayers {
  readonly id: string;
  /** By which it can be told apart. */
  readonly name: string;
  readonly players: readonly Player[];
}

/** The groups that somebody is in, by name. */
export function groupsIn(entries: readonly RosterEntry[]): readonly GroupOfPlayers[] {
  const found = new Map<string, { id: string; name: string; players: Player[] }>();
  for (const { player, group: name } of entries) {
    const { groupId: id } = player;
    if (id === null) continue;
    const known = found.get(id);
    if (known) known.players.push(player);
    else found.set(id, { id, name, players: [player] });
  }
  return [...found.values()].sort((a, b) => a.name.localeCompare(b.name));
}

/** Rows that are read at one go: more would hold the page up while they are unpacked. */
const PART = 500;

/** All rows of a table, in parts. */
async function inParts<T extends { readonly id: string }>(table: Table<T, string>): Promise<T[]> {
  const rows: T[] = [];
  for (let part = PART; part === PART;) {
    const last = rows.at(-1);
    const read = await (last ? table.where(':id').above(last.id) : table.toCollection())
      .limit(PART)
      .toArray();
    rows.push(...read);
    part = read.length;
  }
  return rows;
}

const byName = (a: Player, b: Player) => (a.name < b.name ? -1 : a.name > b.name ? 1 : 0);

/** Fits that are not through: one whose set-up was kept after the last change has nothing left to go on with. */
async function stillOpen(db: Database, drafts: readonly Draft[]): Promise<readonly Draft[]> {
  const setups = await ofPlayers(
    db,
    'setups',
    drafts.map(({ id }) => id)
  );
  const keptAt = new Map<string, string>();
  for (const { playerId, at } of setups) if (at > (keptAt.get(playerId) ?? '')) keptAt.set(playerId, at);
  return drafts.filter(({ id, updatedAt }) => (keptAt.get(id) ?? '') < updatedAt);
}

/** Players with where each stands; what is foreseen is read, not worked out. */
export async function entriesOf(
  db: Database,
  players: readonly Player[],
  today: IsoDay
): Promise<readonly RosterEntry[]> {
  const few = players.length === 1 ? (players[0]?.id ?? '') : null;
  const [foreseen, drafts, pains, names] = await Promise.all([
    few === null ? inParts(db.foreseen) : db.foreseen.where({ id: few }).toArray(),
    few === null ? db.drafts.toArray() : db.drafts.where({ id: few }).toArray(),
    (few === null ? db.pains : db.pains.where({ playerId: few }))
      .filter(({ closedAt }) => closedAt === null)
      .toArray(),
    groupsApart(db)
  ]);
  const foreseenOf = new Map(foreseen.filter(isForeseen).map((one) => [one.id, one]));
  const draftOf = new Map((await stillOpen(db, drafts)).map((draft) => [draft.id, draft]));
  const painOf = new Map(pains.map((pain) => [pain.playerId, pain]));
  const entryOf = (player: Player): RosterEntry => {
    const known = foreseenOf.get(player.id);
    const draft = draftOf.get(player.id) ?? null;
    const foresight = known?.foresight ?? null;
    return {
      player,
      group: groupOf(names, player),
      standing: standingOn(foresight, { hurts: painOf.has(player.id), underWay: draft !== null }, today),
      foresight,
      setupReview: known?.setup ?? null,
      pending: known === undefined,
      draft,
      pain: painOf.get(player.id) ?? null
    };
  };
  const entries: RosterEntry[] = [];
  for (let from = 0; from < players.length; from += PART) {
    // Everything is read: the page may do something else between two parts.
    if (from > 0) await new Promise((goOn) => setTimeout(goOn, 0));
    entries.push(...players.slice(from, from + PART).map(entryOf));
  }
  return entries;
}

/** Every player that is not archived with where each stands, by name. */
export async function roster(db: Database, today: IsoDay): Promise<readonly RosterEntry[]> {
  const players = await inParts(db.players);
  const there = players.filter(({ archivedOn }) => archivedOn === null).sort(byName);
  return entriesOf(db, there, today);
}
