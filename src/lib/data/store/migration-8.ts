import { isObject, rowsOf, text, type Old, type Rows } from './rows';

/** Tables whose records belonged to a player each in version 8. */
export const OWNED_IN_8 = [
  'measurements',
  'fits',
  'trials',
  'setups',
  'looks',
  'lessons',
  'checks',
  'pains',
  'aids',
  'remedies',
  'reviews',
  'loans',
  'typed'
];

/**
 * Undo and merges could leave records without their player, groups without their record, and seats of who had gone.
 * Nobody could reach them, and a backup that held one was refused.
 */
export function from7To8(rows: Rows): void {
  const players = new Map(rowsOf(rows, 'players').map((player) => [player.id, player]));
  const isThere = (id: unknown) => typeof id !== 'string' || players.has(id);
  for (const table of OWNED_IN_8)
    rows[table] = rowsOf(rows, table).filter(({ playerId }) => isThere(playerId));
  rows.drafts = rowsOf(rows, 'drafts').filter(({ id }) => isThere(id));
  const groups = new Set(rowsOf(rows, 'groups').map(({ id }) => id));
  for (const player of players.values())
    if (typeof player.groupId === 'string' && !groups.has(player.groupId)) player.groupId = null;
  for (const group of rowsOf(rows, 'groups')) {
    const isIn = (id: unknown) => typeof id !== 'string' || players.get(id)?.groupId === group.id;
    if (Array.isArray(group.seating))
      group.seating = group.seating.filter((seat) => !isObject(seat) || isIn(seat.playerId));
    if (isObject(group.away) && Array.isArray(group.away.playerIds))
      group.away.playerIds = group.away.playerIds.filter(isIn);
  }
  for (const day of rowsOf(rows, 'days'))
    if (Array.isArray(day.entries))
      day.entries = day.entries.filter((entry) => !isObject(entry) || isThere(entry.playerId));
}

/**
 * What another copy knew was one list of prints; now it is known whose each is. Who stands in it and is not there any
 * more was deleted: a tombstone takes the place.
 *
 * @returns the tombstones
 */
export function basesByPlayer(rows: Rows, today: string): readonly object[] {
  const owners = new Map<string, unknown>();
  for (const table of [...OWNED_IN_8, 'players'])
    for (const { id, playerId } of rowsOf(rows, table)) owners.set(`${table}:${text(id)}`, playerId ?? id);
  const stones = new Map<string, object>();
  for (const base of rowsOf(rows, 'bases')) {
    const shared: Old = {};
    const players: Record<string, Old> = {};
    for (const [key, print] of Object.entries(isObject(base.prints) ? base.prints : {})) {
      const owner = owners.get(key);
      const id = key.startsWith('players:') ? key.slice('players:'.length) : null;
      if (typeof owner === 'string') (players[owner] ??= {})[key] = print;
      else if (id !== null) stones.set(id, { id, day: today });
      else shared[key] = print;
    }
    delete base.prints;
    Object.assign(base, { whole: false, shared, players });
  }
  return [...stones.values()];
}
