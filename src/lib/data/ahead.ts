import { usualSizes, type Family, type Size } from '$lib/core/instruments';
import { outlookLine, type OutlookLine } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import type { Database } from './database';
import { outlookQuestion } from './outlook';
import type { Player } from './records';
import { groupByPlayer, newestFitOf } from './roster';
import { getSettings } from './settings';

/** A player with the size in use and what comes, as much of it as a list shows. */
export interface AheadRow {
  readonly player: Pick<Player, 'id' | 'name' | 'family' | 'group'>;
  readonly size: Size;
  readonly ahead: OutlookLine;
}

/** Players between two reports of progress. */
const REPORT_EVERY = 250;
const byName = new Intl.Collator();
const middleOf = ({ ahead }: AheadRow): IsoDay | null => ahead.outgrown?.middle ?? null;

/**
 * Looks ahead for every player who has a size, soonest outgrown first. Long work for a large class: meant for a
 * worker.
 *
 * @param report hears how many of how many are done
 */
export async function lookAhead(
  db: Database,
  today: IsoDay,
  report: (done: number, total: number) => void
): Promise<readonly AheadRow[]> {
  const [players, fits, measurements, settings] = await Promise.all([
    db.players.toArray().then((all) => all.filter(({ archivedOn }) => archivedOn === null)),
    db.fits.toArray().then(groupByPlayer),
    db.measurements.toArray().then(groupByPlayer),
    getSettings(db)
  ]);
  const sized = players.flatMap((player) => {
    const fit = newestFitOf(player, fits.get(player.id));
    return fit ? [{ player, size: fit.size }] : [];
  });
  report(0, sized.length);
  const rows = sized.map(({ player, size }, index): AheadRow => {
    if (index % REPORT_EVERY === 0) report(index, sized.length);
    const question = outlookQuestion(player, measurements.get(player.id) ?? [], settings, size, today);
    const { id, name, family, group } = player;
    return { player: { id, name, family, group }, size, ahead: outlookLine(question) };
  });
  return rows.sort((a, b) => {
    const [one, other] = [middleOf(a) ?? '9', middleOf(b) ?? '9'];
    return one === other ? byName.compare(a.player.name, b.player.name) : one < other ? -1 : 1;
  });
}

/** Those who outgrow their size until a day; everybody without a day. */
export const outgrownUntil = (rows: readonly AheadRow[], until: IsoDay | null): readonly AheadRow[] =>
  until === null ? rows : rows.filter((row) => (middleOf(row) ?? '9') <= until);

/** How many of each next size these players will want, most wanted first. */
export function wantedSizes(
  rows: readonly AheadRow[]
): readonly { readonly family: Family; readonly size: Size; readonly count: number }[] {
  const counts = new Map<string, { readonly family: Family; readonly size: Size; readonly count: number }>();
  for (const row of rows) {
    const { family } = row.player;
    const sizes = usualSizes(family);
    const next = sizes[sizes.indexOf(row.size) - 1];
    if (middleOf(row) === null || !next) continue;
    const key = `${family} ${next}`;
    counts.set(key, { family, size: next, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  return [...counts.values()].toSorted((a, b) => b.count - a.count);
}
