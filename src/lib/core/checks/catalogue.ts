import type { Family } from '../instruments';
import type { Check, Drill, DrillId } from './types';

const VIOLIN_VIOLA: readonly Family[] = ['violin', 'viola'];

/** Drills that a remedy can name, with the usual dose. Source: common beginners' practice. */
export const DRILLS: Readonly<Record<DrillId, Drill>> = {
  'set-and-reset': {
    id: 'set-and-reset',
    text: 'Bring the instrument up, put it down, bring it up again, the same way each time.',
    dose: '10 in a row, every day'
  },
  'hands-off': {
    id: 'hands-off',
    text: 'Hold it with no hand while a grown-up keeps a hand below. Say your name while you do.',
    dose: '3 times, every day'
  },
  'wall-mirror': {
    id: 'wall-mirror',
    text: 'Stand before a mirror and look: straight neck, level instrument, soft shoulders.',
    dose: '1 minute, every day'
  },
  'shake-out': {
    id: 'shake-out',
    text: 'Put it down, turn the palms up, shake the arms out, start again.',
    dose: 'whenever it feels tight'
  },
  'arm-strength': {
    id: 'arm-strength',
    text: 'Hold the instrument by its neck at arm’s length and count slowly, a grown-up’s hand below.',
    dose: 'count to 10, once a day; not with a sore shoulder or wrist'
  }
};

/**
 * Checks of the hold for violin and viola, in the order of looking: from the body outward.
 * Source: what string teachers commonly look for; schools that differ are named in the text.
 */
export const HOLD_CHECKS: readonly Check[] = [
  {
    id: 'hold-comes-to-player',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'It comes to the player',
    standpoint: 'front',
    right:
      'Out to the side, turned over, set on the collarbone; the body stays tall and does not go to meet it.',
    forPlayer: 'Bring it to you. Stay tall.',
    faults: [
      {
        id: 'body-bends',
        text: 'Body bends or twists to meet it',
        causes: [
          { cause: 'habit', remedy: 'Take it away and bring it up anew, slowly.', drill: 'set-and-reset' },
          { cause: 'size', remedy: 'Look whether it is too long or too heavy.' }
        ]
      },
      {
        id: 'head-reaches',
        text: 'Head reaches forward for it',
        causes: [
          { cause: 'set-up', remedy: 'Raise the rest by 5 mm and look again.' },
          { cause: 'habit', remedy: 'Set it first, then lay the jaw down.', drill: 'set-and-reset' }
        ]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'set-and-reset'
  },
  {
    id: 'hold-seat',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'It sits on the collarbone',
    standpoint: 'left',
    right: 'The back rests on the collarbone and the rest on the shoulder, not on the chest.',
    forPlayer: 'Let it sit on your collarbone.',
    faults: [
      {
        id: 'on-chest',
        text: 'Slipped down to the chest',
        causes: [
          { cause: 'set-up', remedy: 'Widen the rest, raise its chest foot, look at the tilt.' },
          { cause: 'habit', remedy: 'Set it anew at the neck.', drill: 'set-and-reset' }
        ]
      },
      {
        id: 'far-out',
        text: 'Far out on the shoulder',
        causes: [{ cause: 'habit', remedy: 'Bring the end nearer to the neck.', drill: 'set-and-reset' }]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'set-and-reset'
  },
  {
    id: 'hold-jaw',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'The jaw lies on the rest',
    standpoint: 'front',
    right:
      'The side of the jaw lies on the chin rest by its own weight; not the cheek, not the tip of the chin.',
    forPlayer: 'Lay your jaw down, soft as on a pillow.',
    faults: [
      {
        id: 'clamps',
        text: 'Clamps or clenches the jaw',
        causes: [
          { cause: 'set-up', remedy: 'The filling is too low: raise rest or chin rest by 5 mm.' },
          { cause: 'habit', remedy: 'Let go, shake out, set again.', drill: 'shake-out' }
        ]
      },
      {
        id: 'chin-tip',
        text: 'Tip of the chin on it',
        causes: [
          { cause: 'set-up', remedy: 'Mount the chin rest nearer to the centre.' },
          { cause: 'habit', remedy: 'Turn the head a little, then lay it down.', drill: 'wall-mirror' }
        ]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'set-and-reset'
  },
  {
    id: 'hold-neck',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'The neck is straight',
    standpoint: 'behind',
    right: 'Seen from behind the neck is straight; the head is turned slightly and laid down, not tipped.',
    forPlayer: 'Long, straight neck.',
    faults: [
      {
        id: 'head-tips',
        text: 'Head tips toward the instrument',
        causes: [
          { cause: 'set-up', remedy: 'Chin rest or rest too low: raise by 5 mm.' },
          { cause: 'habit', remedy: 'Look in the mirror.', drill: 'wall-mirror' }
        ]
      },
      {
        id: 'chin-up',
        text: 'Head pushed away, chin up',
        causes: [{ cause: 'set-up', remedy: 'Too high: lower by 5 mm.' }]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'wall-mirror'
  },
  {
    id: 'hold-shoulder',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'The shoulder hangs',
    standpoint: 'behind',
    right: 'Both shoulders hang level, also while the left hand plays.',
    forPlayer: 'Soft, low shoulders.',
    faults: [
      {
        id: 'raised',
        text: 'Left shoulder raised to clamp',
        causes: [
          { cause: 'set-up', remedy: 'Too low in sum: raise by 5 mm, twice at most.' },
          { cause: 'habit', remedy: 'If it stays after two raises it is a habit.', drill: 'hands-off' }
        ]
      },
      {
        id: 'rolled',
        text: 'Shoulder rolled forward',
        causes: [
          { cause: 'size', remedy: 'Look whether the instrument is too long.' },
          { cause: 'habit', remedy: 'Shake out and set again.', drill: 'shake-out' }
        ]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'shake-out'
  },
  {
    id: 'hold-level',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'The strings are level with the floor',
    standpoint: 'left',
    right: 'From the side the strings run level; the scroll neither droops nor points up.',
    forPlayer: 'Could a marble lie on the strings?',
    faults: [
      {
        id: 'droops',
        text: 'Scroll droops',
        causes: [
          {
            cause: 'set-up',
            remedy: 'Seat it further back on the shoulder, then raise the chest foot by 5 mm.'
          },
          { cause: 'habit', remedy: 'Build the strength of the left arm.', drill: 'arm-strength' },
          { cause: 'size', remedy: 'Look whether it is too heavy.' }
        ]
      },
      {
        id: 'points-up',
        text: 'Scroll points up',
        causes: [{ cause: 'set-up', remedy: 'Lower the chest foot by 5 mm.' }]
      }
    ],
    result: 'rating',
    schools: [],
    picture: null,
    drill: 'arm-strength'
  },
  {
    id: 'hold-direction',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'The scroll points the agreed way',
    standpoint: 'above',
    right: 'Seen from above the scroll points in your school’s direction and stays there while playing.',
    forPlayer: 'Scroll to its spot.',
    faults: [
      {
        id: 'too-far-out',
        text: 'Scroll too far to the side, head turned far',
        causes: [
          { cause: 'set-up', remedy: 'Bring the scroll in, or mount the chin rest nearer to the centre.' },
          { cause: 'habit', remedy: 'Put a mark on the wall to aim at.', drill: 'wall-mirror' }
        ]
      },
      {
        id: 'too-far-in',
        text: 'Scroll swings in front',
        causes: [{ cause: 'habit', remedy: 'Aim it anew before each start.', drill: 'set-and-reset' }]
      }
    ],
    result: 'rating',
    schools: ['scroll-direction'],
    picture: null,
    drill: 'set-and-reset'
  },
  {
    id: 'hold-hands-off',
    families: VIOLIN_VIOLA,
    category: 'hold',
    title: 'Hands-off hold',
    standpoint: 'front',
    right:
      'Holds with no hand, a grown-up’s hand below. Stop the clock at a raised shoulder, a clenched jaw or lost speech.',
    forPlayer: 'Hold it with no hand.',
    faults: [
      {
        id: 'cannot',
        text: 'Falls at once',
        causes: [
          { cause: 'set-up', remedy: 'Rest too low, or the wrong end high.' },
          { cause: 'habit', remedy: 'Passes with a hand’s help: daily drill.', drill: 'hands-off' }
        ]
      }
    ],
    result: 'seconds',
    schools: [],
    picture: null,
    drill: 'hands-off'
  }
];

export const CHECKS: readonly Check[] = HOLD_CHECKS;

/** Seconds that a hands-off hold should last: 3 for a beginner, 10 later. */
export const HANDS_OFF_GOALS_S = { first: 3, later: 10 } as const;

/** The checks for a family, in the order of looking. */
export const checksFor = (family: Family): readonly Check[] =>
  CHECKS.filter((check) => check.families.includes(family));
