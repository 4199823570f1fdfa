import { sizesUp, type Family, type Size } from '$lib/core/instruments';
import { isGrown } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import type { Settings } from '../store/records';
import type { RosterEntry } from './roster';
import { sizesInUse } from './settings';

/** An entry with a size in use, soonest outgrown first in the lists made of it. */
export type SizedEntry = RosterEntry & { readonly foresight: NonNullable<RosterEntry['foresight']> };

const isSized = (entry: RosterEntry): entry is SizedEntry => entry.foresight !== null;

/** Those of whom something is to be seen to before any forecast counts. */
const isPressing = (entry: SizedEntry): boolean => pressed(entry) > 0;

/**
 * When a size will probably be too small: today for one that is so already, null where it can't be told or is not the
 * question, since it hurts or is too large.
 */
export function outgrownOn(entry: SizedEntry, today: IsoDay): IsoDay | null {
  if (isPressing(entry)) return null;
  const { foresight } = entry;
  const { outgrown, tooSmall } = foresight;
  if (tooSmall && !isGrown(foresight, today)) return today;
  const middle = isGrown(foresight, today) ? null : (outgrown?.middle ?? null);
  return middle !== null && middle < today ? today : middle;
}

/** How pressing it is: pain before a size that is too large, and both before the rest. */
const pressed = ({ standing }: SizedEntry): number =>
  standing === 'pain' ? 2 : standing === 'measured-too-large' ? 1 : 0;

/** Everybody with a size: who is hurt or on one too large, then soonest outgrown; of one day as the entries are. */
export const bySoonest = (entries: readonly RosterEntry[], today: IsoDay): readonly SizedEntry[] =>
  entries
    .filter(isSized)
    .map((entry) => ({ entry, on: outgrownOn(entry, today) ?? '9' }))
    .sort((a, b) => pressed(b.entry) - pressed(a.entry) || (a.on === b.on ? 0 : a.on < b.on ? -1 : 1))
    .map(({ entry }) => entry);

/** Those who outgrow their size until a day; everybody without a day. */
export const outgrownUntil = (
  entries: readonly SizedEntry[],
  until: IsoDay | null,
  today: IsoDay
): readonly SizedEntry[] =>
  until === null
    ? entries
    : entries.filter((entry) => isPressing(entry) || (outgrownOn(entry, today) ?? '9') <= until);

/** How many of each next size that the teacher uses these players will want, most wanted first. */
export function wantedSizes(
  entries: readonly SizedEntry[],
  settings: Settings,
  today: IsoDay
): readonly { readonly family: Family; readonly size: Size; readonly count: number }[] {
  const counts = new Map<string, { readonly family: Family; readonly size: Size; readonly count: number }>();
  const nextOf = new Map<string, Size | undefined>();
  for (const entry of entries) {
    const { family } = entry.player;
    const { size } = entry.foresight;
    const now = `${family} ${size}`;
    if (!nextOf.has(now)) {
      const all = sizesUp(family);
      const used = sizesInUse(settings, family);
      nextOf.set(
        now,
        all.slice(all.indexOf(size) + 1).find((one) => used.includes(one))
      );
    }
    const next = nextOf.get(now);
    if (outgrownOn(entry, today) === null || !next) continue;
    const key = `${family} ${next}`;
    counts.set(key, { family, size: next, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  return [...counts.values()].toSorted((a, b) => b.count - a.count);
}
