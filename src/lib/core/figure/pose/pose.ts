import type { Family } from '../../instruments';
import type { TrunkPose } from '../body/spine';

/** How a player holds body, instrument and bow: degrees and mm, 0 for what is as it should be, unless said else. */
export interface Pose extends Omit<TrunkPose, 'hips'> {
  /** What the instrument, the left and the right hand do. */
  readonly instrument: 'played' | 'guarded' | 'alongArm' | 'none';
  readonly leftHand: 'neck' | 'bow' | 'scroll' | 'hanging' | 'alongArm' | 'lap';
  readonly rightHand: 'bow' | 'pluck' | 'hanging' | 'lap';
  /** Where the bow is: on its string, or in the air while the hand is built on it. */
  readonly bowHeld: 'string' | 'upright' | 'palmUp' | 'carried';

  /** Hips moved to the left and forward, and lowered by soft knees, mm. */
  readonly hipsLeft: number;
  readonly hipsForward: number;
  readonly kneesBend: number;
  /** Standing: knees pushed backwards, mm. */
  readonly kneesBack: number;
  /** Distance of the feet from the middle, as a share of height. */
  readonly feetApart: number;
  readonly leftFootOut: number;
  readonly rightFootOut: number;
  readonly leftFootForward: number;
  readonly rightFootForward: number;
  /** Seated: feet before the knees, and knees further out, mm. */
  readonly feetForward: number;
  readonly kneesOut: number;
  /** Seated: the seat over its place, mm. */
  readonly seatUp: number;
  /** Seated further back on the stool, and heels off the floor, mm. */
  readonly seatBack: number;
  readonly heelsUp: number;

  readonly leftElbowSwing: number;
  readonly rightElbowSwing: number;
  readonly leftWristFlex: number;
  readonly rightWristFlex: number;

  /** Strings from 0, the lowest, that the left hand and the bow are on. */
  readonly leftString: number;
  readonly bowString: number;
  /** What the four fingers stand on, semitones above the open string. */
  readonly frame: readonly [number, number, number, number];
  /** Fingers that are lifted, by how much of a hand. */
  readonly lifted: readonly [number, number, number, number];
  readonly handBack: number;
  /** 0 as it should be, 1 quite wrong. */
  readonly thumbHooked: number;
  readonly thumbPressing: number;
  readonly thumbStraight: number;
  /** How far along the neck the thumb stands from its place, in hands. */
  readonly thumbAlong: number;
  readonly fingersFlat: number;
  readonly fourthFlat: number;
  readonly fingersCollapsed: number;
  /** The neck deep in the hand, the hand low beside it, turned away from it, away from it. */
  readonly neckDeep: number;
  readonly handLow: number;
  readonly palmAway: number;
  readonly offNeck: number;
  readonly fourthHidden: number;
  /** Cello: the thumb lies across the strings, the hand above them. */
  readonly thumbOver: number;

  /** Share of the hair from the frog. */
  readonly bowAt: number;
  /** 0 at the bridge, 0.5 where it should be, 1 at the fingerboard's end. */
  readonly bowPlace: number;
  readonly bowAngle: number;
  readonly bowTilt: number;
  readonly bowThumbStraight: number;
  readonly bowLittleFlat: number;
  readonly bowFist: number;
  readonly bowStiff: number;
  /** The bow hand further up the stick, as a share of the hair. */
  readonly bowHandAlong: number;
  readonly bowThumbAlong: number;
  readonly bowFirstOver: number;
  readonly bowLittleOff: number;
  /** Fingers further apart on the stick, as a share of their distance. */
  readonly bowSpread: number;
  /** Bass: the hand from below, the palm up, instead of over the stick. */
  readonly bowUnder: number;
  /** The bow off the string, mm, and its level off the string's own, degrees. */
  readonly bowOff: number;
  readonly bowLevel: number;
  /** Plucking: the finger goes up from the string, the thumb without a hold, nearer to the bridge, deep in the string. */
  readonly pluckUp: number;
  readonly pluckThumbOff: number;
  readonly pluckAlong: number;
  readonly pluckDeep: number;

  /** Violin and viola: scroll to the left, up, and the strings' plane; where it lies on the body, mm. */
  readonly scrollLeft: number;
  readonly scrollUp: number;
  readonly stringTilt: number;
  readonly lowOnChest: number;
  readonly outOnShoulder: number;
  /** In rest position: the scroll sinks, and points away from the body, degrees. */
  readonly guardDrop: number;
  readonly guardOut: number;
  /** Cello: to the vertical, turned, off its contact, longer pin; bass: lean, turn, off the body, longer pin. */
  readonly angleMore: number;
  readonly turned: number;
  readonly awayFromBody: number;
  readonly neckLeft: number;
  readonly pinMore: number;
  readonly leanMore: number;

  /** What is on the player, missing, or not ready: 0 or false as it should be. */
  readonly necklace: number;
  readonly earring: number;
  readonly nailsLong: number;
  readonly tapesAway: boolean;
  /** Tapes towards the bridge, semitones. */
  readonly tapesMoved: number;
  readonly restAway: boolean;
  readonly restSwapped: boolean;
  readonly restCrooked: number;
  readonly pegOut: number;
  readonly stringSlack: number;
  readonly rosinHeap: number;
  /** Slack above 0, too tight below. */
  readonly bowSlack: number;
  readonly hairTorn: number;
  readonly hairGreasy: number;
  readonly pinBare: number;
  /** The floor stop away from the pin, mm. */
  readonly stopAway: number;
  /** Held by a strap to the chair's leg instead of a stop. */
  readonly strap: number;
}

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
  leftElbowSwing: 0,
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
  restSwapped: false,
  restCrooked: 0,
  pegOut: 0,
  stringSlack: 0,
  rosinHeap: 0,
  bowSlack: 0,
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
  spinePitch: 16.5,
  headYaw: -8,
  headPitch: -4,
  bowAt: 0.42,
  leftFootOut: 30,
  rightShoulderForward: 25,
  rightShoulderUp: -12,
  hipsLeft: -35,
  hipsForward: -50,
  turned: 42,
  bowString: 2
};

const HANDS_OFF = { leftHand: 'hanging', rightHand: 'hanging' } as const;
const PLUCKING = { rightHand: 'pluck' } as const;
const AT_FROG = { bowAt: 0.08 } as const;
const AT_MIDDLE = { bowAt: 0.5 } as const;
const AT_TIP = { bowAt: 0.92 } as const;

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
