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

  /** In the face: teeth set on each other, breath held in full cheeks; 0 to 1. */
  readonly jawClenched: number;
  readonly cheeksFull: number;
  /** Breath that is seen to go. */
  readonly breathGoes: number;

  readonly leftElbowSwing: number;
  /** The outstretched arm below level, degrees. */
  readonly armDown: number;
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
  /** What of the hair the stroke uses, piece by piece; none where that is not shown. */
  readonly strokes: readonly (readonly [from: number, to: number])[];
  /** How the bow goes on its way: on the string, or bouncing off it, or too fast. */
  readonly strokeGoes: 'on' | 'bouncing' | 'rushing';
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
  /** The first finger alone stretched towards the tip. */
  readonly bowFirstFar: number;
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
  /** What is under the back where the set-up does not say. */
  readonly restKind: 'rest' | 'pad' | 'sponge';
  readonly restSwapped: boolean;
  readonly restCrooked: number;
  readonly pegOut: number;
  readonly stringSlack: number;
  readonly rosinHeap: number;
  /** A little dust on the strings, as it should be. */
  readonly rosinDust: number;
  /** Slack above 0, too tight below; pressed until the stick meets the hair. */
  readonly bowSlack: number;
  readonly bowPressed: number;
  readonly hairTorn: number;
  readonly hairGreasy: number;
  readonly pinBare: number;
  /** The floor stop away from the pin, mm. */
  readonly stopAway: number;
  /** Held by a strap to the chair's leg instead of a stop. */
  readonly strap: number;
}
