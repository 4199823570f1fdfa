import { SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp } from './make';

const hold = checksOf('hold', SHOULDER_FAMILIES);

/** How the player takes violin and viola, from the body outward. Source: what string teachers commonly look for. */
export const SHOULDER_HOLD: readonly Check[] = [
  hold(
    'hold-comes-to-player',
    'front',
    'It comes to the player',
    'It comes to the body; the body stays tall and does not go to meet it.',
    'Bring it to you. Stay tall.',
    {
      drill: 'set-and-reset',
      spot: 'chest',
      view: 'front'
    },
    fault('body-bends', 'Body bends to meet it', ['trunk-bent']),
    seenFrom('headLeft', fault('head-reaches', 'Head reaches forward for it', [['head-forward', 30]]))
  ),
  hold(
    'hold-bringing-up',
    'front',
    'Brought up in one way',
    'Out to the side, turned, over, chin lifted, set, jaw down: the same each time.',
    'Out, turn, over, set, jaw down.',
    {
      drill: 'set-and-reset',
      spot: 'scroll',
      pose: 'scroll',
      view: 'head'
    },
    seenFrom('headBehind', fault('shoulder-first', 'The shoulder comes up to it', ['shoulder-raised'])),
    fault(
      'jaw-first',
      'The head goes down before it is there',
      ['head-tipped'],
      habit('Lift the chin, set, then lay the jaw down.', 'set-and-reset')
    )
  ),
  hold(
    'hold-seat',
    'front',
    'It sits on the collarbone',
    'The back rests on the collarbone near the centre and the rest on the shoulder, never on the chest.',
    'Let it sit on your collarbone.',
    {
      drill: 'set-and-reset',
      spot: 'bottom',
      view: 'scrollEnd',
      school: [
        'seat',
        {
          'further-out': {
            right: 'The back rests further out on the shoulder, beside the neck, never on the chest.',
            forPlayer: 'Let it sit on your shoulder.'
          }
        }
      ]
    },
    fault(
      'on-chest',
      'Slipped down to the chest',
      ['on-the-chest'],
      setUp('chestFoot', 'raise', 'Widen the rest, raise its chest foot, look at the tilt.'),
      habit('Set it anew at the neck.', 'set-and-reset')
    ),
    fault(
      'far-out',
      'Far out on the shoulder’s end',
      [['out-on-the-shoulder', 90]],
      habit('Bring the end nearer to the neck.', 'set-and-reset'),
      setUp('restWidth', 'lower', 'A narrower rest sits nearer to the neck.')
    ),
    fault(
      'throat',
      'Pressed to the throat',
      ['on-the-throat'],
      habit('A finger’s room at the throat.', 'set-and-reset'),
      setUp('mount', 'other', 'Chin rest beside the tailpiece.')
    )
  ),
  hold(
    'hold-jaw',
    'front',
    'The jaw lies on the rest',
    'The side of the jaw lies on the chin rest by its own weight; not the cheek, not the tip of the chin.',
    'Lay your jaw down, soft as on a pillow.',
    {
      drill: 'set-and-reset',
      spot: 'jaw',
      view: 'face'
    },
    fault('chin-tip', 'Tip of the chin on it', ['chin-tip-down']),
    fault(
      'cheek',
      'The cheek lies on it',
      ['cheek-laid-down'],
      setUp('chinRest', 'raise', 'Too low: raise by 5 mm.'),
      habit('Nose level, then lay the jaw down.', 'wall-mirror')
    ),
    fault('clamps', 'Clamps with jaw and shoulder', [['shoulder-raised', 60], 'jaw-clenched'])
  ),
  hold(
    'hold-head',
    'front',
    'The head is turned slightly and laid down',
    'The head turns a little to the left and is laid down, not tipped and not twisted.',
    'Look along the strings, then lay your head down.',
    {
      drill: 'wall-mirror',
      spot: 'head',
      view: 'head'
    },
    seenFrom('face', fault('twisted', 'Turned far to the side', ['head-turned'])),
    seenFrom('face', fault('ahead', 'Faces straight ahead', ['chin-tip-down']))
  ),
  hold(
    'hold-neck',
    'behind',
    'The neck is straight',
    'Seen from behind the neck is straight.',
    'Make your neck long and straight.',
    {
      drill: 'wall-mirror',
      spot: 'neckBack',
      view: 'headBehind'
    },
    fault('head-tips', 'Head tips toward the instrument', ['head-tipped']),
    fault('bends', 'The whole trunk bends', [['trunk-bent', 24]])
  ),
  hold(
    'hold-chin-level',
    'left',
    'The chin is level',
    'From the side the face looks level; the head is not pushed away by the rest.',
    'Keep your nose level.',
    {
      drill: 'wall-mirror',
      spot: 'cheek',
      view: 'headLeft'
    },
    fault(
      'chin-up',
      'Head pushed away, chin up',
      ['chin-up'],
      setUp('lift', 'lower', 'Too high: lower by 5 mm.'),
      setUp('chinRest', 'lower', 'A lower chin rest.')
    ),
    fault(
      'forward',
      'Head pushed forward',
      [['head-forward', 30]],
      setUp('chinRest', 'raise', 'Raise it by 5 mm.')
    )
  ),
  hold(
    'hold-shoulder',
    'behind',
    'The shoulder hangs',
    'Both shoulders hang level, also while the left hand plays.',
    'Let your shoulders hang down.',
    {
      drill: 'shake-out',
      spot: 'leftShoulder',
      view: 'headBehind'
    },
    fault('raised', 'Left shoulder raised to clamp', ['shoulder-raised']),
    fault('both', 'Both shoulders pulled up', ['shoulders-pulled-up'])
  ),
  hold(
    'hold-squeeze',
    'left',
    'No squeeze',
    'The instrument rests between jaw and shoulder; nothing pinches, the shoulders are not rolled in.',
    'Let it lie there, do not pinch.',
    {
      drill: 'shake-out',
      spot: 'leftShoulder',
      view: 'trunkLeft'
    },
    fault('rolled', 'Shoulders rolled forward', [['shoulder-rolled', 60]]),
    seenFrom(
      'headBehind',
      fault('pinches', 'Head and shoulder pinch', ['shoulder-raised', ['head-tipped', 16]])
    )
  )
];
