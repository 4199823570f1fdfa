import { SHOULDER_FAMILIES, type Family } from '../instruments';
import type { SpeaksFor, TrialChoice, TrialLook } from './types';

const choice = (id: string, text: string, speaksFor: SpeaksFor = 'keep', seen?: string): TrialChoice => ({
  id,
  text,
  speaksFor,
  ...(seen ? { seen } : {})
});
/** Too large, whatever else is seen. */
const tooLarge = (id: string, text: string, seen?: string): TrialChoice => ({
  ...choice(id, text, 'smaller', seen),
  decides: true
});
const reseat = choice('reseat', 'Place it anew and look again', 'reseat');

const shoulder = (look: Omit<TrialLook, 'families'>): TrialLook => ({ ...look, families: SHOULDER_FAMILIES });
const cello = (look: Omit<TrialLook, 'families'>): TrialLook => ({ ...look, families: ['cello'] });
const bass = (look: Omit<TrialLook, 'families'>): TrialLook => ({ ...look, families: ['bass'] });

/**
 * The looks of a trial on the body, in their order: from the body outward and from the top down.
 *
 * Source: the order in which string teachers try an instrument on. Limbs that lock or do not reach decide for smaller
 * alone; how it lies and how long it holds depends on the set-up too and needs a second sign, and so does whatever speaks
 * for larger.
 */
export const TRIAL_LOOKS: readonly TrialLook[] = [
  shoulder({
    id: 'shoulder-seat',
    title: 'On the collarbone',
    right: 'It lies on collarbone and shoulder, the jaw on the rest.',
    wrong: 'It hangs on the chest, or the body bends to meet it.',
    choices: [
      choice('lies', 'Lies on collarbone and shoulder'),
      reseat,
      choice('chest', 'Ends up on the chest again', 'smaller', 'rest-slides-off')
    ]
  }),
  shoulder({
    id: 'shoulder-head',
    title: 'Head and shoulders',
    right: 'Head level, both shoulders down.',
    wrong: 'The left shoulder is pulled up, or the head tips over.',
    choices: [
      choice('level', 'Head level, shoulders down'),
      choice('tips', 'Head tips or shoulder rises: a matter of the rest', 'keep', 'rest-head-tips'),
      reseat,
      choice('hunched', 'Both, whatever the rest', 'smaller', 'rest-shoulder-raised')
    ]
  }),
  shoulder({
    id: 'shoulder-level',
    title: 'The instrument is level',
    right: 'The strings run level with the floor.',
    wrong: 'The scroll sinks towards the floor.',
    choices: [
      choice('level', 'Level without help'),
      reseat,
      choice('sinks', 'The scroll sinks, it is too heavy', 'smaller', 'rest-scroll-droops')
    ]
  }),
  shoulder({
    id: 'shoulder-elbow',
    title: 'Left hand round the scroll',
    right: 'The elbow stays bent and soft, the fingers curl round the scroll.',
    wrong: 'The arm is straight and the elbow locked.',
    choices: [
      choice('bent', 'Bent with ease'),
      choice('tucked', 'Sharply bent, the scroll is close', 'larger'),
      choice('nearly', 'Nearly straight', 'smaller'),
      tooLarge('locked', 'Straight and locked')
    ]
  }),
  shoulder({
    id: 'shoulder-first',
    title: 'Hand in first position',
    right: 'Wrist straight, the elbow under the instrument.',
    wrong: 'The wrist caves in under the neck to reach.',
    choices: [
      choice('straight', 'Wrist straight, elbow under'),
      reseat,
      choice('caves', 'Wrist caves in to reach', 'smaller')
    ]
  }),
  shoulder({
    id: 'shoulder-fourth',
    title: 'Fourth finger',
    right: 'It comes to its tape curved, on its tip.',
    wrong: 'It lies flat, or does not come that far.',
    choices: [
      choice('curved', 'Reaches curved'),
      choice('flat', 'Only flat', 'smaller'),
      tooLarge('not', 'Not at all, also with a free thumb'),
      choice('cramped', 'Fingers crowd each other', 'larger')
    ]
  }),
  shoulder({
    id: 'shoulder-bow',
    title: 'Bow to the tip',
    right: 'On the top string to the tip, the shoulder stays down.',
    wrong: 'The shoulder comes forward or up before the tip.',
    choices: [
      choice('tip', 'To the tip, shoulder down'),
      choice('nearly', 'Nearly to the tip'),
      choice('lifts', 'Shoulder lifts long before the tip', 'smaller')
    ]
  }),
  shoulder({
    id: 'shoulder-weight',
    title: 'A few seconds without the left hand',
    right: 'With a pad or rest it holds while the player speaks; your hand is below.',
    wrong: 'It slides, the shoulder clamps or the voice is gone.',
    choices: [
      choice('holds', 'Holds and speaks'),
      choice('briefly', 'Holds briefly'),
      choice('slides', 'Slides or clamps', 'smaller', 'rest-slips')
    ]
  }),
  shoulder({
    id: 'shoulder-minute',
    title: 'After a minute',
    right: 'It is held as at the start: level, the shoulders down, no word of tired arms.',
    wrong: 'It has grown heavy: the scroll sinks, the back gives way.',
    choices: [
      choice('same', 'As at the start'),
      choice('sinks', 'The scroll sinks, it grows heavy', 'smaller', 'rest-scroll-droops'),
      choice('shoulder', 'A shoulder has come up', 'keep', 'rest-shoulder-raised')
    ]
  }),

  cello({
    id: 'cello-seat',
    title: 'Seated well, before the cello comes',
    right: 'Front half of the seat, feet flat, hips level with the knees or a little higher.',
    wrong: 'Leaning back, or the knees above the hips.',
    choices: [
      choice('well', 'Seated well'),
      choice('stool', 'Feet do not reach: another seat', 'reseat'),
      choice('still', 'Still not, with no seat here')
    ]
  }),
  cello({
    id: 'cello-meets',
    title: 'It comes to the player',
    right: 'Offered against the left leg, the body stays as it was.',
    wrong: 'The body bends or twists to meet it.',
    choices: [
      choice('stays', 'The body stays'),
      reseat,
      choice('bends', 'Bends or twists again', 'smaller', 'seated-leans-back')
    ]
  }),
  cello({
    id: 'cello-breastbone',
    title: 'On the breastbone',
    right: 'The upper edge of the back touches the breastbone.',
    wrong: 'It touches the belly, or stands at the throat.',
    choices: [
      choice('touches', 'Touches the breastbone'),
      reseat,
      tooLarge('throat', 'At the throat, pin already in', 'seated-peg-high'),
      choice('belly', 'At the belly, pin already far out', 'larger', 'seated-peg-low')
    ]
  }),
  cello({
    id: 'cello-peg',
    title: 'Lowest peg',
    right: 'Behind the left ear, near the lobe; the scroll is free of the shoulder.',
    wrong: 'High above the ear, or down at the shoulder.',
    choices: [
      choice('lobe', 'Near the lobe'),
      reseat,
      choice('high', 'Well above the ear', 'smaller', 'seated-peg-high'),
      choice('low', 'Down at the shoulder', 'larger', 'seated-peg-low')
    ]
  }),
  cello({
    id: 'cello-shoulder',
    title: 'Left hand in first position',
    right: 'The left shoulder stays down.',
    wrong: 'The shoulder is raised to reach.',
    choices: [
      choice('down', 'Shoulder down'),
      reseat,
      choice('raised', 'Raised again', 'smaller', 'seated-peg-high')
    ]
  }),
  cello({
    id: 'cello-bow',
    title: 'Bow midway between bridge and fingerboard',
    right: 'The arm is a little bent where the bow plays.',
    wrong: 'The bow only comes to the fingerboard.',
    choices: [
      choice('bent', 'Bent'),
      choice('straight', 'Straight', 'smaller'),
      tooLarge('board', 'Only over the fingerboard')
    ]
  }),
  cello({
    id: 'cello-stroke',
    title: 'A stroke on the top string',
    right: 'It keeps its place near the bridge; the tip may stay unused.',
    wrong: 'It slides to the fingerboard on the way.',
    choices: [
      choice('keeps', 'Keeps its place'),
      choice('part', 'In the lower half only'),
      choice('slides', 'Slides to the fingerboard', 'smaller')
    ]
  }),
  cello({
    id: 'cello-frame',
    title: 'First and fourth finger on their tapes',
    right: 'A round hand on the second-highest string, the thumb soft.',
    wrong: 'The hand flattens or pulls to reach.',
    choices: [
      choice('reaches', 'Reaches'),
      choice('roomy', 'Reaches with room to spare', 'larger'),
      choice('stretch', 'With a little stretch'),
      tooLarge('not', 'Does not, also with a free thumb')
    ]
  }),
  cello({
    id: 'cello-extended',
    title: 'Only one who plays already: the wide hand',
    right: 'D major begun on the lowest string with the first finger comes without pull.',
    wrong: 'The wide hand hurts or slides back.',
    choices: [
      choice('comes', 'Comes without pull'),
      choice('beginner', 'Does not play yet'),
      choice('pulls', 'Pulls', 'smaller')
    ]
  }),
  cello({
    id: 'cello-minute',
    title: 'After a minute',
    right: 'Player and cello are where they were: tall, the peg by the ear.',
    wrong: 'The back has slumped, or the cello has slid.',
    choices: [
      choice('same', 'As at the start'),
      choice('slumps', 'The player slumps', 'keep', 'seated-slumps'),
      choice('slides', 'The cello has slid away', 'keep', 'seated-slides-away'),
      choice('tires', 'The arms are tired', 'smaller')
    ]
  }),

  bass({
    id: 'bass-stance',
    title: 'Stance and lean',
    right: 'Feet under the shoulders, left foot out, the bass leans in to the player.',
    wrong: 'The bass stands upright, or the player leans on it.',
    choices: [
      choice('leans', 'It leans in'),
      choice('upright', 'Upright or away', 'reseat'),
      choice('still', 'Still upright or away', 'keep', 'standing-falls')
    ]
  }),
  bass({
    id: 'bass-hands-off',
    title: 'It stays without hands',
    right: 'On two contacts, hip and knee; your hands are near.',
    wrong: 'It falls or has to be held.',
    choices: [
      choice('stays', 'Stays'),
      reseat,
      choice('held', 'Has to be held, too much of it', 'smaller', 'standing-falls')
    ]
  }),
  bass({
    id: 'bass-left',
    title: 'Left hand in first position',
    right: 'Near cheek level, the wrist straight.',
    wrong: 'The hand reaches above the eyes.',
    choices: [
      choice('cheek', 'Near the cheek'),
      choice('ear', 'A little high, at the eyes', 'keep', 'standing-hand-high'),
      tooLarge('above', 'Above the eyes', 'standing-hand-high'),
      choice('low', 'Below the shoulder', 'larger')
    ]
  }),
  bass({
    id: 'bass-bow',
    title: 'Bow hand',
    right: 'Falls between fingerboard and bridge, the back upright.',
    wrong: 'The back bends to come down to the bow’s place.',
    choices: [
      choice('between', 'Between, back upright'),
      choice('pin', 'Too low or high: set the pin', 'reseat'),
      choice('bends', 'The back bends, pin already out', 'larger', 'standing-hunched'),
      tooLarge('bridge', 'At the bridge, pin already in')
    ]
  }),
  bass({
    id: 'bass-frame',
    title: 'First, second and fourth finger',
    right: 'A semitone between each, the thumb behind the second finger.',
    wrong: 'The hand collapses or slides to reach.',
    choices: [
      choice('reaches', 'Reaches'),
      choice('stretch', 'With a little stretch'),
      tooLarge('not', 'Does not, also with a free thumb')
    ]
  }),
  bass({
    id: 'bass-minute',
    title: 'After a minute',
    right: 'The bass leans in as at the start, the player stands tall.',
    wrong: 'The player leans on it, or pulls it up.',
    choices: [
      choice('same', 'As at the start'),
      choice('leans', 'The player leans on it', 'keep', 'standing-leans-on'),
      choice('heavy', 'It has to be held, it grows heavy', 'smaller', 'standing-falls')
    ]
  })
];

/** The looks of a family in their order. */
export const looksFor = (family: Family): readonly TrialLook[] =>
  TRIAL_LOOKS.filter(({ families }) => families.includes(family));
