import type { Change, Cue, ViewName } from '../figure';

/** How a look of a trial is shown: the same player and instrument, as it should be and not so. */
export interface LookPicture {
  readonly pose: string;
  readonly view: ViewName;
  readonly wrong: readonly Change[];
  /** The wrong picture has an instrument so many sizes larger: the size is what is wrong. */
  readonly larger?: number;
  /** What the eye is led to, where it is not what the first change leads to. */
  readonly cue?: Cue;
}

const picture = (
  pose: string,
  view: ViewName,
  wrong: readonly Change[],
  more: Pick<LookPicture, 'larger' | 'cue'> = {}
): LookPicture => ({ pose, view, wrong, ...more });

/** The pictures of the looks, by the look's id. */
export const LOOK_PICTURES: Readonly<Record<string, LookPicture>> = {
  'shoulder-seat': picture('playing', 'headQuarter', [{ kind: 'on-the-chest' }]),
  'shoulder-head': picture('playing', 'headBehind', [
    { kind: 'shoulder-raised' },
    { kind: 'head-tipped', amount: 18 }
  ]),
  'shoulder-level': picture('playing', 'headLeft', [{ kind: 'scroll-droops' }]),
  'shoulder-elbow': picture('scroll', 'armRight', [], {
    larger: 4,
    cue: { spot: 'leftElbow', ring: 0.07 }
  }),
  'shoulder-first': picture('playing', 'leftHand', [{ kind: 'wrist-caved' }]),
  'shoulder-fourth': picture('playing', 'fingersSide', [{ kind: 'fourth-flat' }]),
  'shoulder-bow': picture('tip', 'head', [{ kind: 'bow-shoulder-raised', amount: 42 }]),
  'shoulder-weight': picture('handsOff', 'head', [
    { kind: 'scroll-droops', amount: 20 },
    { kind: 'shoulder-raised' }
  ]),
  'shoulder-minute': picture('playing', 'headLeft', [{ kind: 'scroll-droops', amount: 26 }]),
  'cello-seat': picture('seated', 'left', [{ kind: 'seat-too-low' }, { kind: 'leaning-back' }]),
  'cello-meets': picture('playing', 'right', [{ kind: 'slumped' }]),
  'cello-breastbone': picture('playing', 'left', [{ kind: 'pin-too-short', amount: 150 }], {
    cue: { spot: 'contact', ring: 0.06, line: 'level', lineAt: 'chest' }
  }),
  'cello-peg': picture('playing', 'left', [{ kind: 'pin-too-long', amount: 150 }], {
    cue: { spot: 'lowestPeg', ring: 0.07, line: 'level' }
  }),
  'cello-shoulder': picture('playing', 'head', [{ kind: 'shoulder-raised', amount: 58 }], {
    cue: { spot: 'neckBack', ring: 0.15, line: 'level' }
  }),
  'cello-bow': picture('playing', 'front', [{ kind: 'bow-over-board' }]),
  'cello-stroke': picture('tip', 'front', [{ kind: 'bow-oblique' }]),
  'cello-frame': picture('playing', 'fingersFront', [{ kind: 'fingers-flat' }]),
  'cello-extended': picture('playing', 'fingersFront', [{ kind: 'hand-slides-back' }]),
  'cello-minute': picture('playing', 'left', [{ kind: 'slumped' }]),
  'bass-minute': picture('playing', 'left', [{ kind: 'leaning-on-it' }]),
  'bass-stance': picture('playing', 'left', [{ kind: 'bass-upright', amount: 14 }]),
  'bass-hands-off': picture('handsOff', 'left', [{ kind: 'bass-leans-out', amount: 26 }]),
  'bass-left': picture('playing', 'front', [{ kind: 'bass-too-high' }], {
    cue: { spot: 'leftHand', ring: 0.06, line: 'level' }
  }),
  'bass-bow': picture('playing', 'right', [{ kind: 'slumped' }]),
  'bass-frame': picture('playing', 'fingersFront', [{ kind: 'fingers-flat' }])
};
