import { ValidationError } from 'yup';
import { FAMILIES, type Family } from '$lib/core/instruments';
import { toCsv, type CsvTable } from './csv';
import { groupOf, type GroupNames } from '../questions/groups';
import type { Player, PlayerForm } from '../store/records';
import { playerFormSchema } from '../schema/player';

/** Column headings of the players' file, with other headings that are understood. */
const COLUMNS = {
  name: ['Name', 'player', 'pupil', 'student', 'initials'],
  birthMonth: ['Birth month', 'born', 'birth'],
  curve: ['Growth curve', 'curve'],
  family: ['Instrument', 'family'],
  group: ['Group', 'class'],
  notes: ['Notes', 'note'],
  photosAllowed: ['Photos allowed', 'photos']
} as const satisfies Record<Exclude<keyof PlayerForm, 'groupId'>, readonly string[]>;

/** What a column of a list of players can hold. */
export type PlayerColumn = keyof typeof COLUMNS;
export const PLAYER_COLUMNS = Object.keys(COLUMNS) as PlayerColumn[];
/** A column's heading as Jarvel writes it. */
export const headingOf = (column: PlayerColumn): string => COLUMNS[column][0];

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

/** What each column of a list means; null for one that is left out. */
export type ColumnMatch = readonly (PlayerColumn | null)[];

/** Matches columns by their headings; a meaning is given once, to the first that has it. */
export function matchColumns(headings: readonly string[]): ColumnMatch {
  const taken = new Set<PlayerColumn>();
  return headings.map((heading) => {
    const plain = heading.trim().toLowerCase();
    const column = PLAYER_COLUMNS.find((one) => COLUMNS[one].some((name) => name.toLowerCase() === plain));
    if (!column || taken.has(column)) return null;
    taken.add(column);
    return column;
  });
}

export interface PlayersOfTable {
  readonly players: readonly PlayerForm[];
  /** A sentence for each row that is not right, naming the row as a spreadsheet counts it. */
  readonly problems: readonly string[];
}

/**
 * Players from the rows of a list.
 *
 * @param usualFamily for rows that name no instrument
 */
export function playersOf(
  { headings, rows, numbers }: CsvTable,
  match: ColumnMatch,
  usualFamily: Family = 'violin'
): PlayersOfTable {
  const players: PlayerForm[] = [];
  const problems: string[] = [];
  rows.forEach((row, index) => {
    const where = `Row ${numbers[index]}`;
    if (row.length > headings.length) return void problems.push(`${where}: more values than headings.`);
    const cells: Partial<Record<PlayerColumn, string>> = {};
    match.forEach((column, at) => {
      if (column) cells[column] = row[at] ?? '';
    });
    try {
      players.push(
        playerFormSchema.validateSync(formFrom(cells, usualFamily), { strict: true }) as PlayerForm
      );
    } catch (error) {
      problems.push(`${where}: ${error instanceof ValidationError ? error.message : 'can’t be read.'}`);
    }
  });
  return { players, problems };
}

const YES = ['yes', 'y', 'true', '1'];
const NO = ['', 'no', 'n', 'false', '0'];

function formFrom(
  cells: Readonly<Partial<Record<PlayerColumn, string>>>,
  usualFamily: Family
): Record<PlayerColumn, unknown> {
  const photos = (cells.photosAllowed ?? '').toLowerCase();
  const family = (cells.family ?? '').toLowerCase();
  return {
    name: cells.name ?? '',
    birthMonth: cells.birthMonth || null,
    curve: (cells.curve ?? '').toLowerCase() || null,
    family: FAMILIES.find((one) => one === family) ?? (family === '' ? usualFamily : family),
    group: cells.group ?? '',
    notes: cells.notes ?? '',
    photosAllowed: YES.includes(photos) ? true : NO.includes(photos) ? false : photos
  };
}
