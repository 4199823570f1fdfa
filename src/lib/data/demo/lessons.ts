import { RATINGS, type Check, type CheckCategory } from '$lib/core/checks';
import { CHECKS as BASS } from '$lib/core/checks/library/bass';
import { CHECKS as CELLO } from '$lib/core/checks/library/cello';
import { ofFamily } from '$lib/core/checks/library/of-family';
import { CHECKS as SHOULDER } from '$lib/core/checks/library/shoulder';
import type { Family } from '$lib/core/instruments';
import { daysLater, type IsoDay } from '$lib/core/time';
import { pointFor } from '../commands/checks';
import type { Aid, CheckResult, Fit, Lesson, Player, Practice, Remedy } from '../store/records';

const LIBRARY: Readonly<Record<Family, readonly Check[]>> = {
  violin: ofFamily(SHOULDER, 'violin'),
  viola: ofFamily(SHOULDER, 'viola'),
  cello: ofFamily(CELLO, 'cello'),
  bass: ofFamily(BASS, 'bass')
};

/** What was worked on in the weeks before today; a later round finds more of it there. */
export const DEMO_LESSONS: readonly {
  readonly category: CheckCategory;
  readonly daysAgo: number;
  readonly round: number;
}[] = [
  { category: 'hold', daysAgo: 70, round: -2 },
  { category: 'stance', daysAgo: 56, round: -1 },
  { category: 'hold', daysAgo: 42, round: 0 },
  { category: 'ready', daysAgo: 31, round: 0 },
  { category: 'stance', daysAgo: 28, round: 1 },
  { category: 'left-hand', daysAgo: 21, round: 2 },
  { category: 'bow-hand', daysAgo: 14, round: 3 },
  { category: 'hold', daysAgo: 7, round: 4 }
];

/** A test that each player does in every lesson. */
const TESTS: Readonly<Record<Family, string>> = {
  violin: 'hold-hands-off',
  viola: 'hold-hands-off',
  cello: 'use-eyes-closed',
  bass: 'hold-hands-off'
};
/** Whoever finds a look harder than this does not get on with it. */
const STUCK_BELOW = -0.8;

const LOOKS = 8;

/** One lesson of an invented player: a category looked at, with a point for home. */
export function demoLesson(
  player: Player,
  fit: Pick<Fit, 'day' | 'family'>,
  round: number,
  {
    category,
    setupId,
    quirk
  }: {
    readonly category: CheckCategory;
    readonly setupId: string | null;
    readonly quirk: (seed: string) => number;
  }
): {
  readonly lesson: Lesson;
  readonly checks: readonly CheckResult[];
  readonly remedies: readonly Remedy[];
} {
  const lessonId = `${player.id}:${fit.day}`;
  const looked = LIBRARY[fit.family]
    .filter((check) => check.category === category && check.families.includes(fit.family) && !check.later)
    .slice(0, LOOKS);
  const checks = looked.map((check, index): CheckResult => {
    const ease = quirk(`${player.name}${check.id}`);
    const learnt = ease < STUCK_BELOW ? 0 : round * 0.5;
    const level = Math.min(4, Math.max(1, 2 + learnt + 1.6 * ease));
    const isWeak = level < 1.7 && check.faults.length > 0;
    return {
      id: `${lessonId}-check-${index}`,
      playerId: player.id,
      checkId: check.id,
      at: `${fit.day}T09:4${index}:00.000Z`,
      day: fit.day,
      setupId,
      lessonId,
      outcome: outcomeOf(check, Math.round(level)),
      faults: isWeak ? [check.faults[0]?.id ?? ''] : []
    };
  });
  const weak = checks.find(({ faults }) => faults.length > 0);
  const check = looked.find(({ id }) => id === weak?.checkId);
  const [fault] = check?.faults ?? [];
  const [cause] = fault?.causes ?? [];
  const practice: Practice[] = check ? [pointFor(check, fault ?? null, cause ?? null)] : [];
  // What was set as practice for a fault is a remedy that was begun: the likeliest cause's.
  const remedies: Remedy[] =
    check && fault && cause
      ? [
          {
            id: `${player.id}:${check.id}:${fit.day}`,
            playerId: player.id,
            at: `${fit.day}T09:55:00.000Z`,
            day: fit.day,
            family: fit.family,
            checkId: check.id,
            fault: fault.id,
            cause: cause.cause,
            remedy: cause.remedy,
            drill: cause.cause === 'habit' ? check.drill : null,
            setting: cause.step?.setting ?? null
          }
        ]
      : [];
  const lesson: Lesson = {
    id: lessonId,
    playerId: player.id,
    at: `${fit.day}T09:40:00.000Z`,
    day: fit.day,
    groupId: player.groupId,
    category,
    practice,
    nextLook: daysLater(fit.day, 7)
  };
  return { lesson, checks, remedies };
}

/** The test of a lesson, a little better each time. */
export function demoTest(
  player: Player,
  { day, family }: Pick<Fit, 'day' | 'family'>,
  round: number,
  quirk: (seed: string) => number
): CheckResult {
  const check = LIBRARY[family].find(({ id, families }) => id === TESTS[family] && families.includes(family));
  if (!check) throw new Error(`the library has the test of the ${family}`);
  const { first = 3, later = 10 } = check.goal ?? {};
  const share = 0.15 + 0.09 * (round + 2) + 0.12 * quirk(`${player.name} test ${day}`);
  const value = first / 2 + share * (later - first / 2);
  const lessonId = `${player.id}:${day}`;
  return {
    id: `${lessonId}-test`,
    playerId: player.id,
    checkId: check.id,
    at: `${day}T09:50:00.000Z`,
    day,
    setupId: null,
    lessonId,
    outcome:
      check.result === 'seconds'
        ? { kind: 'seconds', seconds: Math.round(10 * value) / 10 }
        : { kind: 'count', count: Math.round(value) },
    faults: []
  };
}

function outcomeOf(check: Check, level: number): CheckResult['outcome'] {
  const { goal } = check;
  switch (check.result) {
    case 'seconds':
      return { kind: 'seconds', seconds: goal && level > 2 ? goal.first + level : 1.5 };
    case 'count':
      return { kind: 'count', count: goal ? (level > 2 ? goal.first : goal.first - 1) : level };
    case 'yes-no':
      return { kind: 'yes-no', yes: level > 2 };
    case 'angle':
      return { kind: 'angle', deg: level > 2 ? 6 : 18 };
    case 'rating':
      return { kind: 'rating', rating: RATINGS[level] ?? 'mostly' };
  }
}

/** Seats in two bows before the teacher, as shares of the room. */
export function demoSeats(playerIds: readonly string[]) {
  const front = Math.ceil(playerIds.length / 2);
  return playerIds.map((playerId, i) => {
    const inFront = i < front;
    const of = inFront ? front : playerIds.length - front;
    const share = ((inFront ? i : i - front) + 0.5) / of;
    return { playerId, x: 0.1 + 0.8 * share, y: (inFront ? 0.32 : 0.66) + 0.5 * (share - 0.5) ** 2 };
  });
}

/** Who has a help on bow or neck. */
export const demoAids = (today: IsoDay): readonly Aid[] => [
  {
    id: 'demo-aid-1',
    playerId: 'demo-01',
    kind: 'cup',
    where: 'on the bow, for the little finger',
    from: daysLater(today, -40),
    weaned: null,
    to: null
  },
  {
    id: 'demo-aid-2',
    playerId: 'demo-05',
    kind: 'sticker',
    where: 'on the neck, for the thumb',
    from: daysLater(today, -60),
    weaned: daysLater(today, -7),
    to: null
  }
];
