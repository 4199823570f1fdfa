import type { Family } from '../instruments';
import {
  FRACTION_OF_HEIGHT as OF_HEIGHT,
  seatedBreastboneMm,
  seatedEarMm,
  seatedShoulderMm
} from './proportions';

export const MEASUREMENT_IDS = [
  'height',
  'armToPalm',
  'armToWrist',
  'armByTape',
  'handLength',
  'handSpan',
  'handSpanWidest',
  'neckGap',
  'shoulderSlope',
  'lowerLeg',
  'seatedBreastbone',
  'seatedEar',
  'seatedShoulder',
  'armReach',
  'eyebrow',
  'cheek',
  'gripHang'
] as const;

export type MeasurementId = (typeof MEASUREMENT_IDS)[number];

/** What is known about one kind of measurement before anybody is measured. */
export interface MeasurementKind {
  readonly id: MeasurementId;
  readonly families: readonly Family[];
  /** Standard deviation of one tape reading, mm. */
  readonly sdMm: number;
  /** Readings further apart than this ask for a third, mm. */
  readonly toleranceMm: number;
  /** Expected length in mm from standing height; absent where height says nothing. */
  readonly expectedMm?: (heightMm: number) => number;
  /** Standard deviation of the expected length, as a share of it. */
  readonly expectedShare?: number;
  /** Its readings are the ends of what is left open between them, rather than each a value. */
  readonly interval?: true;
  /** Shortest and longest value that a player can have, mm. */
  readonly rangeMm: readonly [number, number];
}

const SHOULDER: readonly Family[] = ['violin', 'viola'];
const ALL: readonly Family[] = ['violin', 'viola', 'cello', 'bass'];

/** How surely a tape reads a length, and how far bodies of one height differ in it. */
type Tape = Pick<MeasurementKind, 'sdMm' | 'toleranceMm' | 'expectedShare'>;

/**
 * Source: usual tape repeatability; tolerances of two to three times that. Eyebrow and cheek differ from height only by
 * the part of the head above them, so they spread far less than limbs; fingers and neck spread far more.
 */
const TAPE = {
  standing: { sdMm: 5, toleranceMm: 15, expectedShare: 0.012 },
  limb: { sdMm: 6, toleranceMm: 15, expectedShare: 0.04 },
  lowerLeg: { sdMm: 5, toleranceMm: 12, expectedShare: 0.04 },
  hand: { sdMm: 4, toleranceMm: 8, expectedShare: 0.05 },
  span: { sdMm: 4, toleranceMm: 8, expectedShare: 0.09 },
  gap: { sdMm: 3, toleranceMm: 6, expectedShare: 0.15 },
  slope: { sdMm: 4, toleranceMm: 10 }
} as const satisfies Readonly<Record<string, Tape>>;

/** Shortest and tallest player, mm. Source: from a child of about one year to the tallest grown-ups there are. */
const HEIGHT_RANGE_MM = [600, 2300] as const;
/**
 * No body stands so many standard deviations off what its height expects: twice as far as what is asked about, and more,
 * so that nobody is refused who is only unusual. Source: our own.
 */
const NO_BODY_SD = 7;
/** No length is shorter than the tape's own end, mm. */
const LEAST_MM = 10;

/** A length that height tells something of: its limits are those of the shortest and the tallest, rounded to 10 mm. */
function fromHeight(
  id: MeasurementId,
  families: readonly Family[],
  tape: (typeof TAPE)['standing' | 'limb' | 'lowerLeg' | 'hand' | 'span' | 'gap'],
  of: number | ((heightMm: number) => number)
): MeasurementKind {
  const expectedMm = typeof of === 'number' ? (heightMm: number) => of * heightMm : of;
  const [lowest, highest] = HEIGHT_RANGE_MM.map(expectedMm) as [number, number];
  const off = NO_BODY_SD * tape.expectedShare;
  const low = Math.max(LEAST_MM, Math.floor((lowest * (1 - off)) / 10) * 10);
  return {
    id,
    families,
    ...tape,
    expectedMm,
    rangeMm: [low, Math.ceil((highest * (1 + off)) / 10) * 10]
  };
}

/** What is known of each length: its tape, and what standing height expects of it by {@link FRACTION_OF_HEIGHT}. */
export const MEASUREMENTS: Readonly<Record<MeasurementId, MeasurementKind>> = {
  height: {
    id: 'height',
    families: ALL,
    sdMm: TAPE.standing.sdMm,
    toleranceMm: TAPE.standing.toleranceMm,
    rangeMm: HEIGHT_RANGE_MM
  },
  armToPalm: fromHeight('armToPalm', SHOULDER, TAPE.limb, OF_HEIGHT.neckToPalm),
  armByTape: { ...fromHeight('armByTape', SHOULDER, TAPE.limb, OF_HEIGHT.neckToPalm), interval: true },
  armToWrist: fromHeight('armToWrist', SHOULDER, TAPE.limb, OF_HEIGHT.neckToWrist),
  handLength: fromHeight('handLength', SHOULDER, TAPE.hand, OF_HEIGHT.hand),
  handSpan: fromHeight('handSpan', ALL, TAPE.span, OF_HEIGHT.easySpan),
  handSpanWidest: fromHeight('handSpanWidest', ALL, TAPE.span, OF_HEIGHT.widestSpan),
  neckGap: fromHeight('neckGap', SHOULDER, TAPE.gap, OF_HEIGHT.neckGap),
  shoulderSlope: { id: 'shoulderSlope', families: SHOULDER, ...TAPE.slope, rangeMm: [1, 150] },
  lowerLeg: fromHeight('lowerLeg', ['cello'], TAPE.lowerLeg, OF_HEIGHT.popliteal),
  seatedBreastbone: fromHeight('seatedBreastbone', ['cello'], TAPE.limb, seatedBreastboneMm),
  seatedEar: fromHeight('seatedEar', ['cello'], TAPE.limb, seatedEarMm),
  seatedShoulder: fromHeight('seatedShoulder', ['cello'], TAPE.limb, seatedShoulderMm),
  armReach: fromHeight('armReach', ['cello', 'bass'], TAPE.limb, OF_HEIGHT.armReach),
  eyebrow: fromHeight('eyebrow', ['bass'], TAPE.standing, OF_HEIGHT.eyebrow),
  cheek: fromHeight('cheek', ['bass'], TAPE.standing, OF_HEIGHT.cheek),
  gripHang: fromHeight('gripHang', ['bass'], TAPE.limb, OF_HEIGHT.grip)
};
