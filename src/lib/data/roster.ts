import { isShoulderFamily } from '$lib/core/instruments';
import { standingOf, type Standing } from '$lib/core/roster';
import { proposeSize } from '$lib/core/sizing';
import type { IsoDay } from '$lib/core/time';
import type { Database } from './database';
import { freshReadings } from './measurements';
import type { Draft, Fit, Measurement, Player, Settings } from './records';
import { getSettings, sizesInUse } from './settings';

/** A player with what matters on a list. */
export interface RosterLine {
  readonly player: Player;
  readonly standing: Standing;
  /** The newest decision, if any. */
  readonly fit: Fit | null;
  readonly draft: Draft | null;
}

function groupByPlayer<T extends { readonly playerId: string }>(
  records: readonly T[]
): ReadonlyMap<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const record of records) {
    const group = groups.get(record.playerId);
    if (group) group.push(record);
    else groups.set(record.playerId, [record]);
  }
  return groups;
}

/**
 * Whether what was measured since the newest decision makes its size too small. An estimate never says so.
 */
function isOutgrown(
  fit: Fit | null,
  measurements: readonly Measurement[],
  settings: Settings,
  today: IsoDay
): boolean {
  if (!fit || !isShoulderFamily(fit.family)) return false;
  const readings = freshReadings(
    measurements.filter(({ day }) => day > fit.day),
    today
  );
  if (!readings.armToPalm && !readings.armToWrist) return false;
  const proposal = proposeSize({
    family: fit.family,
    readings,
    rule: fit.rule,
    sizes: sizesInUse(settings, fit.family),
    overrides: settings.dimensions
  });
  return proposal?.candidates.find(({ size }) => size === fit.size)?.verdict === 'small';
}

/** Every player that is not archived with where each stands, by name. */
export async function roster(db: Database, today: IsoDay): Promise<readonly RosterLine[]> {
  const [players, fits, measurements, drafts, settings] = await Promise.all([
    db.players.orderBy('name').toArray(),
    db.fits.toArray(),
    db.measurements.toArray(),
    db.drafts.toArray(),
    getSettings(db)
  ]);
  const fitsOf = groupByPlayer(fits);
  const measurementsOf = groupByPlayer(measurements);
  const draftOf = new Map(drafts.map((draft) => [draft.id, draft]));
  return players
    .filter(({ archivedOn }) => archivedOn === null)
    .map((player) => {
      const fit = (fitsOf.get(player.id) ?? []).reduce<Fit | null>(
        (newest, one) => (newest && newest.at > one.at ? newest : one),
        null
      );
      const draft = draftOf.get(player.id) ?? null;
      const outgrown = isOutgrown(fit, measurementsOf.get(player.id) ?? [], settings, today);
      const standing = standingOf(
        { underWay: draft !== null, nextLook: fit?.nextLook ?? null, outgrown },
        today
      );
      return { player, standing, fit, draft };
    });
}
