import { FAMILIES } from '../../instruments';
import type { Check } from '../types';
import { bow, checksOf, except, fault, habit, seenFrom } from './make';

const all = checksOf('bow-use', FAMILIES);
const cello = checksOf('bow-use', ['cello']);
const bass = checksOf('bow-use', ['bass']);
const upper = checksOf('bow-use', ['violin', 'viola', 'cello']);

const ARM = { violin: 'head', viola: 'head', cello: 'bowArmFront', bass: 'bowArmFront' } as const;

/** The bow arm. Source: what string teachers commonly look for. */
export const BOW_ARM: readonly Check[] = [
  all(
    'use-wrist-leads',
    'bow-hand',
    'The wrist leads',
    'On the way up the wrist leads and the hand follows; on the way down it levels out.',
    'The wrist goes first, the hand comes after.',
    {
      drill: 'short-strokes',
      spot: 'rightWrist',
      pose: 'frog',
      view: 'bowWrist'
    },
    seenFrom(
      { violin: 'bowHand', viola: 'bowHand' },
      fault('sunk', 'Wrist sunk as the hand comes near', ['bow-wrist-dropped'])
    ),
    seenFrom(
      { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' },
      fault('stiff', 'Hand and wrist stiff', ['bow-hand-stiff'])
    )
  ),
  upper(
    'use-elbow',
    'front',
    'The elbow knows the string',
    'The elbow is at the side on the top string, a little below the instrument on the next, level on the next, above it on the lowest.',
    'Elbow up for low, down for high.',
    {
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'lowestString',
      view: ARM,
      school: [
        'bow-elbow',
        {
          hanging: {
            title: 'The elbow hangs',
            right: 'The elbow hangs on every string; the forearm changes the level.',
            forPlayer: 'Elbow heavy, hand goes up and down.'
          }
        }
      ]
    },
    fault('high', 'Elbow high', [['bow-elbow-high', 60]]),
    except('bow-elbow', ['hanging'], fault('low', 'Elbow far down', [['bow-elbow-dropped', 60]]))
  ),
  bass(
    'use-elbow',
    'front',
    'The arm hangs long',
    'The arm hangs long from a low shoulder; each string has its own level.',
    'Let your arm hang long like a rope.',
    {
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'lowestString',
      view: 'bowFront',
      school: [
        'bow-elbow',
        {
          hanging: {
            right: 'The arm hangs on every string; the hand changes the level.',
            forPlayer: 'Arm heavy, hand goes up and down.',
            changes: [{ kind: 'bow-wrist-high', amount: 14 }]
          }
        }
      ]
    },
    seenFrom(
      { bass: 'head' },
      fault('shoulder', 'The shoulder lifts the bow', [['bow-shoulder-raised', 60]])
    ),
    seenFrom({ bass: 'trunkRight' }, fault('bends', 'Bends down to the string', ['bent-over']))
  ),
  upper(
    'use-elbow-first',
    'front',
    'The elbow goes before the string changes',
    'The elbow is at the level of the next string before the bow comes there.',
    'Elbow first, then the new string.',
    {
      drill: 'silent-levels',
      spot: 'rightElbow',
      pose: 'lowestString',
      view: ARM,
      except: { 'bow-elbow': ['hanging'] }
    },
    fault('late', 'The elbow stays behind', [['bow-elbow-dropped', 60]]),
    seenFrom(
      { violin: 'bowElbow', viola: 'bowElbow', cello: 'bowElbowLow' },
      fault(
        'hand-alone',
        'The hand alone lifts the bow',
        [['bow-elbow-dropped', 50], 'bow-wrist-high'],
        habit('Silent seesaw: elbow, hand, bow.', 'silent-levels'),
        bow('A bow that is too long is lifted from the hand.')
      )
    )
  ),
  cello(
    'use-opening',
    'right',
    'Shoulder, elbow, wrist: in order',
    'On the down-bow shoulder, elbow and wrist open in this order; on the up-bow the other way round.',
    'Open your arm like a door.',
    {
      drill: 'short-strokes',
      spot: 'rightElbow',
      pose: 'middle',
      view: 'bowArmFront',
      later: true
    },
    fault('elbow-high', 'The elbow flies instead of opening', [['bow-elbow-high', 60]]),
    fault('shoulder', 'Only the shoulder moves', [['bow-shoulder-raised', 54]])
  ),
  all(
    'use-shoulder',
    'front',
    'The bow arm’s shoulder is down',
    'The right shoulder hangs, also at the tip.',
    'Let your shoulder hang, also at the tip.',
    {
      drill: 'shake-out',
      spot: 'rightShoulder',
      view: 'head'
    },
    fault('raised', 'Pulled up: the bow trembles', [['bow-shoulder-raised', 60]]),
    seenFrom(
      { violin: 'headBehind', viola: 'headBehind', cello: 'headBehind' },
      fault('both', 'Both pulled up', [['shoulders-pulled-up', 44]])
    )
  ),
  all(
    'use-tip',
    'front',
    'Relaxed at the tip',
    'At the tip the arm is long and soft, hand and shoulder relaxed.',
    'At the tip: arm long and soft.',
    {
      drill: 'silent-levels',
      spot: 'rightShoulder',
      pose: 'tip',
      view: { violin: 'head', viola: 'head', cello: 'bowFront', bass: 'bowFront' }
    },
    seenFrom(
      { cello: 'head', bass: 'head' },
      fault('shoulder', 'Shoulder pulled up to get there', [['bow-shoulder-raised', 60]])
    ),
    seenFrom(
      'above',
      fault(
        'slant',
        'Pulled behind the body',
        [['bow-oblique', 30]],
        habit('Stop before it drifts; add a finger’s width a week.', 'short-strokes')
      )
    )
  )
];
