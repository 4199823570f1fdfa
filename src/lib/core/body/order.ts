import type { Family } from '../instruments';
import type { MeasurementId } from './measurements';

const SHOULDER_ORDER: readonly MeasurementId[] = [
  'height',
  'armToPalm',
  'armToWrist',
  'handLength',
  'handSpan',
  'neckGap',
  'shoulderSlope'
];

/** What is measured for a fit, by family, in the order of measuring: what decides the size comes first. */
export const FIT_ORDER: Readonly<Record<Family, readonly MeasurementId[]>> = {
  violin: SHOULDER_ORDER,
  viola: SHOULDER_ORDER,
  cello: [
    'height',
    'armReach',
    'seatedBreastbone',
    'seatedEar',
    'seatedShoulder',
    'lowerLeg',
    'handSpan',
    'handSpanWidest'
  ],
  bass: ['height', 'gripHang', 'cheek', 'eyebrow', 'handSpan']
};

/** The least that is measured in a line of players: what decides the size most, three lengths each. */
export const LINE_ORDER: Readonly<Record<Family, readonly MeasurementId[]>> = {
  violin: ['height', 'armToPalm', 'armToWrist'],
  viola: ['height', 'armToPalm', 'armToWrist'],
  cello: ['height', 'armReach', 'seatedEar'],
  bass: ['height', 'gripHang', 'cheek']
};
