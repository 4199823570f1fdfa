import type { Family } from '$lib/core/instruments';
import type { Change, ChangeName, ViewName } from '$lib/core/figure';
import { FAMILY_WORDS } from './families';

/** What a change of a pose is, as the end of a sentence. */
export const CHANGE_WORDS: Readonly<Record<ChangeName, string>> = {
  'head-tipped': 'the head tips to the left',
  'head-turned': 'the head is turned too far to the left',
  'head-forward': 'the head is pushed forward',
  'shoulder-raised': 'the left shoulder is pulled up',
  'bow-shoulder-raised': 'the right shoulder is pulled up',
  'shoulder-rolled': 'the shoulders are rolled forward',
  'trunk-bent': 'the trunk bends to the left',
  'trunk-twisted': 'the trunk is twisted to the left',
  slumped: 'the back is slumped',
  'leaning-back': 'the trunk leans back',
  'belly-out': 'the belly is pushed out',
  'feet-together': 'the feet stand together',
  'feet-wide': 'the feet stand too wide',
  'feet-drawn-in': 'the feet are drawn in under the seat',
  'weight-on-one-leg': 'the weight hangs on one leg',
  'on-the-chest': 'the instrument lies on the chest',
  'scroll-droops': 'the scroll sinks towards the floor',
  'scroll-up': 'the scroll points up',
  'scroll-to-front': 'the scroll is turned to the front',
  'scroll-to-side': 'the scroll is turned to the side',
  'tilted-too-steep': 'the strings are tilted too steeply',
  'lying-flat': 'the instrument lies too flat',
  'cello-square': 'the cello stands quite square',
  'cello-too-upright': 'the cello stands too upright',
  'cello-too-flat': 'the cello lies too flat',
  'pulled-in': 'the instrument is pulled in and the head twists away',
  'pushed-away': 'the instrument is away from the body',
  'pin-too-short': 'the pin is too short',
  'pin-too-long': 'the pin is too long',
  'seat-too-low': 'the seat is too low',
  'seat-too-high': 'the seat is too high',
  'knees-above-corner': 'the knees stand above the corners',
  'bass-upright': 'the bass stands upright',
  'bass-leans-out': 'the bass leans away from the player',
  'bass-squeezed': 'the bass is squeezed in',
  'bass-too-high': 'the bass stands too high',
  'bass-too-low': 'the bass stands too low',
  'elbow-out': 'the left elbow swings out',
  'elbow-in': 'the left elbow is pulled in',
  'elbow-dropped': 'the left elbow drops',
  'bow-elbow-high': 'the bow arm’s elbow is high',
  'bow-elbow-dropped': 'the bow arm’s elbow drops',
  'wrist-caved': 'the left wrist caves in',
  'wrist-bent-out': 'the left wrist is bent outward',
  'thumb-hooked': 'the left thumb hooks over the neck',
  'thumb-pressing': 'the left thumb presses from below',
  'thumb-straight': 'the left thumb is stretched stiff',
  'thumb-misplaced': 'the left thumb is at the wrong finger',
  'fingers-flat': 'the fingers lie flat',
  'fingers-flying': 'the fingers fly up',
  'fingers-collapsed': 'the finger joints collapse',
  'fourth-flat': 'the fourth finger is flat',
  'hand-slides-back': 'the whole hand slides back',
  'bow-thumb-straight': 'the bow thumb is straight',
  'little-finger-flat': 'the little finger lies flat on the stick',
  'bow-fist': 'the bow hand is a fist',
  'bow-hand-stiff': 'the bow hand is stiff',
  'bow-oblique': 'the bow crosses the strings at a slant',
  'bow-over-board': 'the bow plays over the fingerboard',
  'bow-tilted': 'the bow is tilted'
};

const VIEW_WORDS: Readonly<Record<ViewName, string>> = {
  front: 'from the front',
  left: 'from the player’s left',
  right: 'from the player’s right',
  behind: 'from behind',
  above: 'from above',
  threeQuarter: 'from the front left',
  threeQuarterRight: 'from the front right',
  head: 'head and shoulders from the front',
  headBehind: 'head and shoulders from behind',
  headLeft: 'head and shoulders from the left',
  trunkLeft: 'the trunk from the left',
  trunkRight: 'the trunk from the right',
  armRight: 'the left arm from the front right',
  bodyAbove: 'head, instrument and bow from above',
  leftHand: 'the left hand from behind the scroll',
  leftHandFront: 'the left hand from the strings',
  leftHandSide: 'the left hand from the player’s left',
  leftArm: 'the left arm from the front',
  bowHand: 'the bow hand from the front',
  bowHandInside: 'the bow hand from the player’s side',
  bowHandAbove: 'the bow hand from above',
  neckBehind: 'the neck from behind',
  kneesPin: 'knees and pin',
  feet: 'the feet'
};

const POSE_WORDS: Readonly<Record<string, string>> = {
  playing: 'playing',
  frog: 'bowing at the frog',
  middle: 'bowing in the middle',
  tip: 'bowing at the tip',
  plucking: 'plucking',
  rest: 'in rest position',
  scroll: 'with the left hand round the scroll',
  handsOff: 'holding without hands',
  outstretched: 'with the arm stretched out for sizing',
  seated: 'seated without the instrument',
  standing: 'standing without the instrument'
};

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * A picture in words, from what it was made of.
 *
 * @example
 * pictureText('violin', 'playing', 'headBehind', [{ kind: 'head-tipped' }])
 * // 'Violin, playing, head and shoulders from behind: the head tips to the left.'
 */
export function pictureText(
  family: Family,
  pose: string,
  view: ViewName,
  changes: readonly Change[] = []
): string {
  const what = `${FAMILY_WORDS[family]}, ${POSE_WORDS[pose] ?? pose}, ${VIEW_WORDS[view]}`;
  const wrong = changes.map(({ kind }) => CHANGE_WORDS[kind]).join(', and ');
  return `${capital(what)}${wrong ? `: ${wrong}` : ''}.`;
}
