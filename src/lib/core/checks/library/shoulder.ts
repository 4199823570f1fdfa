import type { Check } from '../types';
import { BOW_HAND } from './bow-hand';
import { BOW_USE } from './bow-use';
import { SHOULDER_HOLD } from './hold-shoulder';
import { SHOULDER_LEFT_HAND } from './left-shoulder';
import { READY } from './ready';
import { STANCE } from './stance';

/** Violin and viola. */
export const CHECKS: readonly Check[] = [
  ...READY,
  ...STANCE,
  ...SHOULDER_HOLD,
  ...SHOULDER_LEFT_HAND,
  ...BOW_HAND,
  ...BOW_USE
];
