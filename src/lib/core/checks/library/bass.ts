import type { Check } from '../types';
import { BOW_ARM } from './bow-arm';
import { BOW_FINGERS } from './bow-fingers';
import { BOW_TESTS } from './bow-tests';
import { BOW_THUMB } from './bow-thumb';
import { BOW_USE } from './bow-use';
import { BREATH, LEFT_WEIGHT } from './everybody';
import { BASS_HOLD } from './hold-bass';
import { BASS_LEFT_HAND } from './left-bass';
import { LOW_LEFT_HAND } from './left-low';
import { PLUCKING } from './plucking';
import { READY } from './ready';
import { STANCE } from './stance';

export const CHECKS: readonly Check[] = [
  ...READY,
  ...STANCE,
  ...BASS_HOLD,
  ...BREATH,
  ...LOW_LEFT_HAND,
  ...BASS_LEFT_HAND,
  ...LEFT_WEIGHT,
  ...BOW_THUMB,
  ...BOW_FINGERS,
  ...BOW_USE,
  ...BOW_ARM,
  ...BOW_TESTS,
  ...PLUCKING
];
