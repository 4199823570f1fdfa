import type { Change, ViewName } from '../figure';
import { FAMILIES, SHOULDER_FAMILIES, type Family } from '../instruments';

export interface Drill {
  readonly id: DrillId;
  readonly families: readonly Family[];
  /** A name that teacher and child can call it by. */
  readonly name: string;
  readonly text: string;
  readonly dose: string;
  readonly picture: { readonly pose: string; readonly view: ViewName; readonly changes: readonly Change[] };
}

const LOW: readonly Family[] = ['cello', 'bass'];

type Row = readonly [
  families: readonly Family[],
  name: string,
  text: string,
  dose: string,
  pose: string,
  view: ViewName,
  changes?: readonly Change[]
];

/** Source: common beginners' practice; the doses are those that teachers usually set. */
const ROWS = {
  'set-and-reset': [
    FAMILIES,
    'Set, away, set',
    'Take hold of it, let it go, take hold again, the same way each time.',
    '10 in a row, every day',
    'playing',
    'front'
  ],
  'hands-off': [
    SHOULDER_FAMILIES,
    'Look, no hands',
    'A grown-up keeps a hand below; let go with your hand and say your name.',
    '3 times, every day',
    'handsOff',
    'threeQuarter'
  ],
  balance: [
    ['bass'],
    'It stays by itself',
    'A grown-up keeps a hand at the neck; take both hands away and count. Never alone.',
    '3 s, then 10 s, only with a grown-up’s hand at the neck',
    'handsOff',
    'threeQuarter'
  ],
  'wall-mirror': [
    FAMILIES,
    'Mirror minute',
    'Look in a mirror: straight neck, soft shoulders, everything where it belongs.',
    '1 minute, every day',
    'playing',
    'behind'
  ],
  'shake-out': [
    FAMILIES,
    'Shake it out',
    'Turn the palms up, shake the arms out, start again.',
    'whenever it feels tight',
    'standing',
    'front'
  ],
  'arm-strength': [
    SHOULDER_FAMILIES,
    'Arm’s length',
    'Hold the instrument by its neck at arm’s length and count slowly, a grown-up’s hand below.',
    'count to 10, once a day; not with a sore shoulder or wrist',
    'outstretched',
    'front'
  ],
  'tube-roll': [
    LOW,
    'Tube on the string',
    'Hold a card tube in the left hand as if it were the neck, and roll it along the string.',
    '5 times, every day',
    'playing',
    'leftHandSide'
  ],
  'bridge-to-thumb': [
    LOW,
    'Down to the stop',
    'Slide the hand from the bridge to the scroll; stop where the thumb is behind the second finger.',
    '5 times, every day',
    'playing',
    'left',
    [{ kind: 'hand-travels', amount: 1 }]
  ],
  'lightest-note': [
    FAMILIES,
    'Lightest note',
    'Touch the string and add weight until the note just speaks. No more.',
    'once with each finger, every day',
    'playing',
    'threeQuarter'
  ],
  'thumb-off': [
    LOW,
    'Thumb away',
    'Play one note with the thumb off the neck: the arm’s weight holds the string down.',
    '4 times, every day',
    'playing',
    'leftArm'
  ],
  'slide-and-tap': [
    SHOULDER_FAMILIES,
    'Slide and tap',
    'Slide the hand along the neck and tap with each finger on the way.',
    '4 times, every day',
    'playing',
    'bodyAbove'
  ],
  'fourth-first': [
    FAMILIES,
    'Fourth finger first',
    'Put the fourth finger down first, then let the others come to their places.',
    '5 times, every day',
    'playing',
    'head'
  ],
  pencil: [
    FAMILIES,
    'Pencil hand',
    'Make the bow hand on a pencil: a soft thumb, round fingers, a soft wrist.',
    '1 minute, every day',
    'playing',
    'bowFront'
  ],
  'climb-stick': [
    FAMILIES,
    'Climb the stick',
    'Hold the bow upright; the fingers climb to the tip and back down.',
    'once each way, every day',
    'middle',
    'threeQuarterRight'
  ],
  'short-strokes': [
    FAMILIES,
    'Little strokes',
    'Play short strokes in the middle of the bow, each as long as the last.',
    '10 strokes or 1 minute, every day',
    'middle',
    'bowFront'
  ],
  'walking-strokes': [
    SHOULDER_FAMILIES,
    'Walk and bow',
    'Play short strokes in the middle of the bow while you walk, then on your toes.',
    '1 minute, every day',
    'middle',
    'front'
  ],
  'silent-levels': [
    FAMILIES,
    'Silent seesaw',
    'Rest the bow on the string and go through all strings without a sound; in the middle, then at the tip.',
    '5 times, every day',
    'lowestString',
    'front'
  ],
  'stand-up': [
    ['cello'],
    'Up and down',
    'Stand up and sit down again without moving the feet.',
    '3 times before you play',
    'seated',
    'left'
  ],
  'eyes-closed': [
    FAMILIES,
    'Eyes closed',
    'Close your eyes; find the string that somebody calls.',
    '8 strings, every day',
    'highestString',
    'front'
  ],
  'land-from-air': [
    LOW,
    'Landing',
    'Reach the arm out, form the hand, and come back from the elbow to the same place without looking.',
    '5 times, every day',
    'playing',
    'front'
  ],
  'press-forearm': [
    FAMILIES,
    'Press and let go',
    'Press on your own forearm with the thumb lifted; then the same on the string.',
    '5 times, every day',
    'playing',
    'left'
  ],
  'pluck-levels': [
    FAMILIES,
    'Plucked ladder',
    'Pluck each string in turn, slowly; go to its level before you pluck.',
    '4 times, every day',
    'plucking',
    'front'
  ],
  'fourth-against-open': [
    SHOULDER_FAMILIES,
    'Two as one',
    'Play the fourth finger against the next open string; listen until they are one.',
    '4 times, every day',
    'playing',
    'leftArm'
  ],
  'fourth-octave': [
    ['cello'],
    'One above the other',
    'Play the fourth finger against the open string below it, and listen until they are an octave.',
    '4 times, every day',
    'playing',
    'leftArm'
  ],
  'finger-taps': [
    FAMILIES,
    'One finger taps',
    'One finger taps while the others wait close to the string.',
    '10 taps with each finger, every day',
    'playing',
    'armRight',
    [{ kind: 'fourth-lifted', amount: 0.5 }]
  ],
  'hum-and-hold': [
    FAMILIES,
    'Hum and hold',
    'Hold it as if to play and hum a tune that you know, teeth apart.',
    '1 tune before you play',
    'playing',
    'head'
  ],
  'land-on-tape': [
    SHOULDER_FAMILIES,
    'Land and look',
    'Look away, let the finger land, listen; then look where the line is.',
    '5 times with each finger, every day',
    'playing',
    'fingers'
  ],
  'weight-on-string': [
    FAMILIES,
    'Heavy arm',
    'Rest the bow on the string in the middle, let the arm grow heavy, then let the string ring.',
    '4 times on each string, every day',
    'middle',
    'bowFront'
  ],
  'ready-round': [
    FAMILIES,
    'Ready round',
    'Go through it before the first note: strings, bow, nails, rest or pin.',
    'each time you unpack',
    'playing',
    'threeQuarterRight'
  ],
  'feet-print': [
    FAMILIES,
    'Foot prints',
    'Stand on two paper feet on the floor; step off and on again.',
    '3 times before you play',
    'playing',
    'threeQuarterRight'
  ],
  'wall-back': [
    FAMILIES,
    'Tall as the wall',
    'Lean your back on a wall, grow tall, step away and stay tall.',
    '3 times before you play',
    'playing',
    'right'
  ]
} as const satisfies Readonly<Record<string, Row>>;

export type DrillId = keyof typeof ROWS;
const DRILL_IDS = Object.keys(ROWS) as readonly DrillId[];

const rowOf = (id: DrillId): Row => ROWS[id];

/** Drills that a remedy can name, with the usual dose. */
export const DRILLS = Object.fromEntries(
  DRILL_IDS.map((id): [DrillId, Drill] => {
    const [families, name, text, dose, pose, view, changes = []] = rowOf(id);
    return [id, { id, families, name, text, dose, picture: { pose, view, changes } }];
  })
) as Readonly<Record<DrillId, Drill>>;

/** The drill of a name that was kept; undefined for one that is not known any more. */
export const drillNamed = (name: string | null | undefined): DrillId | undefined =>
  DRILL_IDS.find((id) => id === name);

export const drillsFor = (family: Family): readonly Drill[] =>
  DRILL_IDS.map((id) => DRILLS[id]).filter(({ families }) => families.includes(family));
