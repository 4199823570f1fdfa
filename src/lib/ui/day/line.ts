import { goto } from '$app/navigation';
import { db, finishDraft, type FittingDay, type Player } from '$lib/data';
import { lineOf } from '$lib/data/questions/records';
import { live, type Live } from '$lib/ui/live.svelte';

/** The fitting day in which a child is being tried, where its fit leads back to. Call it while a component is set up. */
export const lineAtHand = (playerId: () => string): Live<FittingDay | null> =>
  live<FittingDay | null>(() => lineOf(db, playerId()), null, playerId);

/** Ends a fit: its records stay, the next player can come. A player of a line leads back to the line. */
export async function finishFit(player: Player): Promise<void> {
  await finishDraft(db, player);
  const line = await lineOf(db, player.id);
  await goto(line ? `/day/${line.id}` : '/');
}
