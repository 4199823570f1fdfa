import type { KitGap, KitItem } from '$lib/core/kit';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import type { Player } from '../store/records';
import { playerGone } from '../store/refusal';

/** What is missing or lent of a player's kit. */
export const kitGaps = ({ kit }: Player): readonly KitGap[] => kit ?? [];

/** How a thing that is missing or lent stands. */
type Gap = Omit<KitGap, 'item'>;

/**
 * Notes that a thing of a player's kit is missing or lent, or that it is there.
 *
 * @param change how it stands from now on, from how it is stored at that moment; null is there
 */
export const changeKit = (
  db: Database,
  player: Player,
  item: KitItem,
  change: (gap: Gap | null) => Gap | null
): Promise<void> =>
  commit(db, `Changed the kit of ${player.name}`, async ({ put }) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    const gaps = kitGaps(current);
    const gap = change(gaps.find((one) => one.item === item) ?? null);
    const others = gaps.filter((one) => one.item !== item);
    await put('players', { ...current, kit: gap ? [...others, { ...gap, item }] : others });
  });
