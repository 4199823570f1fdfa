import { checksFor, strengthOf, type CheckCategory } from '$lib/core/checks';
import { isOverdue } from '$lib/core/kit';
import { behindIn, type Due, type InCategory } from '$lib/core/plan';
import type { IsoDay } from '$lib/core/time';
import { groupByPlayer } from './case';
import { newestByCheck } from './checks';
import type { Database } from './database';
import { kitGaps } from './kit';
import type { Player } from './records';
import type { RosterEntry } from './roster';

/** The next look that each player's newest lesson set. */
async function nextLooks(db: Database): Promise<ReadonlyMap<string, IsoDay>> {
  const newest = new Map<string, { readonly day: IsoDay; readonly nextLook: IsoDay }>();
  await db.lessons.each(({ playerId, day, nextLook }) => {
    const known = newest.get(playerId);
    if (nextLook !== undefined && (!known || known.day < day)) newest.set(playerId, { day, nextLook });
  });
  return new Map([...newest].map(([playerId, { nextLook }]) => [playerId, nextLook]));
}

/** Everything that is due for the players of a list, now or later. */
export async function duesOf(
  db: Database,
  entries: readonly RosterEntry[],
  today: IsoDay
): Promise<readonly Due[]> {
  const looks = await nextLooks(db);
  return entries.flatMap(({ player, pain, foresight, setupReview }): Due[] => {
    const due = (kind: Due['kind'], day: IsoDay | null | undefined): Due[] =>
      day ? [{ playerId: player.id, kind, day }] : [];
    const late = kitGaps(player).find((gap) => isOverdue(gap, today));
    return [
      ...due('pain', pain?.day),
      ...due('set-up', setupReview?.when?.middle),
      ...due('measure', foresight?.nextMeasure.date),
      ...due('check', looks.get(player.id)),
      ...due('return', late ? today : null)
    ];
  });
}

/** How strong each player of a group is in a category, and who is behind. */
export async function standingIn(
  db: Database,
  players: readonly Player[],
  category: CheckCategory
): Promise<{ readonly all: readonly InCategory[]; readonly behind: readonly InCategory[] }> {
  const results = await db.checks
    .where('playerId')
    .anyOf(players.map(({ id }) => id))
    .toArray();
  const by = groupByPlayer(results);
  const all = await Promise.all(
    players.map(async ({ id, family }): Promise<InCategory> => {
      const checks = (await checksFor(family)).filter((one) => one.category === category && !one.later);
      const newest = newestByCheck(by.get(id) ?? []);
      const strengths = checks.flatMap((check) => {
        const result = newest[check.id];
        return result ? [strengthOf(check, result.outcome)] : [];
      });
      const sum = strengths.reduce((a, b) => a + b, 0);
      return { playerId: id, strength: strengths.length === 0 ? 0 : sum / strengths.length };
    })
  );
  return { all, behind: behindIn(all) };
}

/** What to bring for players: how many of each size they play, and of each stool. */
export async function toBring(
  db: Database,
  players: readonly Player[]
): Promise<readonly { readonly what: 'size' | 'stool'; readonly of: string; readonly count: number }[]> {
  const ids = players.map(({ id }) => id);
  const [fits, setups] = await Promise.all([
    db.fits.where('playerId').anyOf(ids).toArray(),
    db.setups.where('playerId').anyOf(ids).toArray()
  ]);
  const counts = new Map<string, { what: 'size' | 'stool'; of: string; count: number }>();
  const add = (what: 'size' | 'stool', of: string) => {
    const key = `${what} ${of}`;
    counts.set(key, { what, of, count: (counts.get(key)?.count ?? 0) + 1 });
  };
  const newest = <R extends { readonly playerId: string; readonly at: string }>(
    rows: readonly R[],
    id: string
  ) =>
    rows.reduce<R | null>(
      (last, one) => (one.playerId === id && (!last || one.at > last.at) ? one : last),
      null
    );
  for (const { id, family } of players) {
    const fit = newest(
      fits.filter((one) => one.family === family),
      id
    );
    if (fit) add('size', `${fit.size} ${family}`);
    const setup = newest(
      setups.filter((one) => one.family === family),
      id
    );
    const stool = setup?.kind === 'seated' ? setup.settings.seat.value : 0;
    if (stool > 0) add('stool', String(Math.round(stool / 10) * 10));
  }
  return [...counts.values()].sort((a, b) =>
    a.what === b.what ? b.count - a.count : a.what < b.what ? -1 : 1
  );
}
