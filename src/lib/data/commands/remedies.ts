import { identityOf, seenIn, strengthOf, type Check } from '$lib/core/checks';
import {
  openReviews,
  remedyStandings,
  reviewsOf,
  workedHere,
  type FaultLook,
  type OwnRecord,
  type RemedyStanding,
  type Review
} from '$lib/core/causes';
import { dayOf, daysLater, type IsoDay } from '$lib/core/time';
import { groupByPlayer } from '../questions/case';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { CheckResult, Player, Remedy, ReviewRecord } from '../store/records';

type StrengthOf = (result: CheckResult) => number;

/** Strength of results by the checks of a library; what the library does not know says nothing. */
export function strengthBy(checks: readonly Check[]): StrengthOf {
  const known = new Map(checks.map((check) => [check.id, check]));
  return ({ checkId, outcome }) => strengthOf(known.get(checkId) ?? {}, outcome);
}

/** What was seen at the checks, as the rules of remedies read it. */
export const faultLooks = (
  results: readonly CheckResult[],
  strength: StrengthOf = ({ outcome }) => strengthOf({}, outcome)
): readonly FaultLook[] =>
  results.map((result) => ({
    checkId: result.checkId,
    at: result.at,
    day: result.day,
    strength: strength(result),
    faults: result.faults,
    ...(result.absent ? { absent: result.absent } : {})
  }));

/** How the remedies of one player stand. */
export const standingsFor = (
  remedies: readonly Remedy[],
  looks: readonly FaultLook[],
  today: IsoDay
): readonly RemedyStanding<Remedy>[] => remedyStandings(remedies, looks, today);

/** Results of the checks at which what remedies were begun for is seen, by player; nothing else is read. */
async function looksBehind(db: Database, remedies: readonly Remedy[]) {
  const pairs = new Map(
    remedies.flatMap(({ playerId, checkId, fault }) =>
      seenIn(identityOf(checkId, fault)).map((place) => [
        `${playerId} ${place.checkId}`,
        [playerId, place.checkId] as const
      ])
    )
  );
  const results = await Promise.all(
    [...pairs.values()].map((pair) =>
      db.checks
        .where('[playerId+checkId]')
        .equals([...pair])
        .toArray()
    )
  );
  return groupByPlayer(results.flat());
}

async function standingsOfAll(db: Database, remedies: readonly Remedy[], today: IsoDay) {
  const behind = await looksBehind(db, remedies);
  return [...new Set(remedies.map(({ playerId }) => playerId))].map((playerId) => {
    const looks = faultLooks(behind.get(playerId) ?? []);
    const mine = remedies.filter((one) => one.playerId === playerId);
    return { playerId, looks, standings: remedyStandings(mine, looks, today) };
  });
}

/** What worked for a fault in this teacher's own records, whoever had it. */
export async function recordFor(
  db: Database,
  checkId: string,
  fault: string,
  today: IsoDay
): Promise<readonly OwnRecord[]> {
  const identity = identityOf(checkId, fault);
  const places = seenIn(identity).map((place) => [place.checkId, place.fault]);
  const tried = await db.remedies.where('[checkId+fault]').anyOf(places).toArray();
  const standings = (await standingsOfAll(db, tried, today)).flatMap((one) => one.standings);
  return workedHere(standings).get(identity) ?? [];
}

/** Reviews that the remedies of players ask for, and are not put off. */
export async function reviewsAsked(
  db: Database,
  today: IsoDay
): Promise<ReadonlyMap<string, readonly Review[]>> {
  const [remedies, answers] = await Promise.all([db.remedies.toArray(), db.reviews.toArray()]);
  const found = new Map<string, readonly Review[]>();
  for (const { playerId, looks, standings } of await standingsOfAll(db, remedies, today)) {
    const mine = answers.filter((one) => one.playerId === playerId);
    const open = openReviews(reviewsOf(standings, looks, mine), mine, today);
    if (open.length > 0) found.set(playerId, open);
  }
  return found;
}

/** A review that is put off waits so long, days. */
const PUT_OFF_DAYS = 28;

/** Says what became of a review: done, or put off for four weeks with a reason. */
export const answerReview = (
  db: Database,
  player: Player,
  key: string,
  { state, reason }: Pick<ReviewRecord, 'state' | 'reason'>,
  now = new Date()
): Promise<void> =>
  commit(db, `${state === 'done' ? 'Reviewed' : 'Put off a review'}: ${player.name}`, ({ put }) => {
    const day = dayOf(now);
    return put('reviews', {
      id: newId(),
      playerId: player.id,
      at: now.toISOString(),
      day,
      key,
      state,
      until: state === 'done' ? null : daysLater(day, PUT_OFF_DAYS),
      reason: reason.trim()
    });
  });
