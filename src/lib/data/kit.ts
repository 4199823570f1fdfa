import type { KitGap, KitItem } from '$lib/core/kit';
import { commit } from './changes';
import type { Database } from './database';
import type { Player } from './records';
import { playerGone } from './refusal';

/** What is missing or lent of a player's kit. */
export const kitGaps = ({ kit }: Player): readonly KitGap[] => kit ?? [];

/**
 * Notes that a thing of a player's kit is missing or lent, or that it is there.
 *
 * @param gap null when it is there
 */
export const changeKit = (
  db: Database,
  player: Player,
  item: KitItem,
  gap: Omit<KitGap, 'item'> | null
): Promise<void> =>
  commit(db, `Changed the kit of ${player.name}`, async ({ put }) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    const others = kitGaps(current).filter((one) => one.item !== item);
    await put('players', { ...current, kit: gap ? [...others, { item, ...gap }] : others });
  });
