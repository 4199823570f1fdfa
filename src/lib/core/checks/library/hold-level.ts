import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, tooLarge } from './make';

const hold = checksOf('hold', SHOULDER_FAMILIES);

/** How violin and viola lie, and how long they are held. Source: what string teachers commonly look for. */
export const SHOULDER_LEVEL: readonly Check[] = [
  hold(
    'hold-level',
    'left',
    'The strings are level with the floor',
    'From the side the strings run level; the scroll neither droops nor points up.',
    'A marble could lie on your strings.',
    {
      drill: 'arm-strength',
      spot: 'nut',
      view: 'headLeft'
    },
    fault(
      'droops',
      'Scroll droops',
      ['scroll-droops'],
      setUp('chestFoot', 'raise', 'Seat it further back on the shoulder, then raise the chest foot by 5 mm.'),
      habit('Build the strength of the left arm.', 'arm-strength'),
      tooLarge('Look whether it is too heavy.')
    ),
    fault(
      'points-up',
      'Scroll points up',
      ['scroll-up'],
      setUp('chestFoot', 'lower', 'Lower the chest foot by 5 mm.'),
      habit('Level at the mirror.', 'wall-mirror')
    )
  ),
  hold(
    'hold-direction',
    'above',
    'The scroll points the agreed way',
    'Seen from above the scroll points the way that was set up and stays there while playing.',
    'Point the scroll at its spot.',
    {
      drill: 'set-and-reset',
      spot: 'scroll',
      view: 'above'
    },
    fault(
      'too-far-out',
      'Too far to the side',
      ['scroll-to-side'],
      setUp('scroll', 'other', 'Bring the scroll in.'),
      habit('Put a mark on the wall to aim at.', 'wall-mirror')
    ),
    fault('too-far-in', 'Swings in front', ['scroll-to-front'])
  ),
  hold(
    'hold-tilt',
    'front',
    'The strings are tilted a little',
    'The strings tilt a little to the right, so that both hands reach the lowest one.',
    'Tip it like a little roof.',
    {
      drill: 'set-and-reset',
      spot: 'bridge',
      view: 'scrollEnd'
    },
    fault(
      'steep',
      'Tilted like a wall',
      ['tilted-too-steep'],
      setUp('tilt', 'lower', 'Less tilt: lower the shoulder foot.'),
      habit('Let it lie down as it likes.', 'set-and-reset')
    ),
    fault(
      'flat',
      'Lies quite flat',
      ['lying-flat'],
      setUp('tilt', 'raise', 'More tilt: raise the shoulder foot.'),
      tooLarge('Small hands need more tilt on a large one.')
    )
  ),
  hold(
    'hold-hands-off',
    'front',
    'Hands-off hold',
    'Holds with no hand, a grown-up’s hand below, ready to catch.',
    'A grown-up’s hand waits below: let go, it stays.',
    {
      drill: 'hands-off',
      spot: 'bodyMiddle',
      pose: 'handsOff',
      view: 'head',
      result: 'seconds',
      goal: {
        first: 3,
        later: 10,
        grown: 20,
        better: 'more',
        stops: 'Stop the clock at a raised shoulder, a clenched jaw or lost speech.'
      }
    },
    fault(
      'falls',
      'Sinks at once',
      [['scroll-droops', 36], 'shoulder-raised'],
      setUp('lift', 'raise', 'Rest too low, or the wrong end high.'),
      habit('Passes with a hand’s help: daily drill.', 'hands-off')
    )
  ),
  hold(
    'hold-arm-length',
    'front',
    'Arm’s-length hold',
    'Holds it by the neck at arm’s length, a grown-up’s hand below. Not after shoulder or wrist trouble.',
    'Arm long, count; a grown-up’s hand is below.',
    {
      drill: 'arm-strength',
      spot: 'leftHand',
      pose: 'outstretched',
      view: 'front',
      result: 'count',
      goal: { first: 5, later: 10, better: 'more', stops: 'Stop at a bent arm, a bent back or any pain.' }
    },
    seenFrom(
      'left',
      fault(
        'sinks',
        'Arm and back give way',
        ['arm-sinks', ['leaning-back', 10]],
        tooLarge('It may be too heavy.'),
        habit('Count to five, rest, again.', 'arm-strength')
      )
    )
  )
];
