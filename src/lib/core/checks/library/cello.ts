import type { Check } from '../types';
import { BOW_ARM } from './bow-arm';
import { BOW_FINGERS } from './bow-fingers';
import { BOW_TESTS } from './bow-tests';
import { BOW_THUMB } from './bow-thumb';
import { BOW_USE } from './bow-use';
import { BREATH, LEFT_WEIGHT } from './everybody';
import { CELLO_HOLD } from './hold-cello';
import { CELLO_LEFT_HAND } from './left-cello';
import { LOW_LEFT_HAND } from './left-low';
import { PLUCKING } from './plucking';
import { READY } from './ready';
import { SEAT } from './seat';

export const CHECKS: readonly Check[] = [
  ...READY,
  ...SEAT,
  ...CELLO_HOLD,
  ...BREATH,
  ...LOW_LEFT_HAND,
  ...CELLO_LEFT_HAND,
  ...LEFT_WEIGHT,
  ...BOW_THUMB,
  ...BOW_FINGERS,
  ...BOW_USE,
  ...BOW_ARM,
  ...BOW_TESTS,
  ...PLUCKING
];
