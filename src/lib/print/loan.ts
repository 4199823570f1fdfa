import type { Family } from '$lib/core/instruments';
import { isShoulderFamily } from '$lib/core/instruments';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Instrument, Loan } from '$lib/data';
import { codeOfInstrument } from '$lib/data/files/instrument-code';
import { STATE_WORDS } from '$lib/words/cupboard';
import { dayText } from '$lib/words/dates';
import { FAMILY_WORDS } from '$lib/words/families';
import type { InstrumentLabel } from './labels-pdf';
import type { LoanPaper } from './loan-pdf';

/** What is to be watched at home, whatever it is. */
const WATCH = [
  'Never in a car in the sun, beside a heater or in the cold: wood cracks and glue opens.',
  'Nobody but a workshop or the teacher repairs it or moves the bridge; ask when a string breaks or a peg slips.',
  'The bow is loosened after playing. The hair is not touched.',
  'Say when it hurts to play, or when the instrument seems too small or too large by now.'
];
const LYING =
  'It lies on its side or stands in a corner, never on its bridge; the endpin is in before it is carried.';
const CASE =
  'It lies in its closed case when it is not played, with nothing under the lid that presses on it.';

const watchOf = (family: Family): readonly string[] => [isShoulderFamily(family) ? CASE : LYING, ...WATCH];

const lengthsText = (
  { overallMm, stringMm }: Pick<Instrument, 'overallMm' | 'stringMm'>,
  unit: LengthUnit
): string =>
  [
    overallMm === null ? '' : `${formatLength(overallMm, unit)} long`,
    stringMm === null ? '' : `string ${formatLength(stringMm, unit)}`
  ]
    .filter((text) => text !== '')
    .join(', ');

/** The paper of a loan, to be signed. */
export function loanPaper(
  instrument: Instrument,
  loan: Loan,
  { player, unit, teacher }: { player: string; unit: LengthUnit; teacher: string }
): LoanPaper {
  const lengths = lengthsText(instrument, unit);
  const what = `No. ${instrument.number}, ${FAMILY_WORDS[instrument.family].toLowerCase()} ${instrument.size}`;
  const withIt = [instrument.bow, instrument.rest].filter((part) => part).join(', ');
  const seen = loan.stateOut ?? '';
  const state = STATE_WORDS[instrument.state ?? 'fine'].toLowerCase();
  return {
    player,
    lines: [
      ['Instrument', lengths === '' ? what : `${what}; ${lengths}`],
      ...(withIt === '' ? [] : [['With it', withIt] as const]),
      ...(instrument.notes === '' ? [] : [['Notes', instrument.notes] as const]),
      ['Since', dayText(loan.from)],
      ['Until', loan.until ? dayText(loan.until) : 'until it is asked back or outgrown'],
      ['How it is', seen === '' ? state : `${state}; ${seen}`]
    ],
    watch: watchOf(instrument.family),
    signed: teacher
  };
}

/** The papers of some loans; none for an instrument that is not among those that are known. */
export const loanPapers = (
  loans: readonly Loan[],
  instruments: readonly Instrument[],
  {
    nameOf,
    settings: { unit, teacherName: teacher }
  }: {
    nameOf: (playerId: string) => string;
    settings: { readonly unit: LengthUnit; readonly teacherName: string };
  }
): readonly LoanPaper[] =>
  loans.flatMap((loan) => {
    const instrument = instruments.find(({ id }) => id === loan.instrumentId);
    return instrument ? [loanPaper(instrument, loan, { player: nameOf(loan.playerId), unit, teacher })] : [];
  });

/** The label in an instrument's case. */
export const instrumentLabel = (instrument: Instrument, unit: LengthUnit): InstrumentLabel => ({
  number: instrument.number,
  what: `${FAMILY_WORDS[instrument.family]} ${instrument.size}`,
  lines: [lengthsText(instrument, unit), instrument.notes].filter((text) => text !== ''),
  code: codeOfInstrument(instrument)
});
