import { INSTRUMENT_STATES, sizeFrom, type InstrumentState } from '$lib/core/cupboard';
import type { Family } from '$lib/core/instruments';
import { HIGHEST_TAPE } from '$lib/core/tapes';
import { isDay } from '$lib/core/time';
import type { InstrumentForm } from '../commands/cupboard';
import type { Instrument } from '../store/records';
import { toCsv, type CsvTable } from './csv';
import { familyOf } from './list-values';
import type { RowProblem } from './players-csv';

/** Headings of a list of instruments, first as Jarvel writes them, with others that are understood. */
const COLUMNS = {
  number: ['Number', 'no', 'no.', 'nr', 'nr.', 'nummer', 'id', 'label', 'inventory'],
  family: ['Instrument', 'family', 'kind', 'type', 'art'],
  size: ['Size', 'grösse', 'größe', 'groesse'],
  overallMm: ['Overall mm', 'overall', 'length', 'overall length', 'länge'],
  stringMm: ['String mm', 'string', 'string length', 'mensur'],
  ribMm: ['Rib mm', 'rib', 'ribs', 'zarge', 'zargenhöhe'],
  pinMaxMm: ['Pin mm', 'pin', 'endpin', 'stachel'],
  notchesMm: ['Notches mm', 'notches', 'kerben'],
  bow: ['Bow', 'bogen'],
  rest: ['Rest', 'shoulder rest', 'stütze', 'schulterstütze'],
  place: ['Place', 'where', 'ort', 'standort'],
  state: ['State', 'condition', 'zustand'],
  shared: ['Stays in the room', 'room', 'shared'],
  tapes: ['Tapes', 'finger tapes', 'bänder', 'griffbänder'],
  notes: ['Notes', 'note', 'remarks', 'bemerkung']
} as const;
type Column = keyof typeof COLUMNS;
const COLUMN_NAMES = Object.keys(COLUMNS) as Column[];

type KeptTape = NonNullable<Instrument['tapes']>[number];

/** A tape as its semitones and days: `5: 2026-09-03`, and `to` the day on which it came off. */
const tapeTo = ({ semitones, since, off }: KeptTape): string =>
  `${semitones}: ${since}${off === null ? '' : ` to ${off}`}`;

const TAPE = /^(\d{1,2}): (\S+?)(?: to (\S+))?$/;

/** Tapes as they are written; undefined for what is none. */
function tapesFrom(text: string): readonly KeptTape[] | undefined {
  const read = text
    .split(';')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => TAPE.exec(part))
    .map((found): KeptTape | null => {
      const [, semitones = '', since = '', off = null] = found ?? [];
      const isTape = Number(semitones) >= 1 && Number(semitones) <= HIGHEST_TAPE;
      return isTape && isDay(since) && (off === null || isDay(off))
        ? { semitones: Number(semitones), since, off }
        : null;
    });
  const tapes = read.flatMap((tape) => tape ?? []);
  const once = new Set(tapes.map(({ semitones }) => semitones)).size === read.length;
  return once ? tapes.sort((a, b) => a.semitones - b.semitones) : undefined;
}

/** All instruments as a CSV file that a spreadsheet opens safely. */
export const instrumentsToCsv = (instruments: readonly Instrument[]): string =>
  toCsv(
    COLUMN_NAMES.map((column) => COLUMNS[column][0]),
    instruments.map((one) => [
      one.number,
      one.family,
      one.size,
      one.overallMm?.toString() ?? '',
      one.stringMm?.toString() ?? '',
      one.ribMm?.toString() ?? '',
      one.pinMaxMm?.toString() ?? '',
      one.notchesMm?.join(' ') ?? '',
      one.bow ?? '',
      one.rest ?? '',
      one.place ?? '',
      one.state ?? 'fine',
      one.shared ? 'yes' : 'no',
      (one.tapes ?? []).map(tapeTo).join('; '),
      one.notes
    ])
  );

/** Shorter or longer than any of the four, mm: centimetres were meant, or another number. */
const OVERALL_MM = [250, 2200] as const;
const STRING_MM = [150, 1200] as const;
const RIB_MM = [15, 260] as const;
const PIN_MM = [30, 700] as const;

/** Numbers beside each other, mm; undefined where one of them is none. */
function notchesFrom(text: string): readonly number[] | undefined {
  const all = text.split(/[\s;]+/).filter((part) => part !== '');
  const read = all.map(Number);
  return read.every((mm) => mm >= 0 && mm <= PIN_MM[1]) ? read.sort((a, b) => a - b) : undefined;
}
const LONGEST_PART = 80;

/** A length in mm, or in cm where it can be nothing else; null where there is none, undefined for what is no length. */
function lengthFrom(text: string, [least, most]: readonly [number, number]): number | null | undefined {
  const plain = text.replace(',', '.').replace(/\s*(mm|cm)$/i, '');
  if (plain.trim() === '') return null;
  const value = Number(plain);
  if (!Number.isFinite(value)) return undefined;
  const mm = /cm$/i.test(text.trim()) || value < least ? value * 10 : value;
  return mm >= least && mm <= most ? mm : undefined;
}

const YES = ['yes', 'y', 'true', '1', 'ja', 'x'];

/** The state that a text names: fine where it says nothing. */
function stateFrom(text: string): InstrumentState | null {
  const plain = text.toLowerCase().replaceAll(/[\s_]+/g, '-');
  if (plain === '' || plain === 'ok' || plain === 'good') return 'fine';
  return INSTRUMENT_STATES.find((state) => state === plain) ?? null;
}

export interface InstrumentsOfTable {
  readonly instruments: readonly InstrumentForm[];
  readonly problems: readonly RowProblem[];
}

const LONGEST_NUMBER = 40;
const LONGEST_NOTE = 1000;

/** One row as an instrument, or what is wrong with it. */
function instrumentFrom(cell: (column: Column) => string): InstrumentForm | string {
  const number = cell('number').slice(0, LONGEST_NUMBER);
  if (number === '') return 'The number is missing.';
  const family: Family | null = familyOf(cell('family'));
  if (family === null) return 'The instrument is violin, viola, cello or bass.';
  const size = sizeFrom(family, cell('size'));
  if (size === null) return `“${cell('size')}” is no size of a ${family}.`;
  const [overallMm, stringMm] = [
    lengthFrom(cell('overallMm'), OVERALL_MM),
    lengthFrom(cell('stringMm'), STRING_MM)
  ];
  if (overallMm === undefined) return `“${cell('overallMm')}” is no overall length.`;
  if (stringMm === undefined) return `“${cell('stringMm')}” is no string length.`;
  const [ribMm, pinMaxMm] = [lengthFrom(cell('ribMm'), RIB_MM), lengthFrom(cell('pinMaxMm'), PIN_MM)];
  if (ribMm === undefined) return `“${cell('ribMm')}” is no height of a rib.`;
  if (pinMaxMm === undefined) return `“${cell('pinMaxMm')}” is no length of a pin.`;
  const notchesMm = notchesFrom(cell('notchesMm'));
  if (notchesMm === undefined) return `“${cell('notchesMm')}” are no notches.`;
  const parts = (['bow', 'rest', 'place'] as const).map((name) => [name, cell(name).slice(0, LONGEST_PART)]);
  const tapes = tapesFrom(cell('tapes'));
  if (tapes === undefined) return `“${cell('tapes')}” are no tapes such as “2: 2026-09-03; 5: 2026-09-03”.`;
  const state = stateFrom(cell('state'));
  if (state === null) return `The state is one of ${INSTRUMENT_STATES.join(', ')}.`;
  return {
    number,
    family,
    size,
    overallMm,
    stringMm,
    notes: cell('notes').slice(0, LONGEST_NOTE),
    ...(ribMm === null ? {} : { ribMm }),
    ...(pinMaxMm === null ? {} : { pinMaxMm }),
    ...(notchesMm.length === 0 ? {} : { notchesMm: [...notchesMm] }),
    ...Object.fromEntries(parts.filter(([, text]) => text !== '')),
    ...(tapes.length === 0 ? {} : { tapes: [...tapes] }),
    ...(state === 'fine' ? {} : { state }),
    ...(YES.includes(cell('shared').toLowerCase()) ? { shared: true } : {})
  };
}

/**
 * Instruments from the rows of a list.
 *
 * @returns null where no column is called a number and none a size
 */
export function instrumentsOf({ headings, rows, numbers }: CsvTable): InstrumentsOfTable | null {
  const plain = (text: string) => text.trim().toLowerCase();
  const places = new Map(
    COLUMN_NAMES.map((column) => [
      column,
      headings.findIndex((heading) => COLUMNS[column].some((name) => plain(name) === plain(heading)))
    ])
  );
  if (places.get('number') === -1 || places.get('size') === -1) return null;
  const instruments: InstrumentForm[] = [];
  const problems: RowProblem[] = [];
  rows.forEach((row, index) => {
    const at = (column: Column) => row[places.get(column) ?? -1]?.trim() ?? '';
    const read = instrumentFrom(at);
    if (typeof read === 'string')
      problems.push({ row: index, number: numbers[index] ?? 0, at: null, text: read });
    else instruments.push(read);
  });
  return { instruments, problems };
}

/** What of a list is new: a number that is given already, here or higher up in the list, does not come again. */
export function freshNumbers<Coming extends { readonly form: Pick<Instrument, 'number'> }>(
  coming: readonly Coming[],
  here: readonly Pick<Instrument, 'number'>[]
): readonly Coming[] {
  const numbers = new Set(here.map(({ number }) => number));
  return coming.filter(({ form: { number } }) => {
    const isNew = !numbers.has(number);
    numbers.add(number);
    return isNew;
  });
}
