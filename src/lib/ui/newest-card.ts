import { checksFor, focusOf } from '$lib/core/checks';
import { db, getSettings, newestFirst, outcomesOf } from '$lib/data';
import { cardOf, type Card } from '$lib/print/card';

/** The card of a player's newest set-up on the family that is played; null while there is none. */
export async function newestCard(playerId: string): Promise<Card | null> {
  const player = await db.players.get(playerId);
  const setup = newestFirst(await db.setups.where({ playerId }).toArray()).find(
    ({ family }) => family === player?.family
  );
  const fit = setup && (await db.fits.get(setup.fitId));
  if (!player || !setup || !fit) return null;
  const results = await db.checks.where({ playerId }).toArray();
  const { unit, dimensions, teacherName } = await getSettings(db);
  const focus = focusOf(checksFor(player.family), outcomesOf(results));
  return cardOf({ player, fit, setup, focus, unit, overrides: dimensions, teacherName });
}
