import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, except, fault, habit, seenFrom, setUp, workshop } from './make';

const ready = checksOf('ready', FAMILIES);
const shoulder = checksOf('ready', SHOULDER_FAMILIES);
const cello = checksOf('ready', ['cello']);
const bass = checksOf('ready', ['bass']);
const low = checksOf('ready', ['cello', 'bass']);

const AWAY = {
  drill: 'ready-round',
  spot: 'bowMiddle',
  view: { violin: 'bowMiddle', viola: 'bowMiddle', cello: 'bowMiddleAbove', bass: 'bowMiddleAbove' }
} as const;
const PUT_AWAY = [
  fault('tight', 'The bow goes in tight', ['bow-overtight']),
  seenFrom('bowCarried', {
    ...fault('by-the-hair', 'Taken out by the hair', ['hair-touched']),
    pose: 'bowUpright'
  })
] as const;

/** Instrument, bow and player before the first note. Source: what teachers go through at each beginning. */
export const READY: readonly Check[] = [
  ready(
    'ready-tune',
    'instrument',
    'In tune',
    'All four strings stay where they were tuned; the pegs hold, the fine tuners have room.',
    'Listen: is each string in tune?',
    {
      drill: 'ready-round',
      spot: 'lowestPeg',
      view: { violin: 'tuning', viola: 'tuning', cello: 'tuningFront', bass: 'tuningFront' }
    },
    fault(
      'peg-slips',
      'A peg slips',
      ['peg-slipped'],
      habit('Push it in while you turn it, face away, in small turns; a grown-up does it.'),
      workshop('A peg that never holds goes to the workshop.')
    ),
    fault(
      'string-slack',
      'A string hangs loose',
      ['string-slack'],
      habit('Tune it from below, with the fine tuner at the end.', 'ready-round'),
      workshop('A tuner at its end, or a worn string, goes to the workshop.')
    )
  ),
  ready(
    'ready-bow',
    'instrument',
    'The bow is tightened',
    'The smallest finger just fits between stick and hair; the stick keeps its inward curve.',
    'A little finger fits under the stick.',
    {
      drill: 'ready-round',
      spot: 'bowMiddle'
    },
    seenFrom(
      { violin: 'bowGap', viola: 'bowGap', cello: 'bowGapAbove', bass: 'bowGapAbove' },
      fault(
        'slack',
        'Slack: the hair lies on the stick',
        ['bow-slack'],
        habit('Turn the screw until the smallest finger just fits.', 'ready-round'),
        workshop('Hair that has stretched is renewed.')
      )
    ),
    fault(
      'overtight',
      'Too tight: the stick is straight or bends out',
      ['bow-overtight'],
      habit('Two turns back; and loose again in the case.', 'ready-round')
    )
  ),
  ready(
    'ready-hair',
    'instrument',
    'The hair is clean',
    'The hair is light all along; nobody touches it.',
    'Fingers off the hair.',
    {
      drill: 'ready-round',
      spot: 'frog',
      view: { violin: 'bowFrog', viola: 'bowFrog', cello: 'bowFrogAbove', bass: 'bowFrogAbove' }
    },
    fault(
      'greasy',
      'Dark from fingers near the frog',
      ['hair-greasy'],
      habit('Show where the hand carries the bow.', 'ready-round'),
      workshop('The workshop cleans it.')
    ),
    seenFrom(
      { violin: 'bowMiddle', viola: 'bowMiddle', cello: 'bowMiddleAbove', bass: 'bowMiddleAbove' },
      fault(
        'torn',
        'Torn strands hang down',
        ['hair-torn'],
        habit('Cut them off at both ends; never pull.'),
        workshop('Where more tear each week, the hair is renewed.')
      )
    )
  ),
  ready(
    'ready-carry',
    'front',
    'The bow is carried upright',
    'The bow is carried upright by its frog, tip to the ceiling; no hand touches the hair.',
    'Carry the bow like a candle, hands off the hair.',
    { drill: 'ready-round', spot: 'rightHand', pose: 'bowUpright', view: 'bowCarried' },
    fault(
      'points-out',
      'It points at the others',
      ['bow-points-out'],
      habit('A candle: tip up before the first step.', 'ready-round')
    ),
    fault(
      'hair',
      'A hand is round the hair',
      ['hair-touched'],
      habit('One hand at the frog; the other hand carries the instrument.', 'ready-round')
    )
  ),
  ready(
    'ready-rosin',
    'instrument',
    'Enough rosin',
    'About three slow passes every couple of days; a little dust on the strings is enough.',
    'Three slow passes, no more.',
    {
      drill: 'ready-round',
      spot: 'bowPlace',
      view: { violin: 'bridge', viola: 'bridge', cello: 'bowStrings', bass: 'bowStrings' },
      shows: ['rosin-dust']
    },
    fault(
      'heaps',
      'Heaps of dust on the wood',
      ['rosin-heaped'],
      habit('Wipe it off with a dry cloth and leave the rosin for two days.', 'ready-round')
    ),
    fault(
      'none',
      'The bow skates for want of it',
      ['bow-skates'],
      habit('Three slow passes from frog to tip.', 'ready-round')
    )
  ),
  ready(
    'ready-nails',
    'left-hand',
    'Short nails',
    'The nails of the left hand do not reach over the fingertips.',
    'Nails short, so that fingers can stand.',
    {
      drill: 'ready-round',
      spot: 'leftFingers',
      view: { violin: 'fingers', viola: 'fingers', cello: 'fingersAside', bass: 'fingersAside' }
    },
    fault(
      'long',
      'Long nails',
      ['nails-long'],
      habit('A word to the family; the file is in the case.', 'ready-round')
    ),
    seenFrom(
      { violin: 'fingersSide', viola: 'fingersSide' },
      fault(
        'flat-for-nails',
        'Fingers lie flat to spare the nails',
        ['fingers-flat'],
        habit('Cut the nails first, then set the fingers anew.', 'ready-round')
      )
    )
  ),
  shoulder(
    'ready-unpack',
    'instrument',
    'Unpacked and put away in order',
    'The bow comes out first and goes in last; a hand on the neck; rest off, bow loosened before it goes in.',
    'Bow out first, bow in last.',
    { ...AWAY, result: 'yes-no' },
    ...PUT_AWAY
  ),
  low(
    'ready-unpack',
    'instrument',
    'Unpacked and put away in order',
    'The bow comes out first and goes in last; a hand on the neck; pin in before it is lifted, bow loosened.',
    'Bow out first; pin in before you lift it.',
    { ...AWAY, result: 'yes-no' },
    ...PUT_AWAY,
    seenFrom(
      'left',
      fault(
        'pin-out',
        'Lifted with the pin out',
        [['pin-too-long', 160]],
        habit('Pin in first; a grown-up watches the neck.', 'ready-round'),
        workshop('A screw that sticks goes to the workshop.')
      )
    )
  ),
  shoulder(
    'ready-jewellery',
    'front',
    'Nothing in the way',
    'No necklace, no earring on the left, a collar that lies flat.',
    'First take off chain and earring.',
    {
      drill: 'ready-round',
      spot: 'collar',
      view: 'headQuarter'
    },
    seenFrom(
      'head',
      fault(
        'necklace',
        'A necklace under the instrument',
        ['necklace'],
        habit('Take it off; it has a place in the case.', 'ready-round')
      )
    ),
    fault(
      'earring',
      'An earring at the chin rest',
      ['earring'],
      habit('Out on the left side for playing.', 'ready-round')
    )
  ),
  ready(
    'ready-tapes',
    'instrument',
    'The tapes are in their places',
    'Each tape lies straight on its mark, where it was measured.',
    'Look: is each line in its place?',
    {
      drill: 'ready-round',
      spot: 'boardMiddle',
      view: { violin: 'board', viola: 'board', cello: 'boardFront', bass: 'boardFront' }
    },
    fault(
      'missing',
      'A tape is gone',
      ['tapes-missing'],
      habit('Lay it anew by the printed strip; or was it time to take it off?')
    ),
    fault(
      'slipped',
      'Tapes have slipped',
      ['tapes-slipped'],
      habit('Take them off and lay them anew by the strip.')
    )
  ),
  shoulder(
    'ready-rest',
    'instrument',
    'The rest is on as marked',
    'The shoulder rest sits at its marks, the marked end high.',
    'Put the rest on its stickers.',
    {
      drill: 'ready-round',
      spot: 'bottom',
      view: 'back'
    },
    fault(
      'missing',
      'No rest on it',
      ['rest-missing'],
      setUp('lift', 'raise', 'Fit it; is it at home, or lent to somebody?')
    ),
    seenFrom(
      'restEnd',
      fault(
        'swapped',
        'The wrong end is high',
        ['rest-swapped'],
        setUp('shoulderFoot', 'raise', 'Turn it round; mark the high end.')
      )
    ),
    fault(
      'crooked',
      'A foot has slipped',
      ['rest-crooked'],
      setUp('restWidth', 'lower', 'Narrow it until it does not fall off; do not force it.'),
      habit('Set the feet at the stickers.', 'ready-round')
    )
  ),
  cello(
    'ready-pin',
    'right',
    'The pin is anchored',
    'The pin is out to its mark, its tip in the stop or the strap; nothing slides.',
    'Put the spike in its spot.',
    {
      drill: 'ready-round',
      spot: 'pinTip',
      view: 'pinClose',
      school: [
        'anchoring',
        {
          strap: {
            right:
              'The pin is out to its mark, the strap tight from the chair’s leg to its tip; nothing slides.',
            forPlayer: 'Put the spike in its strap.'
          }
        }
      ]
    },
    except('anchoring', ['strap'], fault('off-stop', 'The pin has left its stop', ['pin-off-its-stop'])),
    seenFrom('right', fault('slid', 'The cello has slid away', [['pushed-away', 150]])),
    fault('off-mark', 'The pin is not at its mark', ['pin-too-short'])
  ),
  bass(
    'ready-pin',
    'left',
    'The pin is at its notch',
    'The pin is out to its notch, the screw snug, the tip covered; it stands without slipping.',
    'Pin at its mark, rubber on.',
    {
      drill: 'ready-round',
      spot: 'pinTip',
      view: 'pinClose'
    },
    fault(
      'bare',
      'The tip is bare',
      ['pin-tip-bare'],
      habit('Put the cap on; the floor and the feet are worth it.')
    ),
    fault('off-mark', 'The pin is not at its mark', [['pin-too-short', 60]])
  ),
  cello(
    'ready-stool',
    'left',
    'The right seat',
    'The seat with this player’s number or height; hard, flat, and it does not fold.',
    'My seat has my number.',
    {
      drill: 'stand-up',
      spot: 'seatEdge',
      pose: 'seated',
      view: 'seatLeft'
    },
    fault('low', 'A lower seat than on record', ['seat-too-low']),
    fault('high', 'A higher seat than on record', ['seat-too-high'])
  )
];
