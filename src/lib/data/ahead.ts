import { usualSizes, type Family, type Size } from '$lib/core/instruments';
import { outlookLine, type OutlookLine } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import type { Database } from './database';
import { outlookQuestion } from './outlook';
import type { Player } from './records';
import { groupByPlayer, roster } from './roster';
import { getSettings } from './settings';

/** A player with the size in use and what comes. */
export interface AheadRow {
  readonly player: Player;
  readonly size: Size;
  readonly ahead: OutlookLine;
}

/** Players between two reports of progress. */
const REPORT_EVERY = 100;

/**
 * Looks ahead for every player who has a size. Long work for a large class: meant for a worker.
 *
 * @param report hears how many of how many are done
 */
export async function lookAhead(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void
): Promise<readonly AheadRow[]> {
  const [lines, measurements, settings] = await Promise.all([
    roster(db, today),
    db.measurements.toArray(),
    getSettings(db)
  ]);
  const owned = groupByPlayer(measurements);
  const sized = lines.flatMap(({ player, fit }) => (fit ? [{ player, size: fit.size }] : []));
  report(0, sized.length);
  return sized.map(({ player, size }, index) => {
    if (index % REPORT_EVERY === 0) report(index, sized.length);
    const question = outlookQuestion(player, owned.get(player.id) ?? [], settings, size, today);
    return { player, size, ahead: outlookLine(question) };
  });
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
