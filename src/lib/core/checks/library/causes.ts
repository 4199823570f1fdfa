import { SHOULDER_FAMILIES } from '../../instruments';
import type { SharedIdentity } from '../identities';
import type { Cause } from '../types';
import { bow, except, habit, only, setUp, tooLarge, tooSmall, workshop } from './make';

const LOW = ['cello', 'bass'] as const;

/**
 * What brings a fault about that is seen in several checks, likeliest first: one fault has the same causes wherever it
 * is seen. Source: what string teachers commonly find behind it.
 */
export const SHARED_CAUSES: Readonly<Record<SharedIdentity, readonly Cause<never>[]>> = {
  'shoulder-raised': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'Too low in sum: raise by 5 mm, twice at most.')),
    only(LOW, setUp('pin', 'lower', 'The neck may stand too high.')),
    habit('Let it fall, breathe out, set again; what stays after two raises is a habit.', 'shake-out')
  ],
  'shoulders-raised': [
    only(['cello'], setUp('pin', 'lower', 'The cello may stand too high.')),
    habit('Up to the ears, let them fall, breathe out.', 'shake-out'),
    only(['violin', 'viola', 'bass'], tooLarge('It may be too heavy to carry.'))
  ],
  'bow-shoulder-raised': [
    habit('Let it fall, then little strokes.', 'shake-out'),
    bow('A bow that is too long lifts the shoulder to get there.'),
    only(LOW, setUp('pin', 'lower', 'An instrument that stands too high lifts the arm.')),
    only(SHOULDER_FAMILIES, tooLarge('An arm that is short for it is lifted.'))
  ],
  'shoulders-rolled': [
    tooLarge('Look whether it is too long: the arms pull the shoulders forward.'),
    habit('Open the chest at the wall, then set again.', 'wall-back'),
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'The filling may be too low.'))
  ],
  clenched: [
    only(
      SHOULDER_FAMILIES,
      setUp('lift', 'raise', 'The filling is too low: raise rest or chin rest by 5 mm.')
    ),
    habit('Name it, then hum while you hold.', 'hum-and-hold'),
    only(['cello', 'bass'], workshop('Strings that stand too high set the teeth.'))
  ],
  'breath-held': [
    habit('Name it; hum or speak while you hold.', 'hum-and-hold'),
    only(['violin', 'viola', 'bass'], tooLarge('What is too heavy is held with the breath.'))
  ],
  'neck-bent': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'Chin rest or rest too low: raise by 5 mm.')),
    only(['cello'], setUp('pin', 'lower', 'The peg is at the head: shorter pin.')),
    only(['cello'], except('cello-placing', ['square'], setUp('placing', 'other', 'Turn it a little.'))),
    only(['bass'], setUp('lean', 'lower', 'Less lean.')),
    habit('Look in the mirror: a long, straight neck.', 'wall-mirror')
  ],
  'neck-turned': [
    only(SHOULDER_FAMILIES, setUp('scroll', 'other', 'The scroll is too far out: bring it in.')),
    only(
      SHOULDER_FAMILIES,
      except('seat', ['further-out'], setUp('mount', 'other', 'Mount the chin rest nearer to the centre.'))
    ),
    only(['cello'], setUp('angle', 'lower', 'Peg at the head? Pin and angle first.')),
    habit('Look ahead and listen to the hand.', 'eyes-closed'),
    only(['bass'], setUp('lean', 'lower', 'What leans too much is watched: less lean.'))
  ],
  'head-forward': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'Raise the rest by 5 mm and look again.')),
    habit('Ears over the shoulders, then bring it up.', 'wall-back'),
    only(['bass'], setUp('lean', 'raise', 'Bring it nearer: lean it in.'))
  ],
  'trunk-bent': [
    only(['cello'], setUp('placing', 'other', 'Let the neck pass left of the head.')),
    only(['bass'], setUp('lean', 'raise', 'Lean and turn it in.')),
    habit('Grow tall at the wall, then bring it to you.', 'wall-back'),
    tooLarge('Look whether it is too long or too heavy.')
  ],
  'trunk-twisted': [
    habit('Turn the feet, not the waist.', 'wall-mirror'),
    only(SHOULDER_FAMILIES, setUp('scroll', 'other', 'A scroll too far round takes the body along.')),
    only(['cello'], setUp('placing', 'other', 'A cello that is turned far takes the body along.'))
  ],
  slumped: [
    only(LOW, setUp('pin', 'raise', 'It stands too low: longer pin.')),
    habit('Grow tall at the wall, then bring it to you.', 'wall-back'),
    only(SHOULDER_FAMILIES, tooLarge('Is it too heavy?')),
    only(['cello'], tooSmall('It may be too small to reach.'))
  ],
  hunched: [
    only(['bass'], setUp('pin', 'raise', 'The pin is too short: one notch out.')),
    tooLarge('The arms may be short for it.'),
    habit('Grow tall, then play.', 'wall-back')
  ],
  'belly-out': [
    habit('Breathe out, soft knees, a long back.', 'wall-back'),
    only(['violin', 'viola', 'bass'], tooLarge('It may be too heavy to carry.')),
    only(['cello'], setUp('pin', 'lower', 'The cello may push: shorter pin.'))
  ],
  'leaning-back': [
    only(['bass'], setUp('lean', 'lower', 'Less lean.')),
    habit('Weight to the middle of the feet.', 'feet-print'),
    only(['cello'], setUp('angle', 'lower', 'A steeper cello lets the player come forward.')),
    only(['violin', 'viola', 'bass'], tooLarge('It may be too heavy or too long.'))
  ],
  'knees-deep': [
    only(['bass'], setUp('pin', 'raise', 'Longer pin before the knees bend.')),
    only(['bass'], tooSmall('With the pin out as far as it goes: it may be too small.')),
    habit('Grow until the legs are long and soft.', 'wall-back')
  ],
  'scroll-in-front': [
    setUp('scroll', 'other', 'Choose where the scroll points and aim at it.'),
    habit('Aim at a mark on the wall before each start.', 'wall-mirror'),
    tooLarge('Arms that are short for it bring it in.')
  ].map((cause) => only(SHOULDER_FAMILIES, cause)),
  'rest-hangs': [
    habit('Call “rest”, wait, call “play”: the scroll looks forward.', 'set-and-reset'),
    tooLarge('It may be too heavy to guard.')
  ],
  'rest-stands-out': [
    habit('Elbow to the ribs, strings away from the body.', 'set-and-reset'),
    tooLarge('It may be too long for the arm to guard.')
  ],
  'wrist-caved': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'The hand holds it up: hands-off test first.')),
    only(LOW, setUp('pin', 'lower', 'A neck that stands too high bends the wrist.')),
    only(SHOULDER_FAMILIES, habit('Then slide the hand along the neck and tap.', 'slide-and-tap')),
    only(LOW, habit('Roll the tube.', 'tube-roll')),
    only(SHOULDER_FAMILIES, tooLarge('It may be too heavy.'))
  ],
  'wrist-bent-out': [
    only(
      SHOULDER_FAMILIES,
      except('wrist-line', ['outward'], habit('Hand and forearm in one line, then tap.', 'slide-and-tap'))
    ),
    only(
      SHOULDER_FAMILIES,
      except(
        'wrist-line',
        ['straight'],
        habit('A small hill is enough: half of it, then tap.', 'slide-and-tap')
      )
    ),
    only(LOW, habit('Land from the air.', 'land-from-air')),
    only(['cello'], setUp('angle', 'other', 'With the right height: look at the angle.')),
    only(['bass'], setUp('lean', 'raise', 'With the right height: lean it in.')),
    only(SHOULDER_FAMILIES, tooLarge('Too small a hand for the string?'))
  ],
  'elbow-out': [
    habit('Swing it under and back, slowly.', 'pluck-levels'),
    only(SHOULDER_FAMILIES, setUp('scroll', 'other', 'A scroll far to the side takes the elbow along.')),
    tooLarge('Short arms: look at the size.')
  ],
  'elbow-on-body': [
    only(SHOULDER_FAMILIES, setUp('tilt', 'raise', 'A flat instrument pulls the elbow in: more tilt.')),
    habit('Air under the arm: let it hang, then play.', 'shake-out'),
    tooLarge('It may be too heavy.')
  ],
  'elbow-dropped': [
    habit('Land from the air.', 'land-from-air'),
    tooLarge('A string that is too long pulls it down.'),
    only(LOW, setUp('pin', 'raise', 'A neck that stands too low takes the elbow down.'))
  ],
  'thumb-towards-nut': [
    only(SHOULDER_FAMILIES, habit('Set it first, then the fingers.', 'set-and-reset')),
    only(LOW, habit('Down from the bridge, stop at the thumb.', 'bridge-to-thumb')),
    tooLarge('A hand that does not reach leaves its thumb behind.')
  ],
  'thumb-towards-body': [
    only(SHOULDER_FAMILIES, habit('Tap the thumb on its place.', 'slide-and-tap')),
    only(LOW, habit('Down from the bridge, stop at the thumb.', 'bridge-to-thumb')),
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'Does the hand carry it? Look at the rest.'))
  ],
  'thumb-hooked': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'The hand carries it: look at the rest first.')),
    only(SHOULDER_FAMILIES, habit('Slide and tap.', 'slide-and-tap')),
    only(LOW, habit('Thumb off for one note.', 'thumb-off')),
    tooLarge('The neck may be too thick for this hand.')
  ],
  'thumb-pressing': [
    habit('The lightest note that speaks.', 'lightest-note'),
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'Is the hand holding it up?')),
    workshop('Strings that stand too high make the thumb press.')
  ],
  'web-closed': [
    only(SHOULDER_FAMILIES, setUp('lift', 'raise', 'The hand carries it: look at the rest first.')),
    only(SHOULDER_FAMILIES, habit('Slide along the neck and tap.', 'slide-and-tap')),
    only(LOW, habit('Roll the tube.', 'tube-roll')),
    only(LOW, workshop('Strings that stand too high are gripped.'))
  ],
  'knuckles-low': [
    except('frame-from', ['first'], habit('Fourth finger first.', 'fourth-first')),
    habit('Knuckles up to the strings, then tap.', 'finger-taps'),
    only(SHOULDER_FAMILIES, setUp('tilt', 'raise', 'A flat instrument hides the strings: more tilt.')),
    tooLarge('A hand that cannot reach hangs low.')
  ],
  'off-the-neck': [
    habit('The side of the first finger says hello to the neck.', 'set-and-reset'),
    only(SHOULDER_FAMILIES, setUp('tilt', 'lower', 'A steep instrument sends the hand away: less tilt.'))
  ],
  'fingers-flat': [
    habit('Round fingers, then tap.', 'finger-taps'),
    tooLarge('Long reaches flatten the fingers.'),
    workshop('Strings that stand too high are pressed flat.')
  ],
  'fingers-collapsed': [
    habit('The lightest note that speaks.', 'lightest-note'),
    workshop('Strings that stand too high break the joints in.')
  ],
  'palm-turned': [
    only(SHOULDER_FAMILIES, habit('Turn the palm to the board, then the fingers.', 'set-and-reset')),
    only(LOW, habit('Land from the air.', 'land-from-air')),
    tooLarge('A hand that does not reach turns away.')
  ],
  'hand-at-nut': [
    habit('Thumb in its place, then tap.', 'slide-and-tap'),
    tooLarge('The string may be too long.')
  ].map((cause) => only(SHOULDER_FAMILIES, cause)),
  'fingers-crowded': [
    only(SHOULDER_FAMILIES, habit('Each over its own tape.', 'fourth-against-open')),
    only(LOW, habit('Roll the tube.', 'tube-roll')),
    tooLarge('A frame that never opens: look at the size.'),
    tooSmall('A hand that has outgrown the string has no room.')
  ],
  'fingers-stretched': [
    tooLarge('The string may be too long.'),
    habit('The lightest note: what is stretched is stiff.', 'lightest-note')
  ],
  'fourth-lifted': [
    habit('It taps while the others wait.', 'finger-taps'),
    tooLarge('A finger that does not reach stands up.')
  ],
  'hand-travels': [
    habit('Single-finger taps.', 'finger-taps'),
    tooLarge('A string that is too long takes the whole hand along.')
  ],
  'bow-fist': [
    habit('Shake out and build it on a pencil.', 'pencil'),
    bow('A bow that is too heavy is held like that.')
  ],
  'bow-little-off': [
    habit('Build on a pencil first.', 'pencil'),
    bow('A bow that is too long is too heavy for it.')
  ],
  'bow-thumb-ahead': [
    habit('Make the ring with finger two, then lay the others on.', 'set-and-reset'),
    bow('A bow that is too thick for the hand sends the thumb up.')
  ],
  'bow-hand-creeps': [
    habit('A sticker at its place; look after each piece.', 'set-and-reset'),
    bow('A bow that is too heavy is held nearer to its middle.')
  ],
  'bow-hand-stiff': [
    habit('Bend and stretch it ten times on a pencil.', 'pencil'),
    bow('A bow that is too heavy stiffens the hand.')
  ],
  'bow-fingers-crowded': [
    habit('Shake out and build anew.', 'shake-out'),
    tooSmall('A bow that was outgrown has no room for the fingers.')
  ],
  'bow-wrist-sunk': [
    habit('Lift the wrist before the hand comes near.', 'short-strokes'),
    bow('A bow that is too heavy pulls the wrist down.')
  ],
  'bow-oblique': [
    habit('Reach forward as it gets longer.', 'short-strokes'),
    bow('A bow that is too long is pulled round the body.'),
    only(SHOULDER_FAMILIES, setUp('scroll', 'other', 'A scroll far round takes the lane from the arm.'))
  ],
  'bow-over-board': [
    only(
      ['violin', 'viola', 'cello'],
      tooLarge('The arm is straight already where the bow plays: it may be too large.')
    ),
    only(['cello'], setUp('pin', 'lower', 'It may stand too high.')),
    only(['bass'], setUp('pin', 'raise', 'The arm hangs and the bow is over the board: it stands too low.')),
    only(['bass'], tooSmall('With the pin out as far as it goes: it may be too small.')),
    habit('Little strokes on the road.', 'short-strokes')
  ],
  'bow-elbow-low': [
    except('bow-elbow', ['hanging'], habit('The elbow goes first, then the bow.', 'silent-levels')),
    tooLarge('An arm that is short for it stays low.')
  ],
  'bow-on-two-strings': [
    except('bow-elbow', ['hanging'], habit('Slowly, the elbow first.', 'silent-levels')),
    habit('Listen for one string in little strokes.', 'short-strokes'),
    only(SHOULDER_FAMILIES, setUp('tilt', 'other', 'Are the strings tilted as they should be?'))
  ],
  'bow-elbow-high': [
    habit('Let the upper arm hang, then little strokes.', 'short-strokes'),
    only(['cello'], setUp('pin', 'lower', 'An instrument that stands too high lifts it.')),
    only(SHOULDER_FAMILIES, setUp('tilt', 'raise', 'A flat instrument lifts it for the lowest string.'))
  ],
  'plucks-upward': [habit('Draw circles: across, and back to the thumb.', 'pluck-levels')],
  'plucks-by-bridge': [habit('Thumb at the end of the board first.', 'pluck-levels')],
  'head-straight-ahead': [
    only(
      SHOULDER_FAMILIES,
      except('seat', ['further-out'], setUp('mount', 'other', 'Mount the chin rest nearer to the centre.'))
    ),
    only(SHOULDER_FAMILIES, habit('Turn the head a little, then lay it down.', 'wall-mirror')),
    only(SHOULDER_FAMILIES, setUp('scroll', 'other', 'A scroll far in front leaves the head straight.'))
  ],
  'knees-wide': [
    only(['cello'], setUp('seat', 'lower', 'Thighs that slope let the knees fall out: lower the seat.')),
    only(['cello'], habit('Bring the legs in until they touch.', 'set-and-reset'))
  ],
  'hair-tight': [
    habit('Two turns back; say it together at the end.', 'ready-round'),
    workshop('A screw that is hard to turn goes to the workshop.')
  ],
  'hair-touched': [
    habit('By the frog; the hair is for the strings.', 'ready-round'),
    workshop('Hair that is dark already is cleaned by the workshop.')
  ],
  'pin-off-mark': [
    setUp('pin', 'raise', 'Out to its mark; a hand on the neck while the screw is loose.'),
    workshop('A screw that does not hold goes to the workshop.')
  ].map((cause) => only(LOW, cause)),
  'pin-wanders': [
    only(['cello'], setUp('anchor', 'lower', 'One hole shorter.')),
    only(
      ['cello'],
      except('anchoring', ['strap'], setUp('anchoring', 'other', 'A strap to the chair’s leg is the surest.'))
    ),
    workshop('A blunt tip goes to the workshop.')
  ],
  'seat-low': [only(['cello'], setUp('seat', 'raise', 'The one with the number, or a wedge on it.'))],
  'seat-high': [only(['cello'], setUp('seat', 'lower', 'The one with the number.'))],
  'leans-on-it': [
    only(LOW, setUp('pin', 'raise', 'Longer pin.')),
    habit('Grow tall, bring it to you.', 'wall-back')
  ]
};
