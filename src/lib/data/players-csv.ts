import Papa from 'papaparse';
import { ValidationError } from 'yup';
import { FAMILIES } from '$lib/core/instruments';
import { playerFormSchema } from './player-schema';
import type { PlayerForm } from './players';
import type { Player } from './records';

/** Column headings of the players' file, with other headings that are understood. */
const COLUMNS = {
  name: ['Name', 'player', 'pupil', 'student', 'initials'],
  birthMonth: ['Birth month', 'born', 'birth'],
  curve: ['Growth curve', 'curve'],
  family: ['Instrument', 'family'],
  group: ['Group', 'class'],
  notes: ['Notes', 'note'],
  photosAllowed: ['Photos allowed', 'photos']
} as const satisfies Record<keyof PlayerForm, readonly string[]>;

type Column = keyof typeof COLUMNS;
const COLUMN_NAMES = Object.keys(COLUMNS) as Column[];

export const MAX_ROWS = 5000;
const BYTE_ORDER_MARK = '\ufeff';

// A spreadsheet would take such a value for a formula; an apostrophe in front makes it a text again.
const FORMULA = /^[=+\-@\t\r]/;
const harmless = (text: string) => (FORMULA.test(text) || /^'+[=+\-@\t\r]/.test(text) ? `'${text}` : text);
const original = (text: string) => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text);

/** All players as a CSV file that a spreadsheet opens safely. */
export function playersToCsv(players: readonly Player[]): string {
  const rows = players.map((player) => ({
    name: player.name,
    birthMonth: player.birthMonth ?? '',
    curve: player.curve ?? '',
    family: player.family,
    group: player.group,
    notes: player.notes,
    photosAllowed: player.photosAllowed ? 'yes' : 'no'
  }));
  return (
    BYTE_ORDER_MARK +
    Papa.unparse({
      fields: COLUMN_NAMES.map((column) => COLUMNS[column][0]),
      data: rows.map((row) => COLUMN_NAMES.map((column) => harmless(row[column])))
    })
  );
}

export type ReadPlayers =
  | { readonly ok: true; readonly players: readonly PlayerForm[] }
  | { readonly ok: false; readonly problems: readonly string[] };

const fail = (...problems: string[]): ReadPlayers => ({ ok: false, problems });

/** Reads the bytes of a text file as UTF-8, else as the usual western encoding of spreadsheets. */
export function decodeText(bytes: ArrayBuffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/**
 * Reads players from a CSV file with a heading row; commas, semicolons and tabs are understood. All rows must
 * be right, or none is taken: each problem is a sentence that names its row. Never throws.
 */
export function playersFromCsv(text: string): ReadPlayers {
  const body = text.startsWith(BYTE_ORDER_MARK) ? text.slice(1) : text;
  if (body.trim() === '') return fail('The file is empty.');
  if (body.includes('\0')) return fail('This is not a text file. Save the list as CSV and try again.');
  const parsed = Papa.parse<string[]>(body, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t']
  });
  const broken = parsed.errors.find(({ type }) => type === 'Quotes');
  if (broken) return fail(`Row ${(broken.row ?? 0) + 1}: a quotation mark is not closed.`);
  const [head = [], ...rows] = parsed.data;
  const columns = head.map(columnOf);
  if (!columns.includes('name')) return fail('The first row has no column "Name".');
  const twice = columns.find((column, index) => column !== null && columns.indexOf(column) !== index);
  if (twice) return fail(`The column "${COLUMNS[twice][0]}" comes twice.`);
  if (rows.length === 0) return fail('There are no players below the headings.');
  if (rows.length > MAX_ROWS)
    return fail(`The file has ${rows.length} rows; at most ${MAX_ROWS} are taken at once.`);

  const problems: string[] = [];
  const players: PlayerForm[] = [];
  rows.forEach((row, index) => {
    const where = `Row ${index + 2}`;
    if (row.length > head.length) return void problems.push(`${where}: more values than headings.`);
    const cells = Object.fromEntries(columns.map((column, at) => [column, original((row[at] ?? '').trim())]));
    try {
      players.push(playerFormSchema.validateSync(formFrom(cells), { strict: true }) as PlayerForm);
    } catch (error) {
      problems.push(`${where}: ${error instanceof ValidationError ? error.message : 'can’t be read.'}`);
    }
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, players };
}

function columnOf(heading: string): Column | null {
  const plain = heading.trim().toLowerCase();
  return COLUMN_NAMES.find((column) => COLUMNS[column].some((name) => name.toLowerCase() === plain)) ?? null;
}

const YES = ['yes', 'y', 'true', '1'];
const NO = ['', 'no', 'n', 'false', '0'];

function formFrom(cells: Readonly<Partial<Record<string, string>>>): Record<Column, unknown> {
  const photos = (cells.photosAllowed ?? '').toLowerCase();
  const family = (cells.family ?? '').toLowerCase();
  return {
    name: cells.name ?? '',
    birthMonth: cells.birthMonth || null,
    curve: (cells.curve ?? '').toLowerCase() || null,
    family: FAMILIES.find((one) => one === family) ?? (family === '' ? 'violin' : family),
    group: cells.group ?? '',
    notes: cells.notes ?? '',
    photosAllowed: YES.includes(photos) ? true : NO.includes(photos) ? false : photos
  };
}
