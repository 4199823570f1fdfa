import { hasMoved, type AngleCourse } from '$lib/core/progress';
import type { FigureSetup } from '$lib/core/figure';
import type { Agreed, AngleId, AngleKind, PhotoPoint, Verdict } from '$lib/core/photo';

import { dayText } from './dates';

/** What an angle is called, and how its sides are told. */
const ANGLE_WORDS: Readonly<
  Record<
    AngleId,
    { readonly name: string; readonly plus: string; readonly minus: string; readonly none: string }
  >
> = {
  shoulders: { name: 'Shoulders', plus: 'left higher', minus: 'right higher', none: 'level' },
  'head-violin': { name: 'Head', plus: 'to the right', minus: 'to the left', none: 'upright' },
  'head-low': { name: 'Head', plus: 'to the right', minus: 'to the left', none: 'upright' },
  trunk: { name: 'Trunk', plus: 'from upright', minus: '', none: 'upright' },
  'left-wrist': { name: 'Left wrist', plus: 'bent', minus: '', none: 'straight' },
  'right-wrist': { name: 'Bow wrist', plus: 'bent', minus: '', none: 'straight' },
  'instrument-level': { name: 'Instrument', plus: 'scroll up', minus: 'scroll down', none: 'level' },
  'cello-angle': { name: 'Cello', plus: 'from upright', minus: '', none: 'upright' },
  'bass-angle': { name: 'Bass', plus: 'from upright', minus: '', none: 'upright' },
  'bow-string': { name: 'Bow to string', plus: '', minus: '', none: '' },
  'scroll-direction': { name: 'Scroll', plus: 'to the left', minus: 'to the right', none: 'straight ahead' }
};

export const angleName = (id: AngleId): string => ANGLE_WORDS[id].name;

/**
 * An angle as it is told.
 *
 * @example
 * angleText('shoulders', -6.2) // '6° right higher'
 */
export function angleText(id: AngleId, deg: number): string {
  const { plus, minus, none } = ANGLE_WORDS[id];
  const whole = Math.round(deg);
  if (whole === 0 && none !== '') return none;
  return `${Math.abs(whole)}° ${whole > 0 ? plus : minus}`.trim();
}

export const errorText = (errorDeg: number): string => `± ${Math.max(1, Math.round(errorDeg))}°`;

export const POINT_WORDS: Readonly<Record<PhotoPoint, string>> = {
  'left-ear': 'the left ear',
  'right-ear': 'the right ear',
  'left-shoulder': 'the left shoulder',
  'right-shoulder': 'the right shoulder',
  shoulder: 'the middle of the shoulder',
  hip: 'the hip joint',
  'left-elbow': 'the left elbow',
  'left-wrist': 'the left wrist',
  'left-knuckles': 'the base knuckles of the left hand',
  'right-elbow': 'the right elbow',
  'right-wrist': 'the right wrist',
  'right-knuckles': 'the base knuckles of the right hand',
  button: 'the end button',
  scroll: 'the scroll',
  'rib-below': 'the ribs, near the floor',
  'rib-above': 'the ribs, near the neck',
  frog: 'the frog',
  tip: 'the bow’s tip',
  bridge: 'the bridge',
  nut: 'the nut'
};

/** Where the camera stands. */
export const HEIGHT_WORDS: Readonly<Record<AngleKind['height'], string>> = {
  shoulders: 'at the height of the shoulders',
  hips: 'at the height of the waist',
  hand: 'at the height of the hand',
  instrument: 'at the height of the instrument, square to it',
  bow: 'square to the strings where the bow is',
  above: 'straight above the head'
};

/** What was set up or agreed, against which an angle is held, as far as the drawing of a player knows it. */
export const agreedIn = ({ scrollDeg, angleDeg }: FigureSetup = {}): Agreed => ({
  ...(scrollDeg === undefined ? {} : { scrollDeg }),
  ...(angleDeg === undefined ? {} : { celloDeg: angleDeg })
});

/** What is right for an angle. */
export const bandText = ([least, most]: readonly [number, number]): string =>
  least === 0
    ? `up to ${Math.round(most)}°`
    : least === -most
      ? `within ${Math.round(most)}°`
      : `${Math.round(least)}° to ${Math.round(most)}°`;

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  inside: 'Right',
  outside: 'Not right',
  open: 'Not to be told: too near to the limit for a picture like this'
};

/**
 * How an angle came along: as it was at first, before, and now.
 *
 * @example
 * angleSteps(course) // 'shoulders 9° right higher on 17 Nov, 4° right higher ± 2° on 24 Nov'
 */
export function angleSteps({ angle, points }: AngleCourse): string {
  const last = points.at(-1);
  if (!last) return '';
  const said = points
    .slice(-3)
    .map(
      (point) =>
        `${angleText(angle, point.deg)}${point === last ? ` ${errorText(point.errorDeg)}` : ''} on ${dayText(point.day)}`
    );
  return `${angleName(angle).toLowerCase()} ${said.join(', ')}`;
}

/**
 * The same for home: from the first to the last reading of a term, where it moved by more than a picture may be off.
 *
 * @example
 * angleChange(course) // 'shoulders: 9° → 4°'
 */
export function angleChange({ angle, points }: AngleCourse): string | null {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || first === last || !hasMoved(first, last)) return null;
  const short = (deg: number) => `${Math.abs(Math.round(deg))}°`;
  const turnsSide = Math.sign(first.deg) !== Math.sign(last.deg);
  const [from, to] = turnsSide
    ? [angleText(angle, first.deg), angleText(angle, last.deg)]
    : [short(first.deg), short(last.deg)];
  return `${angleName(angle).toLowerCase()}: ${from} → ${to}`;
}
