import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, tooLarge } from './make';

const cello = checksOf('hold', ['cello']);

/** How the cello stands at the body. Source: what string teachers commonly look for. */
export const CELLO_HOLD: readonly Check[] = [
  cello(
    'hold-breastbone',
    'left',
    'It rests at the breastbone',
    {
      right: 'The upper back of the cello rests at the breastbone; player and cello meet without leaning.',
      child: 'It leans on your heart.',
      drill: 'set-and-reset',
      spot: 'contact',
      view: 'left'
    },
    fault(
      'away',
      'Stands away from the body',
      ['pushed-away'],
      setUp('anchor', 'lower', 'One hole shorter: it slides away.'),
      habit('Bring it back, then the hands.', 'set-and-reset')
    ),
    fault(
      'leans-on',
      'Leans forward on to it',
      ['leaning-on-it'],
      setUp('pin', 'raise', 'Longer pin.'),
      habit('Grow tall, bring it to you.', 'wall-back')
    )
  ),
  cello(
    'hold-peg',
    'left',
    'The lowest peg is by the ear',
    {
      right: 'The lowest peg stands behind the left ear, just below its hole.',
      child: 'The peg whispers behind your ear.',
      drill: 'set-and-reset',
      spot: 'lowestPeg',
      view: 'left'
    },
    fault(
      'high',
      'Above the ear',
      ['pin-too-long'],
      setUp('pin', 'lower', 'Shorter pin.'),
      tooLarge('If the pin is in already, look at the size.')
    ),
    fault('low', 'At the neck or shoulder', ['pin-too-short'], setUp('pin', 'raise', 'Longer pin.'))
  ),
  cello(
    'hold-scroll',
    'left',
    'The scroll is free of the shoulder',
    {
      right: 'Neck and scroll pass left of the head, two fingers free of the shoulder.',
      child: 'Two fingers fit between neck and shoulder.',
      drill: 'set-and-reset',
      spot: 'nut',
      view: 'left'
    },
    fault(
      'on-shoulder',
      'The neck lies on the shoulder',
      ['cello-too-flat'],
      setUp('angle', 'lower', 'Steeper.'),
      setUp('pin', 'raise', 'Or longer.')
    ),
    fault(
      'upright',
      'Stands like a post before the face',
      ['cello-too-upright'],
      setUp('anchor', 'raise', 'One hole longer: it may lean more.'),
      setUp('angle', 'raise', 'Flatter.')
    )
  ),
  cello(
    'hold-legs',
    'front',
    'Both legs at the lower bouts',
    {
      right:
        'The back lies flat on the left leg, the right rear edge at the inner right knee; the left edge may show.',
      child: 'Left leg first, then the right.',
      drill: 'set-and-reset',
      spot: 'rightKnee',
      view: 'front',
      shows: [],
      school: [
        'cello-placing',
        {
          square: {
            right: 'Both rear edges rest on the legs, just above the knees; neither edge shows.',
            forPlayer: 'Both legs feel the same edge.',
            changes: [{ kind: 'cello-square' }]
          }
        }
      ]
    },
    seenFrom(
      'bodyAbove',
      fault(
        'far-turned',
        'Turned far to one side',
        ['cello-turned-far'],
        setUp('placing', 'other', 'Agree on turned or square and mark the floor.'),
        habit('Left leg first, then bring the right in.', 'set-and-reset')
      )
    ),
    fault(
      'knees-high',
      'Knees above the corners',
      [['knees-above-corner', 110]],
      setUp('seat', 'raise', 'Raise the seat before the pin.')
    ),
    fault(
      'no-contact',
      'Legs without contact',
      ['knees-wide'],
      habit('Bring the right leg in last.', 'set-and-reset')
    )
  ),
  cello(
    'hold-push',
    'front',
    'Push test',
    {
      right: 'Pushed left and right it stays, without squeezing.',
      child: 'It stays when I push.',
      drill: 'set-and-reset',
      spot: 'bridge',
      view: 'front',
      result: 'yes-no'
    },
    fault(
      'sways',
      'Turns or slides away',
      [['cello-turned-far', 34]],
      setUp('seat', 'lower', 'Knees that do not hold: lower the seat.'),
      habit('Three points: breastbone, left leg, right knee.', 'set-and-reset')
    )
  ),
  cello(
    'hold-free-run',
    'front',
    'Free run of the left hand',
    {
      right: 'The left hand runs the whole string without moving the trunk.',
      child: 'Your hand slides, you stay.',
      drill: 'bridge-to-thumb',
      spot: 'leftHand',
      view: 'front',
      result: 'yes-no'
    },
    fault(
      'trunk-moves',
      'The trunk bends with the hand',
      ['trunk-bent'],
      setUp('angle', 'lower', 'Steeper brings the low end of the string nearer.'),
      tooLarge('The string may be too long.'),
      habit('Slide down and stop at the thumb.', 'bridge-to-thumb')
    )
  ),
  cello(
    'hold-looks',
    'front',
    'Fingers are found without looking',
    {
      right: 'The cello stays where it is; it is not pulled in or pushed away to see the fingers.',
      child: 'Ears find the place, not eyes.',
      drill: 'eyes-closed',
      spot: 'head',
      view: 'front'
    },
    fault(
      'pulled-in',
      'Pulled in, head twisted',
      ['pulled-in'],
      setUp('angle', 'lower', 'Peg on the head? Pin and angle first.'),
      habit('Mirror, and tapes by touch.', 'eyes-closed')
    ),
    fault(
      'pushed',
      'Tilted far to see the board',
      ['neck-far-out'],
      habit('Eyes closed, find the tape by touch.', 'eyes-closed')
    )
  ),
  cello(
    'hold-head',
    'front',
    'The head is straight',
    {
      right: 'The head stands straight over the shoulders; the neck of the cello passes beside it.',
      child: 'Head like a balloon on a string.',
      drill: 'wall-mirror',
      spot: 'head',
      view: 'head'
    },
    fault(
      'tipped',
      'Head tips away',
      [['head-tipped', 26]],
      setUp('pin', 'lower', 'The peg is at the head: shorter pin.'),
      setUp('placing', 'other', 'Turn it a little.'),
      habit('Look in the mirror.', 'wall-mirror')
    ),
    fault(
      'turned',
      'Head turned to the hand',
      ['head-turned'],
      habit('Look ahead and listen.', 'eyes-closed')
    ),
    fault(
      'neck-before-face',
      'The neck stands before the face',
      ['neck-in-the-middle'],
      setUp('placing', 'other', 'The pin a little to the right.'),
      habit('Neck to the left of the head.', 'set-and-reset')
    )
  ),
  cello(
    'hold-pin',
    'right',
    'The pin stays',
    {
      right: 'While playing the pin stays in its place; the cello does not wander.',
      child: 'The spike sleeps in its spot.',
      drill: 'ready-round',
      spot: 'pinTip',
      view: 'right'
    },
    fault(
      'wanders',
      'Wanders off while playing',
      [['pushed-away', 150]],
      setUp('anchoring', 'other', 'Strap to the chair leg.'),
      setUp('anchor', 'lower', 'One hole shorter.')
    ),
    fault(
      'sinks',
      'The pin slips into the cello',
      [['pin-too-short', 140]],
      setUp('pin', 'raise', 'Tighten with fingers only; a worn screw goes to the workshop.')
    )
  )
];
