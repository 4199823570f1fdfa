/** A person from the front, with a violin on the left shoulder, or a cello's neck beside the head. */
export interface FrontPose {
  readonly kind: 'front';
  /** Head to the side, px; shoulder of the instrument's side up, px. */
  readonly headAside?: number;
  readonly shoulderUp?: number;
  readonly with: 'violin' | 'cello-neck';
  /** Where the end of the violin sits, px below the collarbone, and how far its scroll sinks, px. */
  readonly seatDown?: number;
  readonly scrollDown?: number;
  /** Left arm along a violin: none, bent or locked straight; and the bow arm. */
  readonly arm?: 'none' | 'bent' | 'locked' | 'neck';
  readonly bow?: 'tip' | 'lifted';
  readonly bend?: number;
}

/** A left hand at a neck, close by. */
export interface HandPose {
  readonly kind: 'hand';
  readonly wrist?: 'straight' | 'caved';
  readonly fourth?: 'curved' | 'flat';
  /** Spread of the fingers, px; a hand that pulls is wide and flat. */
  readonly spread?: number;
}

/** A seated player from the side: the real view with a body, a size and what is wrong with the place. */
export interface SeatedPose {
  readonly kind: 'seated';
  readonly heightMm: number;
  readonly size: string;
  readonly seatOverLegMm?: number;
  readonly leanDeg?: number;
  readonly without?: 'cello';
  readonly slideMm?: number;
}

/** A standing player from the side with a bass. */
export interface StandingPose {
  readonly kind: 'standing';
  readonly heightMm: number;
  readonly size: string;
  readonly bassLeanDeg?: number;
  readonly trunkLeanDeg?: number;
  readonly hands?: 'away';
}

export type Pose = FrontPose | HandPose | SeatedPose | StandingPose;

const violin = (pose: Partial<FrontPose> = {}): Pose => ({ kind: 'front', with: 'violin', ...pose });
const cellist = (pose: Partial<SeatedPose> = {}): Pose => ({
  kind: 'seated',
  heightMm: 1300,
  size: '1/2',
  ...pose
});
const bassist = (pose: Partial<StandingPose> = {}): Pose => ({
  kind: 'standing',
  heightMm: 1650,
  size: '3/4',
  ...pose
});
const hand = (pose: Partial<HandPose> = {}): Pose => ({ kind: 'hand', ...pose });

/** How right and wrong look, by the look of a trial. */
export const SKETCHES: Readonly<Record<string, { readonly right: Pose; readonly wrong: Pose }>> = {
  'shoulder-seat': { right: violin(), wrong: violin({ seatDown: 26, scrollDown: 16, bend: 7 }) },
  'shoulder-head': { right: violin(), wrong: violin({ headAside: 12, shoulderUp: 14 }) },
  'shoulder-level': { right: violin(), wrong: violin({ scrollDown: 34 }) },
  'shoulder-elbow': { right: violin({ arm: 'bent' }), wrong: violin({ arm: 'locked' }) },
  'shoulder-first': { right: hand(), wrong: hand({ wrist: 'caved' }) },
  'shoulder-fourth': { right: hand({ fourth: 'curved' }), wrong: hand({ fourth: 'flat' }) },
  'shoulder-bow': { right: violin({ bow: 'tip' }), wrong: violin({ bow: 'lifted' }) },
  'shoulder-weight': {
    right: violin({ arm: 'none' }),
    wrong: violin({ arm: 'none', shoulderUp: 12, scrollDown: 26 })
  },
  'cello-seat': {
    right: cellist({ without: 'cello' }),
    wrong: cellist({ without: 'cello', seatOverLegMm: -80, leanDeg: -14 })
  },
  'cello-meets': { right: cellist(), wrong: cellist({ leanDeg: 17 }) },
  'cello-breastbone': { right: cellist(), wrong: cellist({ slideMm: 120 }) },
  'cello-peg': { right: cellist({ heightMm: 1360 }), wrong: cellist({ heightMm: 1150, size: '3/4' }) },
  'cello-shoulder': {
    right: { kind: 'front', with: 'cello-neck', arm: 'neck' },
    wrong: { kind: 'front', with: 'cello-neck', arm: 'neck', shoulderUp: 16 }
  },
  'cello-bow': { right: cellist(), wrong: cellist({ heightMm: 1100, size: '4/4' }) },
  'cello-stroke': { right: cellist({ heightMm: 1360 }), wrong: cellist({ heightMm: 1100, size: '3/4' }) },
  'cello-frame': { right: hand({ spread: 0 }), wrong: hand({ spread: 16, fourth: 'flat' }) },
  'cello-extended': { right: hand({ spread: 9 }), wrong: hand({ spread: 20, fourth: 'flat' }) },
  'bass-stance': { right: bassist(), wrong: bassist({ bassLeanDeg: -4 }) },
  'bass-hands-off': {
    right: bassist({ hands: 'away' }),
    wrong: bassist({ hands: 'away', bassLeanDeg: -10 })
  },
  'bass-left': { right: bassist(), wrong: bassist({ heightMm: 1330 }) },
  'bass-bow': { right: bassist(), wrong: bassist({ trunkLeanDeg: 22, size: '1/4' }) },
  'bass-frame': { right: hand({ spread: 4 }), wrong: hand({ spread: 20, fourth: 'flat' }) }
};
