import type { Check } from '../types';
import { checksOf, except, fault, habit, seenFrom, setUp, tooLarge, tooSmall } from './make';

const cello = checksOf('hold', ['cello']);

/** How the cello stands at the body. Source: what string teachers commonly look for. */
export const CELLO_HOLD: readonly Check[] = [
  cello(
    'hold-breastbone',
    'left',
    'It rests at the breastbone',
    'The upper back of the cello rests at the breastbone; player and cello meet without leaning.',
    'Let it lean on your chest bone.',
    {
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
    fault('leans-on', 'Leans forward on to it', ['leaning-on-it'])
  ),
  cello(
    'hold-peg',
    'left',
    'The lowest peg is by the ear',
    'The lowest peg stands behind the left ear, just below its hole.',
    'The lowest peg is just behind your ear.',
    {
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
    fault(
      'low',
      'At the neck or shoulder',
      ['pin-too-short'],
      setUp('pin', 'raise', 'Longer pin.'),
      tooSmall('With the pin out as far as it goes: it may be too small.')
    )
  ),
  cello(
    'hold-scroll',
    'left',
    'The scroll is free of the shoulder',
    'Neck and scroll pass left of the head, two fingers free of the shoulder.',
    'Two fingers fit between neck and shoulder.',
    {
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
    'The back lies flat on the left leg, the right rear edge at the inner right knee; the left edge may show.',
    'Left leg to the cello, then the right.',
    {
      drill: 'set-and-reset',
      spot: 'rightKnee',
      view: 'kneesFront',
      shows: [],
      school: [
        'cello-placing',
        {
          square: {
            right: 'Both rear edges rest on the legs, just above the knees; neither edge shows.',
            forPlayer: 'Both legs touch it in the same way.'
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
        setUp('placing', 'other', 'Agree on how far it is turned and mark the floor.'),
        except(
          'cello-placing',
          ['square'],
          habit('Left leg first, then bring the right in.', 'set-and-reset')
        ),
        except(
          'cello-placing',
          ['turned'],
          habit('Both legs at once, then look at the edges.', 'set-and-reset')
        )
      )
    ),
    fault(
      'knees-high',
      'Knees above the corners',
      [['knees-above-corner', 110]],
      setUp('seat', 'raise', 'Raise the seat before the pin.'),
      tooSmall('With the seat high already: it may be too small.')
    ),
    fault('no-contact', 'Legs without contact', ['knees-wide'])
  ),
  cello(
    'hold-push',
    'front',
    'Push test',
    'Pushed left and right it stays, without squeezing.',
    'Sit so that it stays when I push.',
    {
      drill: 'set-and-reset',
      spot: 'bridge',
      view: 'front',
      result: 'yes-no'
    },
    seenFrom(
      'bodyAbove',
      fault(
        'sways',
        'Turns or slides away',
        [['cello-turned-far', 34]],
        setUp('seat', 'lower', 'Knees that do not hold: lower the seat.'),
        habit('Three points: breastbone and both legs.', 'set-and-reset')
      )
    )
  ),
  cello(
    'hold-free-run',
    'front',
    'Free run of the left hand',
    'The left hand runs the whole string without moving the trunk.',
    'Slide your hand, sit still.',
    {
      drill: 'bridge-to-thumb',
      spot: 'leftHand',
      view: 'front',
      result: 'yes-no'
    },
    fault(
      'trunk-moves',
      'The trunk bends with the hand',
      ['trunk-bent'],
      setUp('angle', 'lower', 'Steeper brings the low end of the string nearer.')
    )
  ),
  cello(
    'hold-looks',
    'front',
    'Fingers are found without looking',
    'The cello stays where it is; it is not pulled in or pushed away to see the fingers.',
    'Find the place by ear, not by looking.',
    {
      drill: 'eyes-closed',
      spot: 'head',
      view: 'front'
    },
    seenFrom('head', fault('pulled-in', 'Pulled in, head twisted', ['pulled-in'])),
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
    'The head stands straight over the shoulders; the neck of the cello passes beside it.',
    'Let your head float like a balloon.',
    {
      drill: 'wall-mirror',
      spot: 'head',
      view: 'head'
    },
    fault('tipped', 'Head tips away', [['head-tipped', 26]]),
    seenFrom('face', fault('turned', 'Head turned to the hand', ['head-turned'])),
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
    'While playing the pin stays in its place; the cello does not wander.',
    'The spike stays in its spot.',
    {
      drill: 'ready-round',
      spot: 'pinTip',
      view: 'right'
    },
    fault('wanders', 'Wanders off while playing', [['pushed-away', 150]]),
    fault(
      'sinks',
      'The pin slips into the cello',
      [['pin-too-short', 140]],
      setUp('pin', 'raise', 'Tighten with fingers only; a worn screw goes to the workshop.')
    )
  )
];
