import Papa from 'papaparse';

const BYTE_ORDER_MARK = '\ufeff';

// A spreadsheet would take such a value for a formula, also behind what it may take for the end of a cell; an
// apostrophe in front makes it a text again.
const FORMULA = /^[\s;,]*[=+\-@]|^[\t\r]/;
const GUARDED = /^'+([\s;,]*[=+\-@]|[\t\r])/;
const harmless = (text: string) => (FORMULA.test(text) || GUARDED.test(text) ? `'${text}` : text);

/** A value as it was before it was made harmless for spreadsheets. */
export const original = (text: string): string => (GUARDED.test(text) ? text.slice(1) : text);

/** A CSV file that a spreadsheet opens safely. */
export const toCsv = (headings: readonly string[], rows: readonly (readonly string[])[]): string =>
  BYTE_ORDER_MARK +
  Papa.unparse({ fields: [...headings], data: rows.map((row) => row.map((cell) => harmless(cell))) });

/** Reads the bytes of a text file as UTF-8 or, by its mark, UTF-16, else as the usual western encoding. */
export function decodeText(bytes: ArrayBuffer): string {
  const [first, second] = new Uint8Array(bytes.slice(0, 2));
  if (first === 0xff && second === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** A list as it stands in a file, before anybody knows what its columns mean. */
export interface CsvTable {
  readonly headings: readonly string[];
  /** As many cells as headings, or fewer; trimmed. Blank rows are left out. */
  readonly rows: readonly (readonly string[])[];
  /** The number of each row as a spreadsheet counts it, blank rows and the headings included. */
  readonly numbers: readonly number[];
}

export type ReadTable =
  { readonly ok: true; readonly table: CsvTable } | { readonly ok: false; readonly problem: string };

/** Most rows that are taken at once. */
export const MAX_ROWS = 5000;

const fail = (problem: string): ReadTable => ({ ok: false, problem });

/** Reads a list with a heading row; commas, semicolons and tabs are understood. Never throws. */
export function readTable(text: string): ReadTable {
  const body = text.startsWith(BYTE_ORDER_MARK) ? text.slice(1) : text;
  if (body.trim() === '') return fail('The file is empty.');
  if (body.includes('\0')) return fail('This is not a text file. Save the list as CSV and try again.');
  // Blank rows would mislead the guess.
  const guess = Papa.parse(body, { preview: 10, skipEmptyLines: true, delimitersToGuess: [',', ';', '\t'] });
  // Blank rows are passed over below, so that every other row keeps its number.
  const parsed = Papa.parse<string[]>(body, { skipEmptyLines: false, delimiter: guess.meta.delimiter });
  const broken = parsed.errors.find(({ type }) => type === 'Quotes');
  if (broken) return fail(`Row ${(broken.row ?? 0) + 1}: a quotation mark is not closed.`);
  const filled = parsed.data
    .map((row, index) => ({ cells: row.map((cell) => original(cell.trim())), number: index + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  const [{ cells: headings } = { cells: [] }, ...players] = filled;
  const rows = players.map(({ cells }) => cells);
  if (rows.length === 0) return fail('There are no players below the headings.');
  if (rows.length > MAX_ROWS)
    return fail(
      `The file has ${rows.length} rows; at most ${MAX_ROWS} are taken at once. Split it, or leave out what is not a player.`
    );
  return { ok: true, table: { headings, rows, numbers: players.map(({ number }) => number) } };
}
