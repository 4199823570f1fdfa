import type { Change, ViewName } from '../figure';

/** How what is seen at a look is shown: from where, and the pose with how it is strayed from. */
export interface SeenPicture {
  readonly pose: string;
  readonly view: ViewName;
  readonly changes: readonly Change[];
}

const picture = (view: ViewName, changes: readonly Change[]): SeenPicture => ({
  pose: 'playing',
  view,
  changes
});

/** The pictures of what can be seen at a look, by its id. */
export const SEEN_PICTURES: Readonly<Record<string, SeenPicture>> = {
  'rest-head-tips': picture('headBehind', [{ kind: 'head-tipped' }]),
  'rest-chin-up': picture('headLeft', [
    { kind: 'leaning-back', amount: 8 },
    { kind: 'scroll-up', amount: 8 }
  ]),
  'rest-shoulder-raised': picture('headBehind', [{ kind: 'shoulder-raised' }]),
  'rest-scroll-droops': picture('headLeft', [{ kind: 'scroll-droops' }]),
  'rest-scroll-up': picture('headLeft', [{ kind: 'scroll-up' }]),
  'rest-slides-off': picture('head', [{ kind: 'on-the-chest' }]),
  'rest-slips': picture('head', [{ kind: 'lying-flat' }]),
  'rest-neck-turned': picture('head', [{ kind: 'head-turned' }]),
  'rest-sore': picture('neckBehind', []),
  'seated-peg-high': picture('left', [{ kind: 'pin-too-long' }]),
  'seated-peg-low': picture('left', [{ kind: 'pin-too-short' }]),
  'seated-neck-on-shoulder': picture('left', [{ kind: 'cello-too-flat' }]),
  'seated-leans-back': picture('right', [{ kind: 'leaning-back' }]),
  'seated-slumps': picture('right', [{ kind: 'slumped' }]),
  'seated-knees-high': picture('kneesPin', [{ kind: 'knees-above-corner' }]),
  'seated-knee-slides': picture('left', [{ kind: 'seat-too-high' }]),
  'seated-slides-away': picture('left', [{ kind: 'pushed-away' }]),
  'standing-hand-high': picture('front', [{ kind: 'bass-too-high' }]),
  'standing-hunched': picture('right', [{ kind: 'bent-over' }]),
  'standing-wrist-bent': picture('leftHandSide', [{ kind: 'wrist-bent-out' }]),
  'standing-falls': picture('left', [{ kind: 'bass-leans-out' }]),
  'standing-leans-on': picture('left', [{ kind: 'bass-squeezed' }])
};
