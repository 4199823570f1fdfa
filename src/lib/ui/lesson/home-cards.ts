import { db, getSettings, lastPractised, newestFirst, newestFitOf, readingsOf } from '$lib/data';
import { libraryFor, taughtTo } from '$lib/data/questions/library';
import { homeCardOf, type HomeCard } from '$lib/print/home-card';
import { clock } from '$lib/ui/clock.svelte';
import { drawnAs } from './drawn-as';
import { allOf, ofPlayers, recordsOf } from '$lib/data/questions/records';

/** The home cards of players' last lessons, in the order asked for; who has nothing to practise is left out. */
export async function homeCards(playerIds: readonly string[]): Promise<readonly HomeCard[]> {
  const ids = [...playerIds];
  const [players, measurements, fits, setups, lessons, looks, own, settings] = await Promise.all([
    recordsOf(db, 'players', ids),
    ofPlayers(db, 'measurements', ids),
    ofPlayers(db, 'fits', ids),
    ofPlayers(db, 'setups', ids),
    ofPlayers(db, 'lessons', ids),
    ofPlayers(db, 'checks', ids),
    allOf(db, 'ownChecks'),
    getSettings(db)
  ]);
  const groups = await recordsOf(
    db,
    'groups',
    players.map((player) => player?.groupId)
  );
  const today = clock.today;
  const cards = await Promise.all(
    players.map(async (player, i) => {
      const lesson = player && lastPractised(lessons.filter(({ playerId }) => playerId === player.id));
      if (!player || !lesson) return null;
      const isMine = ({ playerId }: { readonly playerId: string }) => playerId === player.id;
      const checks = await libraryFor(
        player.family,
        settings,
        own,
        taughtTo(settings, groups[i], setups.filter(isMine))
      );
      const setup = newestFirst(setups.filter(isMine)).find(({ family }) => family === player.family);
      const who = drawnAs(
        player.family,
        readingsOf({ measurements: measurements.filter(isMine), today }),
        newestFitOf(player, fits.filter(isMine))?.size ?? null,
        setup ?? null,
        settings
      );
      return homeCardOf({
        player,
        lesson,
        checks,
        looks: looks.filter(isMine),
        who,
        teacherName: settings.teacherName,
        today
      });
    })
  );
  return cards.filter((card) => card !== null);
}
