import { clock } from './clock.svelte';
import { db, getSettings, newestFirst, type Player, type Setup } from '$lib/data';
import { checksAtWork } from '$lib/data/questions/at-work';
import { groupByPlayer } from '$lib/data/questions/case';
import { cardOf, type Card } from '$lib/print/card';
import { ofPlayers, recordsOf } from '$lib/data/questions/records';

interface Worn {
  readonly player: Player;
  readonly setup: Setup;
}

/** Cards of set-ups, in their order; one whose decision was taken back has none. */
async function cardsOf(worn: readonly Worn[]): Promise<readonly Card[]> {
  const [fits, atWork, { unit, dimensions, teacherName }] = await Promise.all([
    recordsOf(
      db,
      'fits',
      worn.map(({ setup }) => setup.fitId)
    ),
    checksAtWork(
      db,
      worn.map(({ player }) => player),
      clock.today
    ),
    getSettings(db)
  ]);
  return worn.flatMap(({ player, setup }, i) => {
    const fit = fits[i];
    if (!fit) return [];
    const focus = atWork[i] ?? null;
    return [cardOf({ player, fit, setup, focus, unit, overrides: dimensions, teacherName })];
  });
}

/** Cards of players' newest set-ups on the families that they play, in the order asked for; who has none is left out. */
export async function newestCards(playerIds: readonly string[]): Promise<readonly Card[]> {
  const ids = [...playerIds];
  const [players, setups] = await Promise.all([recordsOf(db, 'players', ids), ofPlayers(db, 'setups', ids)]);
  const setupsOf = groupByPlayer(newestFirst(setups));
  return cardsOf(
    players.flatMap((player) => {
      const setup = player && setupsOf.get(player.id)?.find(({ family }) => family === player.family);
      return setup ? [{ player, setup }] : [];
    })
  );
}

/** The card of a set-up of any day; null where its decision was taken back. */
export const cardThen = async (player: Player, setup: Setup): Promise<Card | null> =>
  (await cardsOf([{ player, setup }]))[0] ?? null;

/** The card of a player's newest set-up; null while there is none. */
export const newestCard = async (playerId: string): Promise<Card | null> =>
  (await newestCards([playerId]))[0] ?? null;
