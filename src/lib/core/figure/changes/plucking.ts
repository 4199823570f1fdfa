import { FAMILIES } from '../../instruments';
import { at, byHold, change, type ChangeKind } from './kind';

/** The hand that plucks. */
export const PLUCKING_CHANGES = {
  'plucking-upward': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ pluckUp: a }),
    ['rightFinger'],
    at('rightFingers', 0.05),
    'pluckHand',
    'plucking'
  ),
  'pluck-thumb-off': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ pluckThumbOff: a }),
    ['rightThumb'],
    at('rightThumb', 0.04),
    'pluckHand',
    'plucking'
  ),
  'pluck-by-the-bridge': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ pluckAlong: a }),
    ['rightFinger', 'rightPalm', 'rightThumb'],
    at('rightHand', 0.06),
    byHold('head', 'bowFront'),
    'plucking'
  ),
  'pluck-finger-deep': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ pluckDeep: a }),
    ['rightFinger1'],
    at('rightFingers', 0.05),
    'pluckHand',
    'plucking'
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
