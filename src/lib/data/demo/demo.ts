import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { newDraft } from '../commands/drafts';
import type {
  Aid,
  CheckResult,
  Draft,
  Fit,
  FittingDay,
  Group,
  Instrument,
  Lesson,
  Loan,
  Measurement,
  Pain,
  Player,
  Remedy,
  Setup,
  Trial
} from '../store/records';
import { DEMO_CAST } from './cast';
import { demoCupboard } from './cupboard';
import { demoGroups } from './groups';
import { demoAids } from './lessons';
import { tell, type Story } from './story';

/** Every record of the made-up class, with its dates counted back from today. */
export interface DemoRecords {
  readonly groups: readonly Group[];
  readonly players: readonly Player[];
  readonly measurements: readonly Measurement[];
  readonly fits: readonly Fit[];
  readonly setups: readonly Setup[];
  readonly trials: readonly Trial[];
  readonly lessons: readonly Lesson[];
  readonly checks: readonly CheckResult[];
  readonly remedies: readonly Remedy[];
  readonly pains: readonly Pain[];
  readonly aids: readonly Aid[];
  readonly days: readonly FittingDay[];
  readonly drafts: readonly Draft[];
  readonly instruments: readonly Instrument[];
  readonly loans: readonly Loan[];
}

/** A line that was begun today with the Monday beginners: one is away. */
function demoDay(stories: readonly Story[], now: Date): FittingDay {
  const line = stories.filter(
    ({ who }) => who.group === 'Monday beginners' && who.story !== 'archived' && who.story !== 'half-measured'
  );
  return {
    id: 'demo-day',
    name: 'Monday beginners, autumn',
    day: dayOf(now),
    startedAt: new Date(now.getTime() - 1_800_000).toISOString(),
    closedAt: null,
    entries: line.map(({ player }, index) => ({
      playerId: player.id,
      state: index === 1 ? 'absent' : 'waiting'
    })),
    demo: true
  };
}

/** The made-up class as it would stand on a day. The same day always gives the same records. */
export function demoRecords(now: Date): DemoRecords {
  const today = dayOf(now);
  const stories = DEMO_CAST.map((who, index) => tell(who, index, today));
  const of = <T>(pick: (story: Story) => readonly T[]) => stories.flatMap(pick);
  const players = stories.map(({ player }) => player);
  const names = [...new Set(DEMO_CAST.map(({ group }) => group))].filter((name) => name !== '');
  return {
    groups: demoGroups(names, players, today),
    players,
    measurements: of((story) => story.measurements),
    fits: of((story) => story.fits),
    setups: of((story) => story.setups),
    trials: of((story) => story.trials),
    days: [demoDay(stories, now)],
    lessons: of((story) => story.lessons),
    checks: of((story) => story.checks),
    remedies: of((story) => story.remedies),
    pains: of((story) => story.pains),
    aids: demoAids(today),
    ...demoCupboard(stories, today),
    drafts: stories
      .filter(({ who }) => who.story === 'half-measured')
      .map(({ player }) => newDraft(player.id, new Date(now.getTime() - 3_600_000)))
  };
}

/** Puts the made-up class into the database as one step; one that is there already stays as it is. */
export const loadDemo = (db: Database, now = new Date()): Promise<void> =>
  commit(db, 'Brought in the made-up class', async ({ putAll }) => {
    if ((await db.players.filter(({ demo }) => demo).count()) > 0) return;
    const records = demoRecords(now);
    // Made by ourselves, and held against their schemas by a test.
    for (const [table, made] of Object.entries(records))
      await putAll(table as keyof DemoRecords, made as never, true);
  });
