import type { Check } from '../types';
import { BOW_HAND } from './bow-hand';
import { BOW_USE } from './bow-use';
import { BASS_HOLD } from './hold-low';
import { BASS_LEFT_HAND } from './left-low';
import { READY } from './ready';
import { STANCE } from './stance';

export const CHECKS: readonly Check[] = [
  ...READY,
  ...STANCE,
  ...BASS_HOLD,
  ...BASS_LEFT_HAND,
  ...BOW_HAND,
  ...BOW_USE
];
