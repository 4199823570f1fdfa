import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, seenFrom } from './make';

/** Breath and jaw while holding, whatever is held. Source: what string teachers commonly look for. */
export const BREATH: readonly Check[] = [
  checksOf('hold', FAMILIES)(
    'hold-breath',
    'front',
    'Breath and jaw stay soft',
    'While holding and playing the breath goes on and the teeth stay apart; the player could speak.',
    'Hum a tune while you hold it.',
    { drill: 'hum-and-hold', spot: 'jaw', view: 'face', shows: ['breath-goes'] },
    fault('held', 'The breath is held', ['breath-held']),
    fault('jaw', 'The jaw is clenched', ['jaw-clenched'])
  )
];

/** What the left hand gives to the string, on any instrument. Source: what string teachers commonly look for. */
export const LEFT_WEIGHT: readonly Check[] = [
  checksOf('left-hand', FAMILIES)(
    'left-weight',
    'left-hand',
    'No more weight than the note needs',
    'The finger gives the string just what the note needs to speak, then lets go; the thumb does not press back.',
    'Touch so lightly that the note just speaks.',
    {
      drill: 'lightest-note',
      spot: 'leftFingers',
      view: { violin: 'fingersSide', viola: 'fingersSide', cello: 'leftHandFront', bass: 'leftHandFront' }
    },
    seenFrom(
      { cello: 'fingersAside', bass: 'fingersAside' },
      fault('presses', 'Pressed until the joints give way', ['fingers-collapsed'])
    ),
    {
      ...fault('grips', 'The thumb presses back', ['thumb-pressing']),
      view: { violin: 'leftHand', viola: 'leftHand', cello: 'leftHandTop', bass: 'leftHandTop' }
    }
  )
];
