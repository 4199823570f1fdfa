import type { Family } from '../../instruments';
import type { TrunkPose } from '../body/spine';

/** How a player holds body, instrument and bow: degrees and mm, 0 for what is as it should be, unless said else. */
export interface Pose extends Omit<TrunkPose, 'hips'> {
  /** What the instrument, the left and the right hand do. */
  readonly instrument: 'played' | 'guarded' | 'alongArm' | 'none';
  readonly leftHand: 'neck' | 'scroll' | 'hanging' | 'alongArm' | 'lap';
  readonly rightHand: 'bow' | 'pluck' | 'hanging' | 'lap';

  /** Hips moved to the left and forward, and lowered by soft knees, mm. */
  readonly hipsLeft: number;
  readonly hipsForward: number;
  readonly kneesBend: number;
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
  /** Seated further back on the stool, mm. */
  readonly seatBack: number;

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

  /** Violin and viola: scroll to the left, up, and the strings' plane; where it lies on the body, mm. */
  readonly scrollLeft: number;
  readonly scrollUp: number;
  readonly stringTilt: number;
  readonly lowOnChest: number;
  readonly outOnShoulder: number;
  /** Cello: to the vertical, turned, off its contact, longer pin; bass: lean, turn, off the body, longer pin. */
  readonly angleMore: number;
  readonly turned: number;
  readonly awayFromBody: number;
  readonly neckLeft: number;
  readonly pinMore: number;
  readonly leanMore: number;
}

const STRAIGHT: Pose = {
  instrument: 'played',
  leftHand: 'neck',
  rightHand: 'bow',
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
  feetApart: 0.07,
  leftFootOut: 10,
  rightFootOut: 10,
  leftFootForward: 0,
  rightFootForward: 0,
  feetForward: 0,
  kneesOut: 0,
  seatUp: 0,
  seatBack: 0,
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
  bowAt: 0.4,
  bowPlace: 0.5,
  bowAngle: 0,
  bowTilt: 0,
  bowThumbStraight: 0,
  bowLittleFlat: 0,
  bowFist: 0,
  bowStiff: 0,
  scrollLeft: 40,
  scrollUp: 2,
  stringTilt: 15,
  lowOnChest: 0,
  outOnShoulder: 0,
  angleMore: 0,
  turned: 0,
  awayFromBody: 0,
  neckLeft: 0,
  pinMore: 0,
  leanMore: 0
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
  handsOff: { ...base, ...HANDS_OFF }
});

const onTheShoulder = (base: Pose): Readonly<Record<string, Pose>> => ({
  ...played(base),
  rest: { ...STRAIGHT, instrument: 'guarded', leftHand: 'hanging', rightHand: 'hanging' },
  scroll: { ...base, leftHand: 'scroll', rightHand: 'hanging' },
  outstretched: {
    ...STRAIGHT,
    instrument: 'alongArm',
    leftHand: 'alongArm',
    rightHand: 'hanging',
    headYaw: 24
  }
});

/** The poses of each family that all others are changes of. */
export const POSES: Readonly<Record<Family, Readonly<Record<string, Pose>>>> = {
  violin: onTheShoulder(VIOLIN),
  viola: onTheShoulder({ ...VIOLIN, scrollLeft: 45, stringTilt: 20 }),
  cello: {
    ...played(CELLO),
    seated: { ...CELLO, instrument: 'none', leftHand: 'lap', rightHand: 'lap', headYaw: 0, headRoll: 0 }
  },
  bass: {
    ...played(BASS),
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
