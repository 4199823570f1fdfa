import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, tooLarge, tooSmall } from './make';

const bass = checksOf('hold', ['bass']);

/** How the bass stands at the body. Source: what string teachers commonly look for. */
export const BASS_HOLD: readonly Check[] = [
  bass(
    'hold-contacts',
    'front',
    'Two contacts',
    'The upper bout’s edge at the left hip, the lower bout’s back corner at the inner left knee.',
    'It touches your hip and your knee.',
    {
      drill: 'set-and-reset',
      spot: 'contact',
      view: 'front'
    },
    seenFrom(
      'above',
      fault(
        'face-on',
        'Lies on the belly instead of its edge',
        ['bass-face-on'],
        habit('Turn it until its edge meets the hip.', 'set-and-reset'),
        setUp('lean', 'raise', 'One that stands upright turns to the front: lean it in.')
      )
    ),
    seenFrom(
      'above',
      fault(
        'away',
        'Stands away from hip and knee',
        ['pushed-away'],
        setUp('lean', 'raise', 'Lean it in.'),
        habit('Bring it to you.', 'set-and-reset')
      )
    )
  ),
  bass(
    'hold-leans-in',
    'left',
    'It leans in',
    'It leans a little towards the player; never upright, never outward.',
    'It leans on you like a friend.',
    {
      drill: 'balance',
      spot: 'nut',
      view: 'left'
    },
    fault(
      'upright',
      'Stands upright',
      [['bass-upright', 15]],
      setUp('lean', 'raise', 'Lean it in.'),
      habit('Step back half a foot, let it come.', 'balance')
    ),
    fault(
      'out',
      'Leans out',
      ['bass-leans-out'],
      setUp('lean', 'raise', 'Lean it in; a hand near the neck meanwhile.'),
      tooLarge('It may be too large to balance.')
    )
  ),
  bass(
    'hold-hands-off',
    'left',
    'Hands-off test',
    'With both hands away it stays, a grown-up’s hands ready.',
    'A grown-up’s hands are near: let go, it stays.',
    {
      drill: 'balance',
      spot: 'bodyMiddle',
      pose: 'handsOff',
      view: 'left',
      result: 'seconds',
      goal: {
        first: 3,
        later: 10,
        better: 'more',
        stops: 'Stop the clock when it moves or the player pushes back.'
      }
    },
    fault(
      'falls',
      'Falls outward',
      [['bass-leans-out', 26]],
      setUp('lean', 'raise', 'Lean it in.'),
      setUp('stool', 'other', 'Try it at the stool.'),
      habit('Find the balance with a hand near.', 'balance')
    )
  ),
  bass(
    'hold-left-level',
    'front',
    'The left hand’s level',
    'In first position the first finger is about level with the cheek, not above the eyebrow.',
    'Finger one is as high as your cheek.',
    {
      drill: 'set-and-reset',
      spot: 'leftHand',
      view: 'front'
    },
    fault(
      'high',
      'Above the eyes',
      ['bass-too-high'],
      setUp('pin', 'lower', 'One notch in.'),
      tooLarge('With the pin in already: a smaller bass.')
    ),
    fault(
      'low',
      'Below the chin',
      ['bass-too-low'],
      setUp('pin', 'raise', 'One notch out.'),
      tooSmall('With the pin out already: a larger bass.')
    )
  ),
  bass(
    'hold-back',
    'right',
    'The back is upright',
    'The back is upright; the bow’s spot is reached without hunching.',
    'Stand tall beside your bass.',
    {
      drill: 'wall-back',
      spot: 'back',
      view: 'right'
    },
    fault('hunched', 'Hunched to the bow’s spot', ['bent-over']),
    fault('back', 'Leans back against the weight', ['leaning-back'])
  ),
  bass(
    'hold-comes-to-player',
    'left',
    'The bass comes to the player',
    'The bass is brought to the player; nobody bends round it.',
    'Bring it to you, stay tall.',
    {
      drill: 'set-and-reset',
      spot: 'chest',
      view: 'trunkLeft'
    },
    fault('bends', 'Bends round it', ['leaning-on-it']),
    seenFrom('headLeft', fault('head', 'Head pushed forward', [['head-forward', 34]]))
  ),
  bass(
    'hold-no-weight',
    'left',
    'No weight on it',
    'The player’s weight stays on the legs; nothing hangs on the bass.',
    'Your legs carry you, not the bass.',
    {
      drill: 'balance',
      spot: 'leftShoulder',
      view: 'trunkLeft'
    },
    fault(
      'squeezed',
      'Pulled in and squeezed',
      [['bass-squeezed', 65]],
      habit('Hands off, breathe, hands on.', 'balance'),
      setUp('lean', 'lower', 'It leans too much.')
    ),
    fault(
      'leans',
      'Leans on the bass',
      [['leaning-on-it', 28]],
      habit('Weight on the right leg.', 'feet-print')
    )
  ),
  bass(
    'hold-head',
    'front',
    'The head is free',
    'The head stands over the shoulders and can look both ways.',
    'Look left, look right: easy.',
    {
      drill: 'wall-mirror',
      spot: 'head',
      view: 'head'
    },
    fault('tipped', 'Head tips to the neck of the bass', [['head-tipped', 30]]),
    seenFrom('face', fault('turned', 'Head turned to watch the hand', ['head-turned']))
  )
];
