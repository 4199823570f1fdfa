import { drillNamed, focusOf } from '$lib/core/checks';
import { clock } from './clock.svelte';
import { db, getSettings, lastPractised, newestFirst, seenResults, type Player } from '$lib/data';
import { groupByPlayer } from '$lib/data/questions/case';
import { libraryFor, waysFor } from '$lib/data/questions/library';
import { cardOf, type Card } from '$lib/print/card';
import { ofPlayers } from '$lib/data/questions/of-players';

/** The check that a player works on: what was set as practice last, else what the rule proposes. */
export async function checksAtWork(players: readonly Player[]) {
  const ids = players.map(({ id }) => id);
  const [checks, lessons, pains, groups, own, settings] = await Promise.all([
    ofPlayers(db.checks, ids),
    ofPlayers(db.lessons, ids),
    ofPlayers(db.pains, ids),
    db.groups.bulkGet(players.map(({ groupId }) => groupId ?? '')),
    db.ownChecks.toArray(),
    getSettings(db)
  ]);
  const seen = groupByPlayer(checks);
  const held = groupByPlayer(lessons);
  const hurt = new Set(pains.filter(({ closedAt }) => closedAt === null).map(({ playerId }) => playerId));
  return Promise.all(
    players.map(async (player, i) => {
      const library = await libraryFor(player.family, settings, own, waysFor(settings, groups[i]));
      const [set] = lastPractised(held.get(player.id) ?? [])?.practice ?? [];
      const check = library.find(({ id }) => id === set?.checkId);
      if (check) return { ...check, drill: drillNamed(set?.drill) ?? check.drill };
      const results = seenResults(seen.get(player.id) ?? []);
      if (results.length === 0) return null;
      return focusOf({ checks: library, results, today: clock.today, pain: hurt.has(player.id) }).check;
    })
  );
}

/** Cards of players' newest set-ups on the families that they play, in the order asked for; who has none is left out. */
export async function newestCards(playerIds: readonly string[]): Promise<readonly Card[]> {
  const ids = [...playerIds];
  const [players, setups, { unit, dimensions, teacherName }] = await Promise.all([
    db.players.bulkGet(ids),
    ofPlayers(db.setups, ids),
    getSettings(db)
  ]);
  const setupsOf = groupByPlayer(newestFirst(setups));
  const worn = players.flatMap((player) => {
    const setup = player && setupsOf.get(player.id)?.find(({ family }) => family === player.family);
    return setup ? [{ player, setup }] : [];
  });
  const [fits, atWork] = await Promise.all([
    db.fits.bulkGet(worn.map(({ setup }) => setup.fitId)),
    checksAtWork(worn.map(({ player }) => player))
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
