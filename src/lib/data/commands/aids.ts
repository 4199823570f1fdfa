import type { IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Aid, AidKind, Player } from '../store/records';

/** An aid comes into use. */
export const addAid = (
  db: Database,
  player: Player,
  kind: AidKind,
  where: string,
  today: IsoDay
): Promise<void> =>
  commit(db, `An aid for ${player.name}`, ({ put }) =>
    put('aids', {
      id: newId(),
      playerId: player.id,
      kind,
      where: where.trim(),
      from: today,
      weaned: null,
      to: null
    })
  );

/** Weans an aid: first a lesson without it, then it is gone; pressed once too often it stays gone. */
export const weanAid = (db: Database, player: Player, aidId: string, today: IsoDay): Promise<void> =>
  commit(db, `Weaned an aid: ${player.name}`, async ({ put }) => {
    const aid = await db.aids.get(aidId);
    if (!aid || aid.to !== null) return;
    await put('aids', aid.weaned === null ? { ...aid, weaned: today } : { ...aid, to: today });
  });

/** Back to the aid after a lesson without. */
export const keepAid = (db: Database, player: Player, aidId: string): Promise<void> =>
  commit(db, `Back to an aid: ${player.name}`, async ({ put }) => {
    const aid = await db.aids.get(aidId);
    if (aid && (aid.weaned !== null || aid.to !== null))
      await put('aids', { ...aid, weaned: null, to: null });
  });

/** Aids that are not gone, oldest first. */
export const aidsInUse = (aids: readonly Aid[]): readonly Aid[] =>
  aids.filter(({ to }) => to === null).sort((a, b) => (a.from < b.from ? -1 : 1));
