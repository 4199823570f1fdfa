import { clock } from './clock.svelte';
import { db, getSettings, newestFirst } from '$lib/data';
import { checksAtWork } from '$lib/data/questions/at-work';
import { groupByPlayer } from '$lib/data/questions/case';
import { cardOf, type Card } from '$lib/print/card';
import { ofPlayers, recordsOf } from '$lib/data/questions/records';

/** Cards of players' newest set-ups on the families that they play, in the order asked for; who has none is left out. */
export async function newestCards(playerIds: readonly string[]): Promise<readonly Card[]> {
  const ids = [...playerIds];
  const [players, setups, { unit, dimensions, teacherName }] = await Promise.all([
    recordsOf(db, 'players', ids),
    ofPlayers(db, 'setups', ids),
    getSettings(db)
  ]);
  const setupsOf = groupByPlayer(newestFirst(setups));
  const worn = players.flatMap((player) => {
    const setup = player && setupsOf.get(player.id)?.find(({ family }) => family === player.family);
    return setup ? [{ player, setup }] : [];
  });
  const [fits, atWork] = await Promise.all([
    recordsOf(
      db,
      'fits',
      worn.map(({ setup }) => setup.fitId)
    ),
    checksAtWork(
      db,
      worn.map(({ player }) => player),
      clock.today
    )
  ]);
  return worn.flatMap(({ player, setup }, i) => {
    const fit = fits[i];
    if (!fit) return [];
    const focus = atWork[i] ?? null;
    return [cardOf({ player, fit, setup, focus, unit, overrides: dimensions, teacherName })];
  });
}

/** The card of a player's newest set-up; null while there is none. */
export const newestCard = async (playerId: string): Promise<Card | null> =>
  (await newestCards([playerId]))[0] ?? null;
