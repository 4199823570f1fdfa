import type { MeasurementId } from '$lib/core/body';
import { dimensionsOf } from '$lib/core/instruments';
import { standingOf, type Standing } from '$lib/core/roster';
import { judgeSizes } from '$lib/core/sizing';
import type { IsoDay } from '$lib/core/time';
import type { Database } from './database';
import { freshReadings } from './measurements';
import type { Draft, Fit, Measurement, Player, Settings } from './records';
import { getSettings, sizesInUse } from './settings';

/** A player with what matters on a list. */
export interface RosterLine {
  readonly player: Player;
  readonly standing: Standing;
  /** The newest decision on the family that is played now, if any. */
  readonly fit: Fit | null;
  readonly draft: Draft | null;
}

/** Records by the player whom they belong to. */
export function groupByPlayer<T extends { readonly playerId: string }>(
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

/** Lengths that tell more about a size than height does. */
const TELLING: readonly MeasurementId[] = ['armToPalm', 'armToWrist', 'armReach', 'seatedEar', 'gripHang'];

/** Whether what was measured since the newest decision makes its size too small. Height alone never says so. */
function isOutgrown(
  fit: Fit | null,
  measurements: readonly Measurement[],
  settings: Settings,
  today: IsoDay
): boolean {
  if (!fit) return false;
  const readings = freshReadings(
    measurements.filter(({ day }) => day > fit.day),
    today
  );
  if (!TELLING.some((id) => readings[id])) return false;
  const { family, size } = fit;
  const judgement = judgeSizes({
    family,
    readings,
    ...(fit.rule ? { rule: fit.rule } : {}),
    sizes: sizesInUse(settings, family),
    overrides: settings.dimensions
  });
  const overallMm = dimensionsOf(family, size, settings.dimensions).overallMm;
  return judgement !== null && judgement.chosen.holds && judgement.chosen.instrument.overallMm > overallMm;
}

/** The newest decision on the family that a player plays now, if any. */
export const newestFitOf = ({ family }: Player, fits: readonly Fit[] = []): Fit | null =>
  fits
    .filter((fit) => fit.family === family)
    .reduce<Fit | null>((newest, one) => (newest && newest.at > one.at ? newest : one), null);

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
      const fit = newestFitOf(player, fitsOf.get(player.id));
      const draft = draftOf.get(player.id) ?? null;
      const outgrown = isOutgrown(fit, measurementsOf.get(player.id) ?? [], settings, today);
      const standing = standingOf(
        { underWay: draft !== null, nextLook: fit?.nextLook ?? null, outgrown },
        today
      );
      return { player, standing, fit, draft };
    });
}
