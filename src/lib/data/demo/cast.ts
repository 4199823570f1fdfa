import type { Family } from '$lib/core/instruments';
import type { GrowthCurve } from '../records';

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
  readonly notes?: string;
}

/** The pupils of the made-up Lanternfield Music School. Every one is invented. */
export const DEMO_CAST: readonly DemoPlayer[] = [
  {
    name: 'Ottilie Fernsby',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'girl',
    ageMonths: 88,
    heightMm: 1238,
    story: 'history',
    notes: 'Likes to play standing on one leg.'
  },
  {
    name: 'Bram Quillfeather',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'boy',
    ageMonths: 82,
    heightMm: 1196,
    story: 'outgrown'
  },
  {
    name: 'Saffi Dunmorrow',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'girl',
    ageMonths: 76,
    heightMm: 1150,
    story: 'new'
  },
  {
    name: 'Pip Larkwhistle',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'both',
    ageMonths: 79,
    heightMm: 1182,
    story: 'half-measured'
  },
  {
    name: 'Juno Appleyarrow',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'girl',
    ageMonths: 91,
    heightMm: 1262,
    story: 'settled'
  },
  {
    name: 'Corin Hazelbeck',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'boy',
    ageMonths: 85,
    heightMm: 1224,
    story: 'due',
    notes: 'Wears glasses.'
  },
  {
    name: 'T. W.',
    family: 'violin',
    group: 'Thursday strings',
    curve: null,
    ageMonths: null,
    heightMm: 1310,
    story: 'between',
    notes: 'The family asked for initials only.'
  },
  {
    name: 'Ludo Pennyroyal',
    family: 'violin',
    group: 'Thursday strings',
    curve: 'boy',
    ageMonths: 112,
    heightMm: 1364,
    story: 'settled'
  },
  {
    name: 'Wren Thistledown',
    family: 'violin',
    group: 'Thursday strings',
    curve: 'girl',
    ageMonths: 118,
    heightMm: 1402,
    story: 'due'
  },
  {
    name: 'Marguerite Oddbottle-Featherstonehaugh of Upper Lanternfield',
    family: 'violin',
    group: 'Thursday strings',
    curve: 'girl',
    ageMonths: 126,
    heightMm: 1440,
    story: 'settled'
  },
  {
    name: 'Player 31',
    family: 'violin',
    group: 'Adults',
    curve: null,
    ageMonths: 492,
    heightMm: 1560,
    story: 'settled',
    notes: 'Short adult, took a full size.'
  },
  {
    name: 'Fenn Copperwick',
    family: 'violin',
    group: 'Thursday strings',
    curve: 'boy',
    ageMonths: 60,
    heightMm: 1075,
    story: 'new'
  },
  {
    name: 'Isolde Marrowby',
    family: 'viola',
    group: 'Thursday strings',
    curve: 'girl',
    ageMonths: 131,
    heightMm: 1468,
    story: 'history'
  },
  {
    name: 'Rufus Tanglewood',
    family: 'viola',
    group: 'Thursday strings',
    curve: 'boy',
    ageMonths: 150,
    heightMm: 1655,
    story: 'outgrown',
    notes: 'Grew a lot over the summer.'
  },
  {
    name: 'Nessa Brightwater',
    family: 'viola',
    group: 'Thursday strings',
    curve: 'girl',
    ageMonths: 122,
    heightMm: 1415,
    story: 'half-measured'
  },
  {
    name: 'Orson Vale',
    family: 'viola',
    group: 'Adults',
    curve: null,
    ageMonths: 430,
    heightMm: 1790,
    story: 'settled'
  },
  {
    name: 'Hettie Moonraker',
    family: 'cello',
    group: 'Low strings',
    curve: 'girl',
    ageMonths: 98,
    heightMm: 1280,
    story: 'new'
  },
  {
    name: 'Caspar Winterbourne',
    family: 'cello',
    group: 'Low strings',
    curve: 'boy',
    ageMonths: 104,
    heightMm: 1330,
    story: 'new'
  },
  {
    name: 'Elodie Starkweather',
    family: 'cello',
    group: 'Low strings',
    curve: 'girl',
    ageMonths: 137,
    heightMm: 1502,
    story: 'new'
  },
  {
    name: 'Tobias Greenloft',
    family: 'cello',
    group: 'Low strings',
    curve: 'boy',
    ageMonths: 84,
    heightMm: 1215,
    story: 'new'
  },
  {
    name: 'Ivo Hollowell',
    family: 'bass',
    group: 'Low strings',
    curve: 'boy',
    ageMonths: 128,
    heightMm: 1448,
    story: 'new'
  },
  {
    name: 'Delphine Rook',
    family: 'bass',
    group: 'Low strings',
    curve: 'girl',
    ageMonths: 152,
    heightMm: 1610,
    story: 'new'
  },
  {
    name: 'Abel Stonecrop',
    family: 'bass',
    group: 'Low strings',
    curve: 'boy',
    ageMonths: 140,
    heightMm: 1520,
    story: 'new'
  },
  {
    name: 'Mina Larksong',
    family: 'violin',
    group: 'Monday beginners',
    curve: 'girl',
    ageMonths: 100,
    heightMm: 1300,
    story: 'archived',
    notes: 'Moved away in spring.'
  }
];
