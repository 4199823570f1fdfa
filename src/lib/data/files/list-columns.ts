import type { PlayerForm } from '../store/records';
import { birthMonthOf, familyOf } from './list-values';

/** Headings of a list, first as Jarvel writes them, with others that are understood. */
const COLUMNS = {
  name: ['Name', 'full name', 'player', 'pupil', 'student', 'initials'],
  firstName: ['First name', 'first', 'given name', 'forename', 'vorname'],
  familyName: ['Family name', 'surname', 'last name', 'last', 'nachname', 'familienname'],
  birthMonth: [
    'Birth month',
    'born',
    'birth',
    'birth date',
    'birthdate',
    'date of birth',
    'dob',
    'birthday',
    'geburtsdatum'
  ],
  curve: ['Growth curve', 'curve', 'sex', 'gender', 'geschlecht'],
  family: ['Instrument', 'instr', 'family', 'plays'],
  group: ['Group', 'class', 'klasse', 'gruppe', 'ensemble'],
  notes: ['Notes', 'note', 'remarks'],
  photosAllowed: ['Photos allowed', 'photos']
} as const satisfies Record<
  Exclude<keyof PlayerForm, 'groupId'> | 'firstName' | 'familyName',
  readonly string[]
>;

/** What a column of a list of players can hold. */
export type ListColumn = keyof typeof COLUMNS;
export const LIST_COLUMNS = Object.keys(COLUMNS) as ListColumn[];
/** What Jarvel itself writes: a name is one. */
export type PlayerColumn = Exclude<ListColumn, 'firstName' | 'familyName'>;
export const PLAYER_COLUMNS = LIST_COLUMNS.filter(
  (column): column is PlayerColumn => column !== 'firstName' && column !== 'familyName'
);
export const headingOf = (column: ListColumn): string => COLUMNS[column][0];

/** What each column of a list means; null for one that is left out. */
export type ColumnMatch = readonly (ListColumn | null)[];

/** So large a share of a column's values has to be of a kind before the column is. */
const MOST = 0.5;

function share(values: readonly string[], isOne: (text: string) => boolean): number {
  const filled = values.filter((text) => text !== '');
  return filled.length === 0 ? 0 : filled.filter(isOne).length / filled.length;
}

const byHeading = (heading: string): ListColumn | null => {
  const plain = heading
    .trim()
    .toLowerCase()
    .replaceAll(/[\s_-]+/g, ' ');
  return LIST_COLUMNS.find((one) => COLUMNS[one].some((name) => name.toLowerCase() === plain)) ?? null;
};

const isDate = (text: string) => birthMonthOf(text, 'day-first') !== null;
const isFamily = (text: string) => familyOf(text) !== null;

/**
 * Guesses what each column means, by its values before its heading: a column "Family" with surnames is no instrument,
 * and one of dates is the birth whatever it is called. A meaning is given once, to the first that has it. Where nothing
 * is called a name, the first column that is nothing else holds the names.
 */
export function matchColumns(headings: readonly string[], rows: readonly (readonly string[])[]): ColumnMatch {
  const taken = new Set<ListColumn>();
  const take = (column: ListColumn | null): ListColumn | null => {
    if (column === null || taken.has(column)) return null;
    taken.add(column);
    return column;
  };
  const guesses = headings.map((heading, at) => {
    const values = rows.map((row) => row[at] ?? '');
    const named = byHeading(heading);
    if (named === 'family' && rows.length > 0 && share(values, isFamily) < MOST)
      return share(values, isFamily) > 0 || heading.trim().toLowerCase() !== 'family' ? named : 'familyName';
    if (named !== null) return named;
    if (share(values, isDate) >= MOST) return 'birthMonth';
    return share(values, isFamily) >= MOST ? 'family' : null;
  });
  const match = guesses.map(take);
  const hasName = match.some((one) => one === 'name' || one === 'firstName' || one === 'familyName');
  const free = match.indexOf(null);
  return hasName || free < 0 || match.length === 1
    ? match
    : match.map((one, at) => (at === free ? 'name' : one));
}

/** Whether a list says of anybody who it is. */
export const namesAnybody = (match: ColumnMatch): boolean =>
  match.some((one) => one === 'name' || one === 'firstName' || one === 'familyName');
