import { focusOf, strengthOf, type CheckCategory } from '$lib/core/checks';
import type { Family } from '$lib/core/instruments';
import { isOverdue, type KitItem } from '$lib/core/kit';
import { behindIn, mostAskedFor, type Due, type InCategory } from '$lib/core/plan';
import { coveringOf, type Need } from '$lib/core/cupboard';
import { supportOf, type RestSupport } from '$lib/core/setup';
import { daysBetween, type IsoDay } from '$lib/core/time';
import { groupByPlayer, newestFirst, newestFitOf } from './case';
import { FITTING_REACH } from './fittings';
import { newestByCheck, seenResults } from '../commands/checks';
import type { Database } from '../store/database';
import { kitGaps } from '../commands/kit';
import { lookedAt } from './looked-at';
import type { Lesson, Player } from '../store/records';
import type { RosterEntry } from './roster';
import { ofPlayers } from './records';

/** The next look that each player's newest lesson set, and at what. */
async function nextLooks(
  db: Database,
  entries: readonly RosterEntry[]
): Promise<ReadonlyMap<string, Pick<Lesson, 'day' | 'nextLook' | 'category'>>> {
  const newest = new Map<string, Pick<Lesson, 'day' | 'nextLook' | 'category'>>();
  const [only, ...others] = entries;
  const asked = only && others.length === 0 ? db.lessons.where({ playerId: only.player.id }) : db.lessons;
  await asked.each(({ playerId, day, nextLook, category }) => {
    const known = newest.get(playerId);
    if (nextLook !== undefined && (!known || known.day < day))
      newest.set(playerId, { day, nextLook, category });
  });
  return newest;
}

/** Two reviews of one player within so many days are one visit. */
const ONE_VISIT_DAYS = 30;

/** Everything that is due for the players of a list, now or later. */
export async function duesOf(
  db: Database,
  entries: readonly RosterEntry[],
  today: IsoDay
): Promise<readonly Due[]> {
  const looks = await nextLooks(db, entries);
  return entries.flatMap(({ player, pain, standing, foresight, setupReview }): Due[] => {
    const due = (kind: Due['kind'], day: IsoDay | null | undefined): Due[] =>
      day ? [{ playerId: player.id, kind, day }] : [];
    const look = looks.get(player.id);
    const late = kitGaps(player).find((gap) => isOverdue(gap, today));
    const back = due('return', late ? today : null);
    // Nothing is proposed while pain is open.
    if (pain) return [...due('pain', pain.day), ...back];
    const measure = foresight?.nextMeasure.date ?? null;
    const setUp = setupReview?.when?.middle ?? null;
    // Whoever is measured is set up anew: two days that are near each other are one visit, on the earlier.
    const oneVisit =
      measure !== null && setUp !== null && Math.abs(daysBetween(measure, setUp)) <= ONE_VISIT_DAYS;
    const visit = oneVisit && setUp < measure ? setUp : measure;
    return [
      ...due(standing === 'measured-too-large' ? 'too-large' : 'measure', visit),
      ...due('set-up', oneVisit ? null : setUp),
      ...due('check', look?.nextLook).map((one) => ({
        ...one,
        ...(look?.category ? { category: look.category } : {})
      })),
      ...back
    ];
  });
}

/** The category that most of a group ask for, as each one's own next focus says; null for nobody. */
export async function askedFor(
  db: Database,
  players: readonly Player[],
  today: IsoDay
): Promise<CheckCategory | null> {
  const looked = await lookedAt(db, players);
  return mostAskedFor(
    looked.map(({ checks, results }) => focusOf({ checks, results: seenResults(results), today }).category)
  );
}

/** How strong each player of a group is in a category, and who is behind, by the checks as this teacher has them. */
export async function standingIn(
  db: Database,
  players: readonly Player[],
  category: CheckCategory
): Promise<{ readonly all: readonly InCategory[]; readonly behind: readonly InCategory[] }> {
  const looked = await lookedAt(db, players);
  const all = looked.map(({ player, checks, results }): InCategory => {
    const newest = newestByCheck(results);
    const strengths = checks.flatMap((check) => {
      const result = check.category === category && !check.later ? newest[check.id] : undefined;
      return result ? [strengthOf(check, result.outcome)] : [];
    });
    const sum = strengths.reduce((a, b) => a + b, 0);
    return { playerId: player.id, strength: strengths.length === 0 ? 0 : sum / strengths.length };
  });
  return { all, behind: behindIn(all) };
}

/** A thing to bring, and how many of it. */
export type ToBring = { readonly count: number } & (
  | { readonly what: 'size'; readonly size: string; readonly family: Family }
  | { readonly what: 'stool'; readonly mm: number }
  | { readonly what: 'rest'; readonly kind: Exclude<RestSupport, 'none'> }
  | { readonly what: 'kit'; readonly item: KitItem }
);
type Thing = ToBring extends infer One ? (One extends ToBring ? Omit<One, 'count'> : never) : never;

const BRING_ORDER: readonly ToBring['what'][] = ['size', 'stool', 'rest', 'kit'];
/** What to bring for players: the sizes they play, the stools and rests of their set-ups, and what their kit lacks. */
export async function toBring(db: Database, players: readonly Player[]): Promise<readonly ToBring[]> {
  const ids = players.map(({ id }) => id);
  const [fits, setups] = await Promise.all([ofPlayers(db, 'fits', ids), ofPlayers(db, 'setups', ids)]);
  const [fitsOf, setupsOf] = [groupByPlayer(fits), groupByPlayer(setups)];
  const seats: Need[] = [];
  const things = players.flatMap((player): Thing[] => {
    const { id, family } = player;
    const fit = newestFitOf(player, fitsOf.get(id));
    const setup = newestFirst((setupsOf.get(id) ?? []).filter((one) => one.family === family))[0];
    const support = setup?.kind === 'rest' ? supportOf(setup) : 'none';
    if (setup?.kind === 'seated') seats.push({ id, mm: [setup.settings.seat.value] });
    return [
      ...(fit ? [{ what: 'size' as const, size: fit.size, family }] : []),
      ...(support === 'none' ? [] : [{ what: 'rest' as const, kind: support }]),
      ...kitGaps(player)
        .filter(({ state }) => state === 'missing')
        .map(({ item }) => ({ what: 'kit' as const, item }))
    ];
  });
  const counted = new Map<string, ToBring>();
  for (const thing of things) {
    const key = JSON.stringify(thing);
    counted.set(key, { ...thing, count: (counted.get(key)?.count ?? 0) + 1 } as ToBring);
  }
  // As few stools as serve all of them, rather than one for each height.
  const stools = coveringOf(seats, FITTING_REACH).map(({ mm, count }) => ({
    what: 'stool' as const,
    mm,
    count
  }));
  return [...counted.values(), ...stools].sort(
    (a, b) => BRING_ORDER.indexOf(a.what) - BRING_ORDER.indexOf(b.what) || b.count - a.count
  );
}
