import type { Check } from '../types';
import { checksOf, fault, habit, only, seenFrom, setUp, tooLarge, workshop } from './make';

const LOW = ['cello', 'bass'] as const;
const low = checksOf('left-hand', LOW);

/** The left hand of cello and bass. Source: what string teachers commonly look for. */
export const LOW_LEFT_HAND: readonly Check[] = [
  low(
    'left-c-shape',
    'left-hand',
    'The hand is a C',
    {
      right: 'Hand and fingers make a C round the neck, as round a glass.',
      child: 'A hand that holds a glass.',
      drill: 'tube-roll',
      spot: 'leftHand',
      view: 'leftHandSide'
    },
    seenFrom(
      'leftHand',
      fault('closed', 'The palm lies on the neck', ['web-closed'], habit('Roll the tube.', 'tube-roll'))
    ),
    fault(
      'turned',
      'The fingers point at the bridge',
      ['palm-turned-away'],
      habit('Land from the air.', 'land-from-air')
    ),
    seenFrom(
      'fingersFront',
      fault(
        'flat',
        'The C falls flat',
        ['fingers-flat'],
        habit('Roll the tube.', 'tube-roll'),
        tooLarge('The neck or the string may be too large.')
      )
    )
  ),
  low(
    'left-thumb-place',
    'left-hand',
    'The thumb is behind the second finger',
    {
      right: 'The thumb stands behind the second finger.',
      child: 'Thumb hides behind finger two.',
      drill: 'bridge-to-thumb',
      spot: 'leftThumb',
      view: 'leftThumb'
    },
    fault(
      'up',
      'Too far towards the scroll',
      [['thumb-misplaced', 0.36]],
      habit('Down from the bridge, stop at the thumb.', 'bridge-to-thumb')
    ),
    fault(
      'down',
      'Too far towards the bridge',
      [['thumb-towards-body', 0.36]],
      habit('Down from the bridge, stop at the thumb.', 'bridge-to-thumb')
    )
  ),
  low(
    'left-thumb-light',
    'left-hand',
    'The thumb does not press',
    {
      right: 'The thumb is bent and touches lightly, without pressure.',
      child: 'Thumb soft as a feather.',
      drill: 'press-forearm',
      spot: 'leftThumb',
      view: 'leftThumb',
      school: [
        'thumb-contact',
        {
          free: {
            right: 'The thumb can come off at any time: the arm’s weight holds the string down.',
            forPlayer: 'Thumb off, the note stays.',
            changes: [{ kind: 'thumb-towards-body', amount: 0.24 }]
          }
        }
      ]
    },
    seenFrom(
      { bass: 'leftHandSide' },
      fault(
        'presses',
        'Presses, the joint bends',
        ['thumb-pressing'],
        habit('Press and let go.', 'press-forearm'),
        workshop('Strings that are too high or long.')
      )
    ),
    fault('hooked', 'Hooks round the neck', ['thumb-hooked'], habit('Thumb off for one note.', 'thumb-off'))
  ),
  low(
    'left-elbow',
    'front',
    'Shoulder, elbow and wrist slope gently',
    {
      right: 'Shoulder above elbow above wrist in a gentle slope; the elbow neither drops nor flies.',
      child: 'A slide from shoulder to hand.',
      drill: 'land-from-air',
      spot: 'leftElbow',
      view: { cello: 'front', bass: 'head' }
    },
    fault(
      'dropped',
      'Elbow drops',
      [['elbow-dropped', 86]],
      habit('Land from the air.', 'land-from-air'),
      tooLarge('A string that is too long pulls it down.')
    ),
    fault(
      'high',
      'Elbow high',
      ['elbow-out'],
      habit('Let it sink until it hangs from the hand.', 'land-from-air'),
      setUp('pin', 'lower', 'A neck that stands too high lifts the arm.')
    )
  ),
  low(
    'left-wrist',
    'left-hand',
    'The wrist is unbroken',
    {
      right: 'Forearm and back of the hand make one line.',
      child: 'A straight road from elbow to knuckles.',
      drill: 'tube-roll',
      spot: 'leftWrist',
      view: 'leftHandSide'
    },
    fault(
      'caved',
      'Caves in',
      ['wrist-caved'],
      habit('Roll the tube.', 'tube-roll'),
      setUp('pin', 'lower', 'A neck that stands too high bends the wrist.')
    ),
    fault(
      'bent',
      'Bent outward',
      ['wrist-bent-out'],
      habit('Land from the air.', 'land-from-air'),
      only(['cello'], setUp('angle', 'other', 'With the right height: look at the angle.')),
      only(['bass'], setUp('lean', 'raise', 'With the right height: lean it in.'))
    )
  ),
  low(
    'left-shoulder',
    'behind',
    'The left shoulder hangs',
    {
      right: 'The shoulder stays down while the arm is up.',
      child: 'Shoulder sleeps, arm wakes.',
      drill: 'shake-out',
      spot: 'leftShoulder',
      view: 'headBehind'
    },
    fault(
      'raised',
      'Pulled up',
      [['shoulder-raised', 44]],
      setUp('pin', 'lower', 'The neck may stand too high.'),
      habit('Shake out, land again.', 'shake-out')
    ),
    seenFrom(
      { bass: 'left' },
      fault(
        'rolled',
        'Rolled forward',
        [['shoulder-rolled', 70]],
        habit('Open the chest at the wall.', 'wall-back'),
        tooLarge('The string may be too long.')
      )
    )
  ),
  low(
    'left-near',
    'left-hand',
    'Fingers stay near and stay down behind',
    {
      right: 'Fingers wait near the strings; those behind the playing one stay down.',
      child: 'Fingers wait at home.',
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHandSide'
    },
    fault(
      'fly',
      'They fly up',
      ['fingers-flying'],
      habit('One finger taps, the others wait.', 'finger-taps')
    ),
    fault(
      'fourth',
      'The fourth stands away',
      ['fourth-lifted'],
      habit('Fourth finger first.', 'fourth-first')
    )
  ),
  low(
    'left-landing',
    'front',
    'Lands in the same place',
    {
      right: 'From the air the hand lands in first position without looking.',
      child: 'Land like a bird on its branch.',
      drill: 'land-from-air',
      spot: 'leftHand',
      view: 'front',
      result: 'count',
      goal: { first: 3, later: 5, better: 'more', stops: 'Out of five; count what rings true.' }
    },
    fault(
      'beside',
      'Lands too far down',
      [['hand-travels', 2.4]],
      habit('Land from the air.', 'land-from-air')
    )
  )
];
