import { ValidationError } from 'yup';
import type { Family } from '$lib/core/instruments';
import { groupOf, type GroupNames } from '../questions/groups';
import { playerFormSchema } from '../schema/player';
import type { Player, PlayerForm } from '../store/records';
import { toCsv, type CsvTable } from './csv';
import {
  headingOf,
  PLAYER_COLUMNS,
  type ColumnMatch,
  type ListColumn,
  type PlayerColumn
} from './list-columns';
import { birthMonthOf, curveOf, dayOrderOf, familyOf, isAmbiguous, type DayOrder } from './list-values';

/** All players as a CSV file that a spreadsheet opens safely. */
export const playersToCsv = (players: readonly Player[], groups: GroupNames): string =>
  toCsv(
    PLAYER_COLUMNS.map(headingOf),
    players.map((player) => {
      const cells: Readonly<Record<PlayerColumn, string>> = {
        name: player.name,
        birthMonth: player.birthMonth ?? '',
        curve: player.curve ?? '',
        family: player.family,
        group: groupOf(groups, player),
        notes: player.notes,
        photosAllowed: player.photosAllowed ? 'yes' : 'no'
      };
      return PLAYER_COLUMNS.map((column) => cells[column]);
    })
  );

/** What is not right with a row of a list. */
export interface RowProblem {
  /** The row's place among the rows, and its number as a spreadsheet counts it. */
  readonly row: number;
  readonly number: number;
  /** The column to be mended, by its place; null where the row as a whole is wrong. */
  readonly at: number | null;
  readonly text: string;
}

export interface PlayersOfTable {
  readonly players: readonly PlayerForm[];
  readonly problems: readonly RowProblem[];
  /** A date that reads differently by the order of its numbers, where the list does not tell the order; else null. */
  readonly unclearDate: string | null;
}

/** What holds for the rows that do not say it themselves. */
export interface Usual {
  readonly family: Family;
  readonly dayOrder: DayOrder;
}

/** Players from the rows of a list. */
export function playersOf(
  { headings, rows, numbers }: CsvTable,
  match: ColumnMatch,
  usual: Usual = { family: 'violin', dayOrder: 'day-first' }
): PlayersOfTable {
  const players: PlayerForm[] = [];
  const problems: RowProblem[] = [];
  const births = match.indexOf('birthMonth');
  const dates = births < 0 ? [] : rows.map((row) => row[births] ?? '');
  const told = dayOrderOf(dates);
  const order = told ?? usual.dayOrder;
  rows.forEach((row, index) => {
    const wrong = (at: number | null, text: string) =>
      problems.push({ row: index, number: numbers[index] ?? 0, at, text });
    if (row.length > headings.length) return void wrong(null, 'More values than headings.');
    const cells: Partial<Record<ListColumn, string>> = {};
    match.forEach((column, at) => {
      if (column) cells[column] = row[at] ?? '';
    });
    try {
      players.push(
        playerFormSchema.validateSync(formFrom(cells, usual.family, order), { strict: true }) as PlayerForm
      );
    } catch (error) {
      const isKnown = error instanceof ValidationError;
      const at = isKnown ? match.findIndex((column) => isPart(column, error.path)) : -1;
      wrong(at < 0 ? null : at, isKnown ? error.message : 'Can’t be read.');
    }
  });
  return { players, problems, unclearDate: told ? null : (dates.find(isAmbiguous) ?? null) };
}

/** Whether a column is, or is a part of, the field that is wrong. */
const isPart = (column: ListColumn | null, field: string | undefined): boolean =>
  column === field || (field === 'name' && (column === 'firstName' || column === 'familyName'));

const SHOWN_NUMBERS = 8;

/** The problems of a list, a sentence for each kind, with the rows as a spreadsheet counts them. */
export function problemLines(problems: readonly RowProblem[]): readonly string[] {
  const kinds = new Map<string, number[]>();
  for (const { text, number } of problems) {
    const known = kinds.get(text);
    if (known) known.push(number);
    else kinds.set(text, [number]);
  }
  return [...kinds].map(([text, numbers]) => {
    const shown = numbers.slice(0, SHOWN_NUMBERS).join(', ');
    const more = numbers.length > SHOWN_NUMBERS ? ` and ${numbers.length - SHOWN_NUMBERS} more` : '';
    return `${numbers.length === 1 ? 'Row' : `${numbers.length} rows:`} ${shown}${more}. ${text}`;
  });
}

const YES = ['yes', 'y', 'true', '1', 'ja', 'x'];
const NO = ['', 'no', 'n', 'false', '0', 'nein'];

/** Whether and how a text is a yes; the text itself where it is neither. */
function yesOrNo(text: string): boolean | string {
  const plain = text.toLowerCase();
  return YES.includes(plain) ? true : NO.includes(plain) ? false : plain;
}

function formFrom(
  cells: Readonly<Partial<Record<ListColumn, string>>>,
  usualFamily: Family,
  order: DayOrder
): Record<PlayerColumn, unknown> {
  const { birthMonth = '', curve = '', family = '' } = cells;
  const parts = [cells.firstName, cells.familyName].filter((part) => part);
  return {
    name: cells.name || parts.join(' '),
    birthMonth: birthMonth === '' ? null : (birthMonthOf(birthMonth, order) ?? birthMonth),
    curve: curve === '' ? null : (curveOf(curve) ?? curve),
    family: family === '' ? usualFamily : (familyOf(family) ?? family),
    group: cells.group ?? '',
    notes: cells.notes ?? '',
    photosAllowed: yesOrNo(cells.photosAllowed ?? '')
  };
}
