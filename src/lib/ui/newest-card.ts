import { checksFor, focusOf } from '$lib/core/checks';
import { db, getSettings, newestFirst, outcomesOf } from '$lib/data';
import { cardOf, type Card } from '$lib/print/card';

/** Cards of players' newest set-ups on the families that they play, in the order asked for; who has none is left out. */
export async function newestCards(playerIds: readonly string[]): Promise<readonly Card[]> {
  const ids = [...playerIds];
  const [players, setups, checks, { unit, dimensions, teacherName }] = await Promise.all([
    db.players.bulkGet(ids),
    db.setups.where('playerId').anyOf(ids).toArray(),
    db.checks.where('playerId').anyOf(ids).toArray(),
    getSettings(db)
  ]);
  const setupsOf = Map.groupBy(newestFirst(setups), ({ playerId }) => playerId);
  const checksOf = Map.groupBy(checks, ({ playerId }) => playerId);
  const worn = players.flatMap((player) => {
    const setup = player && setupsOf.get(player.id)?.find(({ family }) => family === player.family);
    return setup ? [{ player, setup }] : [];
  });
  const fits = await db.fits.bulkGet(worn.map(({ setup }) => setup.fitId));
  return worn.flatMap(({ player, setup }, i) => {
    const fit = fits[i];
    if (!fit) return [];
    const focus = focusOf(checksFor(player.family), outcomesOf(checksOf.get(player.id) ?? []));
    return [cardOf({ player, fit, setup, focus, unit, overrides: dimensions, teacherName })];
  });
}

/** The card of a player's newest set-up; null while there is none. */
export const newestCard = async (playerId: string): Promise<Card | null> =>
  (await newestCards([playerId]))[0] ?? null;
