import type { MeasurementId } from '$lib/core/body';

interface MeasurementWords {
  readonly name: string;
  /** How to take it, in a line. */
  readonly how: string;
}

export const MEASUREMENT_WORDS: Readonly<Record<MeasurementId, MeasurementWords>> = {
  height: { name: 'Height', how: 'Standing, shoes off, head level.' },
  armToPalm: {
    name: 'Arm to palm',
    how: 'Left arm straight out to the side, relaxed: base of the neck to the middle of the palm.'
  },
  armToWrist: { name: 'Arm to wrist', how: 'The same arm: base of the neck to the crease of the wrist.' },
  armByTape: {
    name: 'Arm by the fitting tape',
    how: 'The palm lies between two lines of the tape: the arm’s readings are both of them.'
  },
  handLength: { name: 'Hand length', how: 'Crease of the wrist to the tip of the middle finger.' },
  handSpan: {
    name: 'Easy span',
    how: 'Left hand spread with ease: tip of the first to tip of the fourth finger. Nobody pushes.'
  },
  handSpanWidest: { name: 'Widest span', how: 'The same, as wide as it goes without pull.' },
  neckGap: { name: 'Neck gap', how: 'Collarbone to the underside of the jaw, head level, shoulders down.' },
  shoulderSlope: {
    name: 'Shoulder slope',
    how: 'How far the shoulder point lies below the base of the neck. Or judge it by eye.'
  },
  lowerLeg: { name: 'Lower leg', how: 'Seated, playing shoes on: floor to the crease behind the knee.' },
  seatedBreastbone: { name: 'Seat to breastbone', how: 'Seat to the lower third of the breastbone.' },
  seatedEar: { name: 'Seat to ear', how: 'Seat to the ear canal.' },
  seatedShoulder: { name: 'Seat to shoulder', how: 'Seat to the point of the shoulder.' },
  armReach: { name: 'Arm reach', how: 'Point of the shoulder to the middle of the closed hand.' },
  eyebrow: { name: 'Eyebrow height', how: 'Floor to eyebrow, standing.' },
  cheek: { name: 'Cheek height', how: 'Floor to cheek, standing.' },
  gripHang: { name: 'Bow hand height', how: 'Floor to the closed hand, arm hanging, bow in hand.' }
};
