import type { Change, ViewName } from '../figure';
import type { SettingId, SetupKind } from './kinds';

/** How what is seen at a look is shown: where it is on the player, and the pose with how it is strayed from. */
export interface SeenPicture {
  /** The figure's place at which it is seen. */
  readonly spot: string;
  readonly pose: string;
  readonly view: ViewName;
  readonly changes: readonly Change[];
}

const picture = (spot: string, view: ViewName, changes: readonly Change[]): SeenPicture => ({
  spot,
  pose: 'playing',
  view,
  changes
});

/** The pictures of what can be seen at a look, by its id. */
export const SEEN_PICTURES: Readonly<Record<string, SeenPicture>> = {
  'rest-head-tips': picture('head', 'headBehind', [{ kind: 'head-tipped' }]),
  'rest-chin-up': picture('head', 'headLeft', [
    { kind: 'leaning-back', amount: 8 },
    { kind: 'scroll-up', amount: 8 }
  ]),
  'rest-shoulder-raised': picture('leftShoulder', 'headBehind', [{ kind: 'shoulder-raised' }]),
  'rest-scroll-droops': picture('scroll', 'headLeft', [{ kind: 'scroll-droops' }]),
  'rest-scroll-up': picture('scroll', 'headLeft', [{ kind: 'scroll-up' }]),
  'rest-slides-off': picture('bodyMiddle', 'head', [{ kind: 'on-the-chest' }]),
  'rest-slips': picture('bodyMiddle', 'head', [{ kind: 'lying-flat' }]),
  'rest-neck-turned': picture('head', 'head', [{ kind: 'head-turned' }]),
  'rest-sore': picture('jaw', 'neckBehind', []),
  'seated-peg-high': picture('leftEar', 'left', [{ kind: 'pin-too-long' }]),
  'seated-peg-low': picture('leftEar', 'left', [{ kind: 'pin-too-short' }]),
  'seated-neck-on-shoulder': picture('leftShoulder', 'left', [{ kind: 'cello-too-flat' }]),
  'seated-leans-back': picture('chest', 'right', [{ kind: 'leaning-back' }]),
  'seated-slumps': picture('chest', 'right', [{ kind: 'slumped' }]),
  'seated-knees-high': picture('leftKnee', 'kneesPin', [{ kind: 'knees-above-corner' }]),
  'seated-knee-slides': picture('leftKnee', 'left', [{ kind: 'seat-too-high' }]),
  'seated-slides-away': picture('pinTip', 'left', [{ kind: 'pushed-away' }]),
  'standing-hand-high': picture('leftHand', 'front', [{ kind: 'bass-too-high' }]),
  'standing-hunched': picture('back', 'right', [{ kind: 'slumped' }]),
  'standing-wrist-bent': picture('leftHand', 'leftHandSide', [{ kind: 'wrist-bent-out' }]),
  'standing-falls': picture('bodyMiddle', 'left', [{ kind: 'bass-leans-out' }]),
  'standing-leans-on': picture('bodyMiddle', 'left', [{ kind: 'bass-squeezed' }])
};

/** The figure's place at which something is seen; the head where it has no picture. */
export const spotOf = (seen: string): string => SEEN_PICTURES[seen]?.spot ?? 'head';

/** From where a kind of set-up is looked at as a whole. */
export const LOOK_VIEWS: Readonly<Record<SetupKind, ViewName>> = {
  rest: 'head',
  seated: 'left',
  standing: 'left'
};

/** The figure's place at which a setting is changed. */
export const SETTING_SPOTS: Readonly<Partial<Record<SettingId, string>>> = {
  lift: 'leftShoulder',
  shoulderFoot: 'leftShoulder',
  chestFoot: 'collar',
  restWidth: 'leftShoulder',
  chinRest: 'jaw',
  tilt: 'bodyMiddle',
  seat: 'seat',
  pin: 'pinTip',
  angle: 'scroll',
  slide: 'contact',
  lean: 'scroll'
};
