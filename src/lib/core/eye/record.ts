/** How a fault is seen by somebody who practises: by its key. */
export interface EyeStanding {
  /** How often it was shown, and how often it was told. */
  readonly shown: number;
  readonly told: number;
  /** How long it took to tell it, ms, the mean of the times at which it was told. */
  readonly ms: number;
  /** Told so many times in a row since it was last missed. */
  readonly row: number;
  /** Comes back once so many pictures were shown. */
  readonly due: number;
}

/** What an eye was trained on: pictures shown in all, and the standing of each fault that was among them. */
export interface EyeRecord {
  readonly pictures: number;
  readonly faults: Readonly<Record<string, EyeStanding>>;
}

export const NOTHING_SEEN: EyeRecord = { pictures: 0, faults: {} };

// Source: our own, after the rule that what is missed comes back soon, and each time it is told a good while later.
/** What was missed comes back after so many pictures, and after so many times as many for each time it is told. */
const AGAIN_AFTER = 4;
const LATER_BY = 3;
/** Told so often in a row it is seen reliably, and no longer asked for by itself. */
const RELIABLY = 3;

/**
 * The record after a picture. Of a picture of right that was taken for a fault nothing is kept but that it was shown.
 *
 * @param key of the fault; null for a picture of right
 * @param ms how long the answer took
 */
export function answered(record: EyeRecord, key: string | null, isTold: boolean, ms: number): EyeRecord {
  const pictures = record.pictures + 1;
  if (key === null) return { ...record, pictures };
  const was = record.faults[key] ?? { shown: 0, told: 0, ms: 0, row: 0, due: 0 };
  const told = was.told + (isTold ? 1 : 0);
  const row = isTold ? was.row + 1 : 0;
  const standing: EyeStanding = {
    shown: was.shown + 1,
    told,
    ms: isTold ? (was.ms * was.told + ms) / told : was.ms,
    row,
    due: pictures + AGAIN_AFTER * LATER_BY ** row
  };
  return { pictures, faults: { ...record.faults, [key]: standing } };
}

/** Faults that were missed once and come back now, the longest due first. */
export const dueNow = ({ pictures, faults }: EyeRecord): readonly string[] =>
  Object.entries(faults)
    .filter(([, { told, shown, row, due }]) => told < shown && row < RELIABLY && due <= pictures)
    .sort(([, a], [, b]) => a.due - b.due)
    .map(([key]) => key);

export type HowWell = 'reliable' | 'sometimes' | 'overlooked';

/** How well faults are seen: by how many of their pictures were told. */
export function howWell(standings: readonly Pick<EyeStanding, 'shown' | 'told'>[]): HowWell {
  const shown = standings.reduce((sum, one) => sum + one.shown, 0);
  const told = standings.reduce((sum, one) => sum + one.told, 0);
  if (told >= WELL * shown) return 'reliable';
  return told >= HALF * shown ? 'sometimes' : 'overlooked';
}
const WELL = 0.85;
const HALF = 0.5;
