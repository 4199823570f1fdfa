import type { Check } from '../types';
import { BOW_ARM } from './bow-arm';
import { BOW_FINGERS } from './bow-fingers';
import { BOW_TESTS } from './bow-tests';
import { BOW_THUMB } from './bow-thumb';
import { BOW_USE } from './bow-use';
import { BREATH, LEFT_WEIGHT } from './everybody';
import { SHOULDER_LEVEL } from './hold-level';
import { SHOULDER_HOLD } from './hold-shoulder';
import { SHOULDER_LEFT_ARM } from './left-arm';
import { SHOULDER_FINGERS } from './left-fingers';
import { PLUCKING } from './plucking';
import { READY } from './ready';
import { STANCE } from './stance';

/** Violin and viola. */
export const CHECKS: readonly Check[] = [
  ...READY,
  ...STANCE,
  ...SHOULDER_HOLD,
  ...SHOULDER_LEVEL,
  ...BREATH,
  ...SHOULDER_LEFT_ARM,
  ...SHOULDER_FINGERS,
  ...LEFT_WEIGHT,
  ...BOW_THUMB,
  ...BOW_FINGERS,
  ...BOW_USE,
  ...BOW_ARM,
  ...BOW_TESTS,
  ...PLUCKING
];
