import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, workshop } from './make';

const LOW = ['cello', 'bass'] as const;
const low = checksOf('left-hand', LOW);
const cello = checksOf('left-hand', ['cello']);
const bass = checksOf('left-hand', ['bass']);

const ELBOW_FAULTS = [
  fault('dropped', 'Elbow drops', [['elbow-dropped', 86]]),
  fault(
    'high',
    'Elbow high',
    ['elbow-out'],
    habit('Let it sink until it hangs from the hand.', 'land-from-air'),
    setUp('pin', 'lower', 'A neck that stands too high lifts the arm.')
  )
] as const;

/** The left hand of cello and bass. Source: what string teachers commonly look for. */
export const LOW_LEFT_HAND: readonly Check[] = [
  low(
    'left-c-shape',
    'left-hand',
    'The hand is a C',
    'Hand and fingers make a C round the neck, as round a glass.',
    'Hold the neck as you hold a glass.',
    {
      drill: 'tube-roll',
      spot: 'leftHand',
      view: 'leftHandSide'
    },
    seenFrom(
      { cello: 'leftHandQuarter', bass: 'leftHandTop' },
      fault('closed', 'The palm lies on the neck', ['web-closed'])
    ),
    seenFrom(
      { cello: 'fingersFront', bass: 'leftHandFar' },
      fault('turned', 'The fingers point at the bridge', ['palm-turned-away'])
    ),
    seenFrom('fingersFront', fault('flat', 'The C falls flat', ['fingers-flat']))
  ),
  low(
    'left-thumb-place',
    'left-hand',
    'The thumb is behind the second finger',
    'The thumb stands behind the second finger.',
    'Put your thumb behind finger two.',
    {
      drill: 'bridge-to-thumb',
      spot: 'leftThumb',
      view: 'leftThumb'
    },
    fault('up', 'Too far towards the scroll', [['thumb-misplaced', 0.36]]),
    fault('down', 'Too far towards the bridge', [['thumb-towards-body', 0.36]])
  ),
  low(
    'left-thumb-light',
    'left-hand',
    'The thumb does not press',
    'The thumb is bent and touches lightly, without pressure.',
    'Thumb soft as a feather.',
    {
      drill: 'press-forearm',
      spot: 'leftThumb',
      view: 'leftHandTop',
      school: [
        'thumb-contact',
        {
          free: {
            right: 'The thumb can come off at any time: the arm’s weight holds the string down.',
            forPlayer: 'Thumb off, the note stays.'
          }
        }
      ]
    },
    fault('presses', 'Presses, the joint bends', ['thumb-pressing']),
    fault('hooked', 'Hooks round the neck', ['thumb-hooked'])
  ),
  cello(
    'left-elbow',
    'front',
    'Shoulder, elbow and wrist slope gently',
    'Shoulder above elbow above wrist in a gentle slope; the elbow neither drops nor flies.',
    'Make your arm a slide from shoulder to hand.',
    { drill: 'land-from-air', spot: 'leftElbow', view: 'leftArm' },
    ...ELBOW_FAULTS
  ),
  bass(
    'left-elbow',
    'front',
    'The elbow is up',
    'The elbow is up, away from the ribs, and the forearm runs on to the hand; it neither drops nor flies.',
    'Keep your elbow up, as if a ball lay under your arm.',
    { drill: 'land-from-air', spot: 'leftElbow', view: 'head' },
    ...ELBOW_FAULTS
  ),
  low(
    'left-wrist',
    'left-hand',
    'The wrist is unbroken',
    'Forearm and back of the hand make one line.',
    'A straight road from elbow to knuckles.',
    {
      drill: 'tube-roll',
      spot: 'leftWrist',
      view: 'leftHandSide'
    },
    seenFrom({ bass: 'leftHand' }, fault('caved', 'Caves in', ['wrist-caved'])),
    fault('bent', 'Bent outward', ['wrist-bent-out'])
  ),
  low(
    'left-shoulder',
    'behind',
    'The left shoulder hangs',
    'The shoulder stays down while the arm is up.',
    'Let your shoulder hang while you play.',
    {
      drill: 'shake-out',
      spot: 'leftShoulder',
      view: 'headBehind'
    },
    fault('raised', 'Pulled up', [['shoulder-raised', 44]]),
    seenFrom(
      { cello: 'above', bass: 'headLeft' },
      fault('rolled', 'Rolled forward', [['shoulder-rolled', 70]])
    )
  ),
  low(
    'left-near',
    'left-hand',
    'Fingers stay near and stay down behind',
    'Fingers wait near the strings; those behind the playing one stay down.',
    'Keep your fingers close to the string.',
    {
      drill: 'finger-taps',
      spot: 'leftFingers',
      view: 'leftHandSide'
    },
    seenFrom(
      { bass: 'leftHandFar' },
      fault(
        'fly',
        'They fly up',
        ['fingers-flying'],
        habit('One finger taps, the others wait.', 'finger-taps'),
        workshop('Strings that stand too high are hammered.')
      )
    ),
    seenFrom('leftHandTop', fault('fourth', 'The fourth stands away', ['fourth-lifted']))
  ),
  low(
    'left-landing',
    'front',
    'Lands in the same place',
    'From the air the hand lands in first position without looking.',
    'Land your hand like a bird on its branch.',
    {
      drill: 'land-from-air',
      spot: 'leftHand',
      view: 'leftArm',
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
