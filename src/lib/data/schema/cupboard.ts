import { array, boolean, object, string } from 'yup';
import { INSTRUMENT_STATES, ROUND_POINTS } from '$lib/core/cupboard';
import { notches } from './setup';
import {
  day,
  exactly,
  family,
  id,
  length,
  oneOf,
  size,
  sizesBelong,
  tapes,
  text,
  type RecordOf
} from './fields';

/** An instrument of the cupboard. */
export const instrumentSchema = sizesBelong(
  exactly(
    object({
      id: id().required(),
      number: text(40),
      family: family(),
      size: size().required(),
      overallMm: length().nullable().defined(),
      stringMm: length().nullable().defined(),
      notes: text(1000),
      /** Fit to play where absent. */
      state: oneOf(INSTRUMENT_STATES).optional(),
      /** Stays in the room, for one player a lesson time; else it goes home with one. */
      shared: boolean().optional(),
      ribMm: length().nullable().optional(),
      /** How far the pin comes out, and its notches where it has any. */
      pinMaxMm: length().nullable().optional(),
      notchesMm: notches(),
      /** What goes with it, and where it is kept. */
      bow: string().max(80).optional(),
      rest: string().max(80).optional(),
      place: string().max(80).optional(),
      /** The day on which it was looked at last, and what was amiss then; never where absent. */
      seenOn: day().optional(),
      amiss: array().of(oneOf(ROUND_POINTS).required()).max(ROUND_POINTS.length).optional(),
      /** Finger tapes on it while nobody has it; whoever has it has them with it. */
      tapes: tapes().optional(),
      demo: boolean().required()
    })
  ),
  ['size']
);
export type Instrument = RecordOf<typeof instrumentSchema>;

const LOAN_KINDS = ['instrument', 'rest', 'chin-rest', 'bow', 'kit'] as const;

/** Something that a player has from the cupboard, from a day to a day. */
export const loanSchema = exactly(
  object({
    id: id().required(),
    playerId: id().required(),
    kind: oneOf(LOAN_KINDS).required(),
    /** The instrument, where it is one of the cupboard. */
    instrumentId: id().nullable().defined(),
    what: text(80),
    from: day().required(),
    /** The day on which it came back; null while it is out. */
    to: day().nullable().defined(),
    /** The day until which it was agreed; none where absent. */
    until: day().nullable().optional(),
    /** What was to be seen on it when it went out, and when it came back. */
    stateOut: string().max(300).optional(),
    stateBack: string().max(300).optional()
  })
);
export type Loan = RecordOf<typeof loanSchema>;
