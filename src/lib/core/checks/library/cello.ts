import type { Check } from '../types';
import { BOW_HAND } from './bow-hand';
import { BOW_USE } from './bow-use';
import { CELLO_HOLD } from './hold-low';
import { CELLO_LEFT_HAND } from './left-low';
import { READY } from './ready';
import { SEAT } from './stance';

export const CHECKS: readonly Check[] = [
  ...READY,
  ...SEAT,
  ...CELLO_HOLD,
  ...CELLO_LEFT_HAND,
  ...BOW_HAND,
  ...BOW_USE
];
