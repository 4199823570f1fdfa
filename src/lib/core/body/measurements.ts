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
  /** Shortest and longest value that a player can have, mm. */
  readonly rangeMm: readonly [number, number];
}

const SHOULDER: readonly Family[] = ['violin', 'viola'];
const ALL: readonly Family[] = ['violin', 'viola', 'cello', 'bass'];

const ofHeight = (fraction: number) => (heightMm: number) => fraction * heightMm;

/**
 * Tape error, tolerance between readings, and the spread of bodies around what height predicts.
 *
 * Source: usual tape repeatability (6 mm arm and seated lengths, 5 mm height, 4 mm hand), tolerances of about
 * two and a half times that, and proportions in {@link FRACTION_OF_HEIGHT}. Eyebrow and cheek differ from height
 * only by the part of the head above them, so they spread far less than limbs.
 */
export const MEASUREMENTS: Readonly<Record<MeasurementId, MeasurementKind>> = {
  height: { id: 'height', families: ALL, sdMm: 5, toleranceMm: 15, rangeMm: [600, 2300] },
  armToPalm: {
    id: 'armToPalm',
    families: SHOULDER,
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.neckToPalm),
    expectedShare: 0.04,
    rangeMm: [150, 1100]
  },
  armToWrist: {
    id: 'armToWrist',
    families: SHOULDER,
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.neckToWrist),
    expectedShare: 0.04,
    rangeMm: [120, 1000]
  },
  handLength: {
    id: 'handLength',
    families: SHOULDER,
    sdMm: 4,
    toleranceMm: 8,
    expectedMm: ofHeight(OF_HEIGHT.hand),
    expectedShare: 0.05,
    rangeMm: [50, 280]
  },
  handSpan: {
    id: 'handSpan',
    families: ALL,
    sdMm: 4,
    toleranceMm: 8,
    expectedMm: ofHeight(OF_HEIGHT.easySpan),
    expectedShare: 0.09,
    rangeMm: [25, 300]
  },
  handSpanWidest: {
    id: 'handSpanWidest',
    families: ALL,
    sdMm: 4,
    toleranceMm: 8,
    expectedMm: ofHeight(OF_HEIGHT.widestSpan),
    expectedShare: 0.09,
    rangeMm: [25, 320]
  },
  neckGap: {
    id: 'neckGap',
    families: SHOULDER,
    sdMm: 3,
    toleranceMm: 6,
    expectedMm: ofHeight(OF_HEIGHT.neckGap),
    expectedShare: 0.15,
    rangeMm: [15, 200]
  },
  shoulderSlope: {
    id: 'shoulderSlope',
    families: SHOULDER,
    sdMm: 4,
    toleranceMm: 10,
    rangeMm: [1, 150]
  },
  lowerLeg: {
    id: 'lowerLeg',
    families: ['cello'],
    sdMm: 5,
    toleranceMm: 12,
    expectedMm: ofHeight(OF_HEIGHT.popliteal),
    expectedShare: 0.04,
    rangeMm: [120, 650]
  },
  seatedBreastbone: {
    id: 'seatedBreastbone',
    families: ['cello'],
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: seatedBreastboneMm,
    expectedShare: 0.04,
    rangeMm: [120, 700]
  },
  seatedEar: {
    id: 'seatedEar',
    families: ['cello'],
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: seatedEarMm,
    expectedShare: 0.04,
    rangeMm: [200, 1100]
  },
  seatedShoulder: {
    id: 'seatedShoulder',
    families: ['cello'],
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: seatedShoulderMm,
    expectedShare: 0.04,
    rangeMm: [150, 900]
  },
  armReach: {
    id: 'armReach',
    families: ['cello', 'bass'],
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.armReach),
    expectedShare: 0.04,
    rangeMm: [150, 1000]
  },
  eyebrow: {
    id: 'eyebrow',
    families: ['bass'],
    sdMm: 5,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.eyebrow),
    expectedShare: 0.012,
    rangeMm: [550, 2200]
  },
  cheek: {
    id: 'cheek',
    families: ['bass'],
    sdMm: 5,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.cheek),
    expectedShare: 0.012,
    rangeMm: [500, 2150]
  },
  gripHang: {
    id: 'gripHang',
    families: ['bass'],
    sdMm: 6,
    toleranceMm: 15,
    expectedMm: ofHeight(OF_HEIGHT.grip),
    expectedShare: 0.04,
    rangeMm: [200, 1100]
  }
};
