import type { Family } from '../../instruments';
import type { Pose } from './pose';

const STRAIGHT: Pose = {
  instrument: 'played',
  leftHand: 'neck',
  rightHand: 'bow',
  bowHeld: 'string',
  pelvisYaw: 0,
  pelvisPitch: 0,
  pelvisRoll: 0,
  spineYaw: 0,
  spinePitch: 0,
  spineRoll: 0,
  neckPitch: 0,
  neckRoll: 0,
  headYaw: 0,
  headPitch: 0,
  headRoll: 0,
  leftShoulderUp: 0,
  rightShoulderUp: 0,
  leftShoulderForward: 0,
  rightShoulderForward: 0,
  bellyOut: 0,
  hipsLeft: 0,
  hipsForward: 0,
  kneesBend: 0,
  kneesBack: 0,
  feetApart: 0.07,
  leftFootOut: 10,
  rightFootOut: 10,
  leftFootForward: 0,
  rightFootForward: 0,
  feetForward: 0,
  kneesOut: 0,
  seatUp: 0,
  seatBack: 0,
  heelsUp: 0,
  jawClenched: 0,
  breathGoes: 0,
  cheeksFull: 0,
  leftElbowSwing: 0,
  armDown: 0,
  rightElbowSwing: 0,
  leftWristFlex: 0,
  rightWristFlex: 0,
  leftString: 1,
  bowString: 1,
  frame: [2, 4, 5, 7],
  lifted: [0, 0, 0, 0],
  handBack: 0,
  thumbHooked: 0,
  thumbPressing: 0,
  thumbStraight: 0,
  thumbAlong: 0,
  fingersFlat: 0,
  fourthFlat: 0,
  fingersCollapsed: 0,
  neckDeep: 0,
  handLow: 0,
  palmAway: 0,
  offNeck: 0,
  fourthHidden: 0,
  thumbOver: 0,
  bowAt: 0.4,
  strokes: [],
  strokeGoes: 'on',
  bowPlace: 0.5,
  bowAngle: 0,
  bowTilt: 0,
  bowThumbStraight: 0,
  bowLittleFlat: 0,
  bowFist: 0,
  bowStiff: 0,
  bowHandAlong: 0,
  bowThumbAlong: 0,
  bowFirstOver: 0,
  bowLittleOff: 0,
  bowSpread: 0,
  bowFirstFar: 0,
  bowUnder: 0,
  bowOff: 0,
  bowLevel: 0,
  pluckUp: 0,
  pluckThumbOff: 0,
  pluckAlong: 0,
  pluckDeep: 0,
  scrollLeft: 40,
  scrollUp: 2,
  stringTilt: 15,
  lowOnChest: 0,
  outOnShoulder: 0,
  guardDrop: 0,
  guardOut: 0,
  angleMore: 0,
  turned: 0,
  awayFromBody: 0,
  neckLeft: 0,
  pinMore: 0,
  leanMore: 0,
  necklace: 0,
  earring: 0,
  nailsLong: 0,
  tapesAway: false,
  tapesMoved: 0,
  restAway: false,
  restKind: 'rest',
  restSwapped: false,
  restCrooked: 0,
  pegOut: 0,
  stringSlack: 0,
  rosinHeap: 0,
  rosinDust: 0,
  bowSlack: 0,
  bowPressed: 0,
  hairTorn: 0,
  hairGreasy: 0,
  pinBare: 0,
  stopAway: 0,
  strap: 0
};

const VIOLIN: Pose = {
  ...STRAIGHT,
  headYaw: 30,
  headPitch: 6,
  headRoll: 7,
  leftShoulderForward: 14
};

const CELLO: Pose = {
  ...STRAIGHT,
  seatBack: -45,
  frame: [2, 3, 4, 5],
  spinePitch: 3,
  headYaw: 3,
  headRoll: -4,
  feetApart: 0.1,
  leftFootOut: 18,
  rightFootOut: 18,
  turned: 4.5,
  neckLeft: 2.2
};

const BASS: Pose = {
  ...STRAIGHT,
  frame: [2, 3, 3.5, 4],
  pelvisYaw: 6,
  spineYaw: 14,
  spinePitch: 7,
  headYaw: -8,
  headPitch: -4,
  bowAt: 0.42,
  leftFootOut: 30,
  rightShoulderForward: 25,
  rightShoulderUp: -8,
  hipsLeft: -35,
  hipsForward: 10,
  turned: 42,
  bowString: 2
};

const HANDS_OFF = { leftHand: 'hanging', rightHand: 'hanging' } as const;
const PLUCKING = { rightHand: 'pluck' } as const;
const AT_FROG = { bowAt: 0.08 } as const;
const AT_MIDDLE = { bowAt: 0.5 } as const;
const AT_TIP = { bowAt: 0.88 } as const;

const played = (base: Pose) => ({
  playing: base,
  frog: { ...base, ...AT_FROG },
  middle: { ...base, ...AT_MIDDLE },
  tip: { ...base, ...AT_TIP },
  plucking: { ...base, ...PLUCKING },
  lowestString: { ...base, bowString: 0, leftString: 0 },
  highestString: { ...base, bowString: 3, leftString: 3 },
  handsOff: { ...base, ...HANDS_OFF }
});

const onTheShoulder = (base: Pose): Readonly<Record<string, Pose>> => ({
  ...played(base),
  rest: { ...STRAIGHT, instrument: 'guarded', leftHand: 'hanging', rightHand: 'hanging' },
  ...withBow(STRAIGHT),
  scroll: { ...base, leftHand: 'scroll', rightHand: 'hanging' },
  // The first weeks: the left hand holds the body at its upper bout.
  upperBout: { ...base, handBack: -5.5 },
  outstretched: {
    ...STRAIGHT,
    instrument: 'alongArm',
    leftHand: 'alongArm',
    rightHand: 'hanging',
    headYaw: 24
  }
});

/** The bow in the air, nothing else in the hands. */
const withBow = (base: Pose) => {
  const free = { ...base, instrument: 'none', rightHand: 'bow', leftHand: 'hanging' } as const;
  return {
    bowUpright: { ...free, bowHeld: 'upright' },
    bowPalmUp: { ...free, bowHeld: 'palmUp' },
    bowCarried: { ...free, bowHeld: 'carried', leftHand: 'bow' }
  } as const;
};

/** The poses of each family that all others are changes of. */
export const POSES: Readonly<Record<Family, Readonly<Record<string, Pose>>>> = {
  violin: onTheShoulder(VIOLIN),
  viola: onTheShoulder({ ...VIOLIN, scrollLeft: 45, stringTilt: 20 }),
  cello: {
    ...played(CELLO),
    ...withBow(CELLO),
    thumbPosition: { ...CELLO, thumbOver: 1, frame: [14, 15, 16, 17] },
    seated: { ...CELLO, instrument: 'none', leftHand: 'lap', rightHand: 'lap', headYaw: 0, headRoll: 0 }
  },
  bass: {
    ...played(BASS),
    // The arm has to come round to the front of the strings: the trunk turns and the shoulder goes with it.
    frog: { ...BASS, bowAt: 0.13, spineYaw: 25, rightShoulderForward: 66 },
    tip: { ...BASS, bowAt: 0.8 },
    ...withBow({ ...STRAIGHT, leftFootOut: 20 }),
    underhand: { ...BASS, bowUnder: 1 },
    standing: {
      ...STRAIGHT,
      instrument: 'none',
      leftHand: 'hanging',
      rightHand: 'hanging',
      leftFootOut: 20
    }
  }
};

export const poseNames = (family: Family): readonly string[] => Object.keys(POSES[family]);
