import type { Family } from '$lib/core/instruments';
import type { GrowthCurve } from '../schema/player';

/** How far along an invented player is. */
export type DemoStory =
  | 'new'
  /** Height and one arm length are in, the rest waits. */
  | 'half-measured'
  /** Decided over half a year ago. */
  | 'due'
  /** Measured lately, and the size of the last decision is too small now. */
  | 'outgrown'
  /** Several fits and set-ups over more than a year. */
  | 'history'
  /** Decided not long ago. */
  | 'settled'
  /** The tape cannot settle between two sizes. */
  | 'between'
  /** Decided on a violin, measured for a viola. */
  | 'changes-over'
  /** The trial on the body spoke against the tape, and outranked it. */
  | 'trial-differs'
  /** A trial was stopped at pain. */
  | 'stopped'
  | 'archived';

export interface DemoPlayer {
  readonly name: string;
  readonly family: Family;
  readonly group: string;
  readonly curve: GrowthCurve | null;
  /** Age today in months; null for one whose birth month is not known. */
  readonly ageMonths: number | null;
  readonly heightMm: number;
  readonly story: DemoStory;
  readonly notes: string;
}

type Row = readonly [
  name: string,
  family: Family,
  group: string,
  curve: GrowthCurve | null,
  ageMonths: number | null,
  heightMm: number,
  story: DemoStory,
  notes?: string
];

// prettier-ignore
const ROWS: readonly Row[] = [
  ['Ottilie Fernsby', 'violin', 'Monday beginners', 'girl', 88, 1238, 'history', 'Likes to play standing on one leg.'],
  ['Bram Quillfeather', 'violin', 'Monday beginners', 'boy', 82, 1196, 'outgrown'],
  ['Saffi Dunmorrow', 'violin', 'Monday beginners', 'girl', 76, 1150, 'new'],
  ['Pip Larkwhistle', 'violin', 'Monday beginners', 'both', 79, 1182, 'half-measured'],
  ['Juno Appleyarrow', 'violin', 'Monday beginners', 'girl', 91, 1262, 'settled'],
  ['Corin Hazelbeck', 'violin', 'Monday beginners', 'boy', 85, 1224, 'due', 'Wears glasses.'],
  ['T. W.', 'violin', 'Thursday strings', null, null, 1310, 'between', 'The family asked for initials only.'],
  ['Ludo Pennyroyal', 'violin', 'Thursday strings', 'boy', 112, 1364, 'settled'],
  ['Wren Thistledown', 'violin', 'Thursday strings', 'girl', 118, 1402, 'due'],
  ['Marguerite Oddbottle-Featherstonehaugh of Upper Lanternfield', 'violin', 'Thursday strings', 'girl', 126, 1440, 'settled'],
  ['Player 31', 'violin', 'Adults', null, 492, 1560, 'settled', 'Short adult, took a full size.'],
  ['Fenn Copperwick', 'violin', 'Thursday strings', 'boy', 60, 1075, 'new'],
  ['Isolde Marrowby', 'viola', 'Thursday strings', 'girl', 131, 1468, 'history'],
  ['Rufus Tanglewood', 'viola', 'Thursday strings', 'boy', 150, 1655, 'outgrown', 'Grew a lot over the summer.'],
  ['Nessa Brightwater', 'viola', 'Thursday strings', 'girl', 122, 1415, 'changes-over', 'Played the violin until the summer.'],
  ['Orson Vale', 'viola', 'Adults', null, 430, 1790, 'settled'],
  ['Hettie Moonraker', 'cello', 'Low strings', 'girl', 98, 1290, 'new'],
  ['Caspar Winterbourne', 'cello', 'Low strings', 'boy', 104, 1330, 'half-measured', 'Long legs, short trunk.'],
  ['Elodie Starkweather', 'cello', 'Low strings', 'girl', 137, 1502, 'history'],
  ['Tobias Greenloft', 'cello', 'Low strings', 'boy', 84, 1215, 'trial-differs'],
  ['Ivo Hollowell', 'bass', 'Low strings', 'boy', 128, 1448, 'settled'],
  ['Delphine Rook', 'bass', 'Low strings', 'girl', 152, 1610, 'stopped', 'Go gently with the left wrist.'],
  ['Abel Stonecrop', 'bass', 'Low strings', 'boy', 140, 1520, 'new'],
  ['Mina Larksong', 'violin', 'Monday beginners', 'girl', 100, 1300, 'archived', 'Moved away in spring.']
];

/** The pupils of the made-up Lanternfield Music School. Every one is invented. */
export const DEMO_CAST: readonly DemoPlayer[] = ROWS.map(
  ([name, family, group, curve, ageMonths, heightMm, story, notes = '']) => ({
    name,
    family,
    group,
    curve,
    ageMonths,
    heightMm,
    story,
    notes
  })
);
