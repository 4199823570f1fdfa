import { dayOf, type IsoDay } from '$lib/core/time';
import {
  DRILLS,
  type Cause,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type Fault,
  type SeenResult
} from '$lib/core/checks';
import { newestFirst } from '../questions/case';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import { MOST_POINTS, type MeasuredAngle } from '../schema/check';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import { putRemedy, type NewRemedy } from './begin-remedy';
import type { CheckResult, Lesson, Player, Practice } from '../store/records';

/** The lesson of a player on a day, begun where it is not there yet. Inside a change. */
async function lessonOf(db: Database, { put }: Writer, player: Player, now: Date): Promise<string> {
  const day = dayOf(now);
  const id = `${player.id}:${day}`;
  if (!(await db.lessons.get(id)))
    await put('lessons', { id, playerId: player.id, at: now.toISOString(), day, groupId: player.groupId });
  return id;
}

/**
 * The result that a tap is about: the one that is shown, by its id; the newest of the day where none was, or where it
 * was taken back meanwhile.
 */
async function meant(db: Database, playerId: string, checkId: string, shownId: string | null, day: IsoDay) {
  const shown = shownId === null ? undefined : await db.checks.get(shownId);
  if (shown) return shown;
  const results = await db.checks
    .where('[playerId+checkId]')
    .equals([playerId, checkId])
    .filter((result) => result.day === day)
    .toArray();
  return newestFirst(results)[0];
}

/**
 * Records what was seen at a check. A second rating on the same day with the same set-up replaces the first,
 * since the teacher corrects herself; the journal still holds it. Times and counts are kept each.
 *
 * @param seen what was seen, with which set-up, and the id of the result that the screen shows
 */
export const recordCheck = (
  db: Database,
  player: Player,
  check: Check,
  seen: {
    readonly outcome: CheckOutcome;
    readonly faults: readonly string[];
    readonly setupId: string | null;
    readonly shown?: string | null;
  },
  now = new Date()
): Promise<void> =>
  commit(db, `Checked ${check.title.toLowerCase()}: ${player.name}`, async (writer) => {
    const day = dayOf(now);
    const { shown = null, ...record } = seen;
    const before = await meant(db, player.id, check.id, shown, day);
    const replaces =
      seen.outcome.kind === 'rating' &&
      before?.outcome.kind === 'rating' &&
      before.setupId === seen.setupId &&
      before.day === day;
    await writer.put('checks', {
      ...record,
      ...(replaces && before.angles ? { angles: before.angles } : {}),
      id: replaces ? before.id : newId(),
      playerId: player.id,
      checkId: check.id,
      lessonId: await lessonOf(db, writer, player, now),
      at: now.toISOString(),
      day
    });
  });

/** A look at which nothing was rated yet. Inside a change. */
const unrated = async (
  db: Database,
  writer: Writer,
  player: Player,
  check: Check,
  setupId: string | null,
  rating: 'not-yet' | 'not-seen',
  now: Date
): Promise<CheckResult> => ({
  id: newId(),
  playerId: player.id,
  checkId: check.id,
  lessonId: await lessonOf(db, writer, player, now),
  at: now.toISOString(),
  day: dayOf(now),
  setupId,
  outcome: { kind: 'rating', rating },
  faults: []
});

/** What can be said of a fault at a look: it is seen, or it was looked for and is not there. */
export type FaultSaid = 'faults' | 'absent';

/**
 * Marks or unmarks what a look says of a fault at the result that is shown. Where there is none yet, the check counts as
 * seen and not yet there by a fault that is seen, and as not looked at by one that is gone.
 *
 * @param at the id of the result that the screen shows, the set-up that a new one is about, and what is said
 */
export const toggleFault = (
  db: Database,
  player: Player,
  check: Check,
  fault: string,
  {
    shown,
    setupId,
    said = 'faults'
  }: { readonly shown: string | null; readonly setupId: string | null; readonly said?: FaultSaid },
  now = new Date()
): Promise<void> =>
  commit(db, `Marked ${check.title.toLowerCase()}: ${player.name}`, async (writer) => {
    const day = dayOf(now);
    const before = await meant(db, player.id, check.id, shown, day);
    const without = (list: readonly string[] = []): string[] => list.filter((one) => one !== fault);
    const marked = before?.[said]?.includes(fault) === true;
    const lists: Readonly<Record<FaultSaid, string[]>> = {
      faults: without(before?.faults),
      absent: without(before?.absent)
    };
    if (!marked) lists[said].push(fault);
    const { faults, absent } = lists;
    const rating = said === 'faults' ? 'not-yet' : 'not-seen';
    const { absent: _was, ...kept } =
      before ?? (await unrated(db, writer, player, check, setupId, rating, now));
    await writer.put('checks', { ...kept, faults, ...(absent.length > 0 ? { absent } : {}) });
  });

/**
 * Keeps an angle that was read from a still, beside what was seen at the check on that day; read again it replaces the
 * one before. Where nothing was rated yet the check counts as not looked at.
 */
export const recordAngle = (
  db: Database,
  player: Player,
  check: Check,
  measured: MeasuredAngle,
  { shown, setupId }: { readonly shown: string | null; readonly setupId: string | null },
  now = new Date()
): Promise<void> =>
  commit(db, `Measured an angle, ${check.title.toLowerCase()}: ${player.name}`, async (writer) => {
    const before = await meant(db, player.id, check.id, shown, dayOf(now));
    const look = before ?? (await unrated(db, writer, player, check, setupId, 'not-seen', now));
    const others = (look.angles ?? []).filter(({ angle }) => angle !== measured.angle);
    await writer.put('checks', { ...look, angles: [...others, measured] });
  });

/** How often something without a drill of its own is practised. */
const USUAL_DOSE = 'a few times, every day';

/**
 * A point for home: the remedy of a fault's cause, else what right is, with its drill and dose.
 *
 * @param remedy the teacher's own words for it; empty takes the cause's
 */
export function pointFor(check: Check, fault: Fault | null, cause: Cause | null, remedy = ''): Practice {
  const drill = cause?.drill ?? check.drill;
  return {
    checkId: check.id,
    fault: fault?.id ?? null,
    remedy: remedy || (cause?.remedy ?? check.right),
    drill,
    dose: drill ? DRILLS[drill].dose : USUAL_DOSE
  };
}

/** The points for home with one more: a second one for a check takes the first's place, and the oldest makes room. */
export const withPoint = (points: readonly Practice[], point: Practice): readonly Practice[] =>
  [...withoutPoint(points, point.checkId), point].slice(-MOST_POINTS);

export const withoutPoint = (points: readonly Practice[], checkId: string): readonly Practice[] =>
  points.filter((point) => point.checkId !== checkId);

/**
 * Sets what was worked on, what is practised at home, and when to look again; the lesson of the day keeps it.
 *
 * @param practice the points from those that the record has when it is written
 * @param begun the remedy that begins with it, where one does
 */
export const setPractice = (
  db: Database,
  player: Player,
  {
    category,
    practice,
    nextLook,
    begun = null
  }: {
    readonly category: CheckCategory;
    readonly practice: (points: readonly Practice[]) => readonly Practice[];
    readonly nextLook: IsoDay;
    readonly begun?: NewRemedy | null;
  },
  now = new Date()
): Promise<void> =>
  commit(db, `Practice for ${player.name}`, async (writer) => {
    if (begun) await putRemedy(writer, player, begun, now);
    const id = await lessonOf(db, writer, player, now);
    const lesson = await db.lessons.get(id);
    if (lesson)
      await writer.put('lessons', {
        ...lesson,
        category,
        practice: practice(lesson.practice ?? []),
        nextLook
      });
  });

/** The newest lesson that set something to practise. */
export const lastPractised = (lessons: readonly Lesson[]): Lesson | null =>
  newestFirst(lessons.filter(({ practice }) => practice && practice.length > 0))[0] ?? null;

/** What was seen, as the rules of focus and rest read it. */
export const seenResults = (results: readonly CheckResult[]): readonly SeenResult[] =>
  results.map(({ checkId, day, outcome, faults }) => ({ checkId, day, outcome, faults }));

/** The newest result of each check. */
export function newestByCheck(
  results: readonly CheckResult[]
): Readonly<Partial<Record<string, CheckResult>>> {
  const newest: Partial<Record<string, CheckResult>> = {};
  for (const result of results) {
    const known = newest[result.checkId];
    if (!known || result.at > known.at) newest[result.checkId] = result;
  }
  return newest;
}
