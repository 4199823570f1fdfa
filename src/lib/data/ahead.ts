import { usualSizes, type Family, type Size } from '$lib/core/instruments';
import type { OutlookLine, OutlookQuestion } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import type { Database } from './database';
import { outlookQuestion } from './outlook';
import type { Player } from './records';
import { groupByPlayer, roster } from './roster';
import { getSettings } from './settings';

/** A player with the size in use, and the question for what comes. */
export interface AheadQuestion {
  readonly player: Player;
  readonly size: Size;
  readonly question: OutlookQuestion;
}

/** Players between two pauses, in which the page can answer. */
const SLICE = 150;

/**
 * A question for what comes for every player who has a size.
 *
 * @param pause is waited for now and then; what it gives says whether to go on
 */
export async function aheadQuestions(
  db: Database,
  today: IsoDay,
  pause: () => Promise<boolean>
): Promise<readonly AheadQuestion[]> {
  const [lines, measurements, settings] = await Promise.all([
    roster(db, today),
    db.measurements.toArray(),
    getSettings(db)
  ]);
  const owned = groupByPlayer(measurements);
  const questions: AheadQuestion[] = [];
  for (const { player, fit } of lines) {
    if (!fit) continue;
    const question = outlookQuestion(player, owned.get(player.id) ?? [], settings, fit.size, today);
    questions.push({ player, size: fit.size, question });
    if (questions.length % SLICE === 0 && !(await pause())) break;
  }
  return questions;
}

/** A player with what comes. */
export interface AheadRow {
  readonly player: Player;
  readonly size: Size;
  readonly ahead: OutlookLine;
}

/** Those who outgrow their size until a day, soonest first; everybody without a day. */
export const outgrownUntil = (rows: readonly AheadRow[], until: IsoDay | null): readonly AheadRow[] => {
  const middle = ({ ahead }: AheadRow) => ahead.outgrown?.middle ?? null;
  return rows
    .filter((row) => until === null || (middle(row) ?? '9') <= until)
    .toSorted(
      (a, b) =>
        (middle(a) ?? '9').localeCompare(middle(b) ?? '9') || a.player.name.localeCompare(b.player.name)
    );
};

/** How many of each next size these players will want, most wanted first. */
export function wantedSizes(
  rows: readonly AheadRow[]
): readonly { readonly family: Family; readonly size: Size; readonly count: number }[] {
  const wanted = rows.flatMap(({ player: { family }, size, ahead }) => {
    const sizes = usualSizes(family);
    const next = sizes[sizes.indexOf(size) - 1];
    return ahead.outgrown?.middle && next ? [{ family, size: next }] : [];
  });
  return wanted
    .filter(
      (one, index) =>
        wanted.findIndex(({ family, size }) => family === one.family && size === one.size) === index
    )
    .map((one) => ({
      ...one,
      count: wanted.filter(({ family, size }) => family === one.family && size === one.size).length
    }))
    .toSorted((a, b) => b.count - a.count);
}
