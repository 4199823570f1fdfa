import type { Player } from '../store/records';
import { OWNED_TABLES, ownerOf, TABLE_NAMES, withoutPlayers, type TableName } from '../store/tables';
import type { BackupTables } from './backup';
import { NOT_IN_PART } from './known';

/** What is not another teacher's: settings, what is half typed, and who was deleted here. */
export const OWN_ONLY: readonly TableName[] = ['settings', 'typed', 'drafts', 'gone'];
/** What a file of some players does not hold. */
export const OUT_OF_PART: readonly TableName[] = [...OWN_ONLY, ...NOT_IN_PART, 'ownChecks', 'days'];

/** What a file for another copy holds. */
export type Scope =
  | { readonly kind: 'all' }
  | { readonly kind: 'group'; readonly groupId: string }
  | { readonly kind: 'player'; readonly playerId: string };

const isIn = (scope: Scope, player: Player): boolean =>
  scope.kind === 'all' ||
  (scope.kind === 'group' ? player.groupId === scope.groupId : player.id === scope.playerId);

/** Only what belongs to some players, and their groups without the others. */
export function partOf(tables: BackupTables, scope: Scope): BackupTables {
  if (scope.kind === 'all') return tables;
  const players = tables.players.filter((player) => isIn(scope, player));
  const ids = new Set(players.map(({ id }) => id));
  const groupIds = new Set(players.map(({ groupId }) => groupId));
  const entries = TABLE_NAMES.map((name): [TableName, readonly object[]] => {
    if (name === 'players') return [name, players];
    if (OUT_OF_PART.includes(name)) return [name, []];
    if (name === 'groups')
      return [
        name,
        tables.groups
          .filter(({ id }) => groupIds.has(id))
          .map((group) => withoutPlayers('groups', group, (id) => !ids.has(id)))
      ];
    return [
      name,
      OWNED_TABLES.includes(name) ? tables[name].filter((one) => ids.has(ownerOf(name, one) ?? '')) : []
    ];
  });
  return Object.fromEntries(entries) as unknown as BackupTables;
}
