import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import { at, BOW, byHold, change, INSTRUMENT, type ChangeKind } from './kind';

const THERE = ['there', 1, 1] as const;

/** What is there, missing or not ready on player, instrument and bow. */
export const KIT_CHANGES = {
  necklace: change(
    SHOULDER_FAMILIES,
    THERE,
    (a) => ({ necklace: a }),
    ['necklace'],
    at('collar', 0.08),
    'head'
  ),
  earring: change(
    SHOULDER_FAMILIES,
    THERE,
    (a) => ({ earring: a }),
    ['earring'],
    at('leftLobe', 0.035),
    'headQuarter'
  ),
  'nails-long': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ nailsLong: a }),
    ['leftNail'],
    at('leftFingers', 0.016),
    byHold('fingers', 'fingersFront')
  ),
  'tapes-missing': change(
    FAMILIES,
    THERE,
    () => ({ tapesAway: true }),
    ['fingerboard'],
    at('boardMiddle', 0.04),
    byHold('board', 'boardFront')
  ),
  'tapes-slipped': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ tapesMoved: a }),
    ['tape'],
    at('boardMiddle', 0.04),
    byHold('board', 'boardFront')
  ),
  'rest-missing': change(
    SHOULDER_FAMILIES,
    THERE,
    () => ({ restAway: true }),
    INSTRUMENT,
    at('bottom', 0.08),
    'back'
  ),
  'rest-swapped': change(
    SHOULDER_FAMILIES,
    THERE,
    () => ({ restSwapped: true }),
    ['shoulderRest'],
    at('bottom', 0.08),
    'back'
  ),
  'pad-under': change(
    SHOULDER_FAMILIES,
    THERE,
    () => ({ restKind: 'pad' }),
    ['shoulderRest'],
    at('bottom', 0.08),
    'back'
  ),
  'sponge-under': change(
    SHOULDER_FAMILIES,
    THERE,
    () => ({ restKind: 'sponge' }),
    ['shoulderRest'],
    at('bottom', 0.08),
    'back'
  ),
  'rest-crooked': change(
    SHOULDER_FAMILIES,
    ['share', 1, 1],
    (a) => ({ restCrooked: a }),
    ['shoulderRest'],
    at('bottom', 0.08),
    'back'
  ),
  'peg-slipped': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ pegOut: a }),
    ['peg0'],
    at('lowestPeg', 0.02),
    'pegs'
  ),
  'string-slack': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ stringSlack: a }),
    ['string0'],
    at('boardMiddle', 0.04),
    'strings'
  ),
  'rosin-heaped': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ rosinHeap: a }),
    ['rosin'],
    at('rosin', 0.045),
    'strings'
  ),
  'rosin-dust': change(FAMILIES, THERE, (a) => ({ rosinDust: a }), ['dust'], at('rosin', 0), 'strings'),
  'bow-slack': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowSlack: a }),
    BOW,
    at('bowMiddle', 0.06),
    byHold('bowMiddle', 'bowMiddleAbove')
  ),
  'bow-overtight': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ bowSlack: -a }),
    BOW,
    at('bowMiddle', 0.06),
    byHold('bowMiddle', 'bowMiddleAbove')
  ),
  'hair-torn': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ hairTorn: a }),
    ['bowTorn'],
    at('bowMiddle', 0.08),
    byHold('bowMiddle', 'bowMiddleAbove')
  ),
  'hair-greasy': change(
    FAMILIES,
    ['share', 1, 1],
    (a) => ({ hairGreasy: a }),
    ['bowDark'],
    at('hairAtFrog', 0.035),
    byHold('bowFrog', 'bowFrogAbove')
  ),
  'pin-tip-bare': change(
    ['bass'],
    ['share', 1, 1],
    (a) => ({ pinBare: a }),
    ['pin'],
    at('pinTip', 0.04),
    'pinClose'
  ),
  'pin-on-a-strap': change(
    ['cello'],
    THERE,
    (a) => ({ strap: a }),
    ['strap'],
    at('pinTip', 0.05),
    'kneesPin'
  ),
  'pin-off-its-stop': change(
    ['cello'],
    ['mm', 90, 140],
    (a) => ({ stopAway: a }),
    ['stop'],
    at('pinTip', 0.05),
    'pinClose'
  )
} as const satisfies Readonly<Record<string, ChangeKind>>;
