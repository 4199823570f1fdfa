import { INCHES_PER_FOOT, MM_PER_CM, MM_PER_INCH, MM_PER_M, type LengthUnit } from './units';

export type LengthProblem = 'empty' | 'not-a-length' | 'not-positive' | 'zero-denominator';

export type ParsedLength =
  { readonly ok: true; readonly mm: number } | { readonly ok: false; readonly problem: LengthProblem };

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8'
};

const MM_PER_UNIT: Readonly<Record<string, number>> = {
  mm: 1,
  cm: MM_PER_CM,
  m: MM_PER_M,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH
};

// One number: 48, 48.5, .5, 19 1/8 or 1/8.
const NUMBER = String.raw`(\d+ \d+/\d+|\d+/\d+|\d+(?:\.\d*)?|\.\d+)`;
const FEET = new RegExp(String.raw`^${NUMBER} ?(?:'|ft|feet|foot)(?: ?${NUMBER} ?(?:"|in|inch|inches)?)?$`);
const METRES = new RegExp(String.raw`^(\d+) ?m ?(\d{1,2}(?:\.\d*)?) ?(?:cm)?$`);
const PLAIN = new RegExp(String.raw`^${NUMBER} ?(mm|cm|m|inches|inch|in|")?$`);

function toNumber(text: string): number {
  const fraction = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
  if (!fraction) return Number(text);
  return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
}

function tidy(text: string): string {
  return text
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/[′’‘´]{2}|''|[″”“]/g, '"')
    .replace(/[′’‘´]/g, "'")
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/[\s\u00a0\u202f-]+/g, (gap) => (gap.includes('-') ? '-' : ' '))
    .replace(/ ?\/ ?/g, '/')
    .replace(/(\d)-(\d+\/\d+)/g, '$1 $2')
    .trim()
    .toLowerCase();
}

/**
 * Reads a length as a teacher types it from a tape.
 *
 * Accepts a plain number in the chosen unit (`48.5`, `48,5`), a number with a unit (`485 mm`, `48,5 cm`,
 * `19 1/8 in`, `19 1/8"`), feet and inches (`4'7"`, `4 ft 7 1/2`) and metres with centimetres (`1 m 24`).
 * A fraction without a unit is inches, since only inch tapes are read in fractions.
 *
 * @param text what was typed
 * @param unit the unit that a bare number is in
 * @returns millimetres, above 0 and not rounded, or the problem; never throws
 *
 * @example
 * parseLength('1 m 24', 'cm') // { ok: true, mm: 1240 }
 */
export function parseLength(text: string, unit: LengthUnit): ParsedLength {
  const clean = tidy(text);
  if (clean === '') return { ok: false, problem: 'empty' };
  if (/^[-−–]/.test(clean)) return { ok: false, problem: 'not-positive' };
  if (/\/0+(?!\d)/.test(clean)) return { ok: false, problem: 'zero-denominator' };

  const mm = readFeet(clean) ?? readMetres(clean) ?? readPlain(clean, unit);
  if (mm === undefined || !Number.isFinite(mm)) return { ok: false, problem: 'not-a-length' };
  return mm > 0 ? { ok: true, mm } : { ok: false, problem: 'not-positive' };
}

/** Stands in a row of lengths for one that was not measured. */
const SKIPPED = /^[-–—]$/;

/**
 * The first of several lengths that were typed in a row, as they are called out: `124 49.5 42.7`, in inches also
 * `48 3/4 19 1/2`. A dash stands for one that was not measured.
 *
 * @returns the longest beginning that is one length (empty for a dash) and what follows it; null where the text is
 *   one length or no row
 *
 * @example
 * firstOfRow('48 3/4 19 1/2', 'in') // { first: '48 3/4', rest: '19 1/2' }
 */
export function firstOfRow(text: string, unit: LengthUnit): { first: string; rest: string } | null {
  if (parseLength(text, unit).ok) return null;
  const words = text.trim().split(/\s+/);
  const split = (count: number) => ({
    first: words.slice(0, count).join(' '),
    rest: words.slice(count).join(' ')
  });
  if (SKIPPED.test(words[0] ?? '')) return { ...split(1), first: '' };
  for (let count = words.length - 1; count > 0; count--)
    if (parseLength(split(count).first, unit).ok) return split(count);
  return null;
}

function readFeet(text: string): number | undefined {
  const found = FEET.exec(text);
  if (!found) return undefined;
  return (toNumber(found[1] ?? '') * INCHES_PER_FOOT + toNumber(found[2] ?? '0')) * MM_PER_INCH;
}

function readMetres(text: string): number | undefined {
  const found = METRES.exec(text);
  if (!found) return undefined;
  return Number(found[1]) * MM_PER_M + Number(found[2]) * MM_PER_CM;
}

function readPlain(text: string, unit: LengthUnit): number | undefined {
  const found = PLAIN.exec(text);
  if (!found) return undefined;
  const number = found[1] ?? '';
  const named = found[2] ?? (number.includes('/') ? 'in' : unit);
  return toNumber(number) * (MM_PER_UNIT[named] ?? NaN);
}
