import { FAMILIES, SHOULDER_FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { checksOf, fault, habit, seenFrom, setUp, workshop } from './make';

const ready = checksOf('ready', FAMILIES);
const shoulder = checksOf('ready', SHOULDER_FAMILIES);
const cello = checksOf('ready', ['cello']);
const bass = checksOf('ready', ['bass']);

/** Instrument, bow and player before the first note. Source: what teachers go through at each beginning. */
export const READY: readonly Check[] = [
  ready(
    'ready-tune',
    'instrument',
    'In tune',
    {
      right: 'All four strings stay where they were tuned; the pegs hold, the fine tuners have room.',
      child: 'Listen: are all four strings happy?',
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
      habit('Tune it from below, with the fine tuner at the end.', 'ready-round')
    )
  ),
  ready(
    'ready-bow',
    'instrument',
    'The bow is tightened',
    {
      right: 'The smallest finger just fits between stick and hair; the stick keeps its inward curve.',
      child: 'A little finger fits under the stick.',
      drill: 'ready-round',
      spot: 'bowMiddle'
    },
    fault(
      'slack',
      'Slack: the hair lies on the stick',
      ['bow-slack'],
      habit('Turn the screw until the smallest finger just fits.', 'ready-round')
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
    {
      right: 'The hair is light all along; nobody touches it.',
      child: 'Fingers off the hair.',
      drill: 'ready-round',
      spot: 'frog',
      view: { violin: 'bowFrog', viola: 'bowFrog', cello: 'bowFrogAbove', bass: 'bowFrogAbove' }
    },
    fault(
      'greasy',
      'Dark from fingers near the frog',
      ['hair-greasy'],
      habit('Show where the hand carries the bow; the workshop cleans it.', 'ready-round')
    ),
    fault('torn', 'Torn strands hang down', ['hair-torn'], habit('Cut them off at both ends; never pull.'))
  ),
  ready(
    'ready-rosin',
    'instrument',
    'Enough rosin',
    {
      right: 'About three slow passes every couple of days; a little dust on the strings is enough.',
      child: 'Three slow passes, no more.',
      drill: 'ready-round',
      spot: 'bowPlace',
      view: { violin: 'bridge', viola: 'bridge', cello: 'bowFront', bass: 'bowFront' }
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
      ['bow-over-board'],
      habit('Three slow passes from frog to tip.', 'ready-round')
    )
  ),
  ready(
    'ready-nails',
    'left-hand',
    'Short nails',
    {
      right: 'The nails of the left hand do not reach over the fingertips.',
      child: 'Nails short, so that fingers can stand.',
      drill: 'ready-round',
      spot: 'leftFingers',
      view: { violin: 'fingers', viola: 'fingers', cello: 'fingersFront', bass: 'fingersFront' }
    },
    fault(
      'long',
      'Long nails',
      ['nails-long'],
      habit('A word to the family; the file is in the case.', 'ready-round')
    ),
    seenFrom(
      { violin: 'leftHandSide', viola: 'leftHandSide' },
      seenFrom(
        { violin: 'fingersSide', viola: 'fingersSide' },
        fault(
          'flat-for-nails',
          'Fingers lie flat to spare the nails',
          ['fingers-flat'],
          habit('Cut the nails first, then set the fingers anew.', 'ready-round')
        )
      )
    )
  ),
  shoulder(
    'ready-jewellery',
    'front',
    'Nothing in the way',
    {
      right: 'No necklace, no earring on the left, a collar that lies flat.',
      child: 'Chain off, then play.',
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
    {
      right: 'Each tape lies straight on its mark, where it was measured.',
      child: 'The lines are where they belong.',
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
    {
      right: 'The shoulder rest sits at its marks, the marked end high.',
      child: 'Sticker to sticker.',
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
    fault(
      'swapped',
      'The wrong end is high',
      ['rest-swapped'],
      setUp('shoulderFoot', 'raise', 'Turn it round; mark the high end.')
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
    {
      right: 'The pin is out to its mark, its tip in the stop or the strap; nothing slides.',
      child: 'The spike sits in its spot.',
      drill: 'ready-round',
      spot: 'pinTip',
      view: 'pinClose',
      school: [
        'anchoring',
        {
          strap: {
            right:
              'The pin is out to its mark, the strap tight from the chair’s leg to its tip; nothing slides.',
            forPlayer: 'The spike sits in its strap.'
          }
        }
      ]
    },
    fault(
      'off-stop',
      'The pin has left its stop',
      ['pin-off-its-stop'],
      setUp('anchoring', 'other', 'Try the strap to the chair leg: it is the surest on this floor.'),
      setUp('anchor', 'lower', 'One hole shorter.')
    ),
    fault(
      'off-mark',
      'The pin is not at its mark',
      ['pin-too-short'],
      setUp('pin', 'raise', 'Out to the mark; a hand on the neck while the screw is loose.')
    )
  ),
  bass(
    'ready-pin',
    'left',
    'The pin is at its notch',
    {
      right: 'The pin is out to its notch, the screw snug, the tip covered; it stands without slipping.',
      child: 'Pin at its mark, rubber on.',
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
    fault(
      'off-mark',
      'The pin is not at its mark',
      [['pin-too-short', 60]],
      setUp('pin', 'raise', 'To its notch; left hand under the neck while you turn the screw.')
    )
  ),
  cello(
    'ready-stool',
    'left',
    'The right seat',
    {
      right: 'The seat with this player’s number or height; hard, flat, and it does not fold.',
      child: 'My seat has my number.',
      drill: 'stand-up',
      spot: 'seatEdge',
      pose: 'seated',
      view: 'left'
    },
    fault(
      'low',
      'A lower seat than on record',
      ['seat-too-low'],
      setUp('seat', 'raise', 'Take the one with the number, or a wedge.')
    ),
    fault(
      'high',
      'A higher seat than on record',
      ['seat-too-high'],
      setUp('seat', 'lower', 'Take the one with the number.')
    )
  )
];
