import { nextOf, type Due, type Next } from '$lib/core/plan';
import { isPastLimit } from '$lib/core/setup';
import type { IsoDay } from '$lib/core/time';
import { newestFirst, newestFitOf } from './case';
import { duesOf } from './plan';
import { entriesOf, type RosterEntry } from './roster';
import type { Database } from '../store/database';

/** A child with what comes next. */
export interface WithNext {
  readonly entry: RosterEntry;
  readonly next: Next;
}

/** What comes next for each of a list. */
export async function withNext(
  db: Database,
  entries: readonly RosterEntry[],
  today: IsoDay
): Promise<readonly WithNext[]> {
  const dues = new Map<string, Due[]>();
  for (const due of await duesOf(db, entries, today)) {
    const mine = dues.get(due.playerId);
    if (mine) mine.push(due);
    else dues.set(due.playerId, [due]);
  }
  return entries.map((entry) => ({
    entry,
    next: nextOf(entry.standing, dues.get(entry.player.id) ?? [], today)
  }));
}

/** Everything that the one line about a child says. */
export interface ChildStatus extends WithNext {
  /** The size in use; null before a decision. */
  readonly size: string | null;
  /** `open`: decided and not set up since; `past`: outgrown by now. */
  readonly setUp: 'none' | 'open' | 'kept' | 'past';
  /** The day of the last look at a check. */
  readonly lookedOn: IsoDay | null;
}

/** The status of a child, as every place about it says it; null for one who is not there. */
export async function statusOf(db: Database, playerId: string, today: IsoDay): Promise<ChildStatus | null> {
  const player = await db.players.get(playerId);
  if (!player) return null;
  const owned = { playerId };
  const [[entry], fits, setups, checks] = await Promise.all([
    entriesOf(db, [player], today),
    db.fits.where(owned).toArray(),
    db.setups.where(owned).toArray(),
    db.checks.where(owned).toArray()
  ]);
  if (!entry) return null;
  const [known] = await withNext(db, [entry], today);
  const fit = newestFitOf(player, fits);
  const setup = newestFirst(setups).find(({ fitId }) => fitId === fit?.id);
  return {
    entry,
    next: known?.next ?? { kind: 'nothing', day: null },
    size: fit?.size ?? null,
    setUp: !fit ? 'none' : !setup ? 'open' : isPastLimit(entry.setupReview, today) ? 'past' : 'kept',
    lookedOn: checks.reduce<IsoDay | null>((last, { day }) => (last && last > day ? last : day), null)
  };
}
