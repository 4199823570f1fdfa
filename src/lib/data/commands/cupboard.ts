import type { InstrumentState, RoundPoint } from '$lib/core/cupboard';
import type { IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Instrument, Loan } from '../store/records';
import { playerGone, Refusal } from '../store/refusal';
import { instrumentName } from '../questions/cupboard';

/** What is said of a new instrument; the rest can follow. */
export type InstrumentForm = Omit<Instrument, 'id' | 'demo'>;

const instrumentGone = () => new Refusal('This instrument was removed meanwhile. Nothing was changed.');

async function currentInstrument(db: Database, id: string): Promise<Instrument> {
  const instrument = await db.instruments.get(id);
  if (!instrument) throw instrumentGone();
  return instrument;
}

/** Loans of an instrument that did not come back yet. */
const outOf = (db: Database, instrumentId: string): PromiseLike<readonly Loan[]> =>
  db.loans
    .where({ instrumentId })
    .filter(({ to }) => to === null)
    .toArray();

/**
 * Puts instruments into the cupboard as one step.
 *
 * @param forms each with the id that was made for it: the same id twice adds one
 */
export const addInstruments = (
  db: Database,
  forms: readonly { readonly id: string; readonly form: InstrumentForm }[]
): Promise<void> =>
  commit(
    db,
    forms.length === 1 ? 'Added an instrument' : `Added ${forms.length} instruments`,
    async ({ putAll }) => {
      const known = new Set(await db.instruments.toCollection().primaryKeys());
      await putAll(
        'instruments',
        forms.filter(({ id }) => !known.has(id)).map(({ id, form }) => ({ ...form, id, demo: false }))
      );
    }
  );

/** Changes what is said of an instrument. */
export const changeInstrument = (db: Database, id: string, patch: Partial<InstrumentForm>): Promise<void> =>
  commit(db, 'Changed an instrument', async ({ put }) => {
    await put('instruments', { ...(await currentInstrument(db, id)), ...patch });
  });

/** Notes how an instrument was when it was in hand on a day. What is in the workshop stays there unless it is fine. */
export const lookedAtInstrument = (
  db: Database,
  id: string,
  { today, amiss, state }: { today: IsoDay; amiss: readonly RoundPoint[]; state: InstrumentState }
): Promise<void> =>
  commit(db, 'Looked at an instrument', async ({ put }) => {
    const instrument = await currentInstrument(db, id);
    const isThere = instrument.state === 'workshop' && state === 'to-mend';
    await put('instruments', {
      ...instrument,
      seenOn: today,
      amiss: [...amiss],
      state: isThere ? 'workshop' : state
    });
  });

/** Takes what is to be mended to the workshop, as one step; what was mended or put away meanwhile stays. */
export const takeToWorkshop = (db: Database, ids: readonly string[]): Promise<void> =>
  commit(db, 'Took instruments to the workshop', async ({ putAll }) => {
    const all = await db.instruments.bulkGet([...ids]);
    await putAll(
      'instruments',
      all.flatMap((one) => (one?.state === 'to-mend' ? [{ ...one, state: 'workshop' as const }] : []))
    );
  });

/**
 * Removes an instrument that nobody ever had.
 *
 * @throws Refusal where somebody had it: what was lent stays on record
 */
export const removeInstrument = (db: Database, id: string): Promise<void> =>
  commit(db, 'Removed an instrument', async ({ remove }) => {
    const { number } = await currentInstrument(db, id);
    if ((await db.loans.where({ instrumentId: id }).count()) > 0)
      throw new Refusal(`No. ${number} was lent, so it stays on record. Put it out of use instead.`);
    await remove('instruments', id);
  });

export interface GivenOut {
  readonly instrumentId: string;
  readonly playerId: string;
  readonly today: IsoDay;
  readonly until?: IsoDay | null;
}

/**
 * Gives an instrument out. What the player had of that family comes back, so that nobody has two.
 *
 * @param id of the loan, made by who asks: pressed twice, it goes out once
 * @throws Refusal where it is away, with somebody else, or of another family than the player's
 */
export const giveOut = (db: Database, given: GivenOut, id: string = newId()): Promise<void> =>
  commit(db, 'Gave out an instrument', (writer) => putOut(db, writer, given, id));

/** Gives an instrument out, inside a change. */
async function putOut(
  db: Database,
  writer: Writer,
  { instrumentId, playerId, today, until = null }: GivenOut,
  id: string
): Promise<void> {
  const instrument = await currentInstrument(db, instrumentId);
  const player = await db.players.get(playerId);
  if (!player) throw playerGone();
  if (await db.loans.get(id)) return;
  const name = instrumentName(instrument);
  if (player.family !== instrument.family)
    throw new Refusal(`${player.name} plays another instrument than ${name}.`);
  if (instrument.state === 'workshop' || instrument.state === 'out-of-use')
    throw new Refusal(`${name} is ${instrument.state === 'workshop' ? 'in the workshop' : 'out of use'}.`);
  const out = await outOf(db, instrumentId);
  if (out.some((loan) => loan.playerId === playerId)) return;
  if (out.length > 0 && !instrument.shared)
    throw new Refusal(`${name} is with somebody else meanwhile. Nothing was changed.`);
  for (const had of await db.loans.where({ playerId }).toArray()) {
    if (had.to !== null || had.instrumentId === null) continue;
    const other = await db.instruments.get(had.instrumentId);
    if (other?.family === instrument.family) await bringBack(db, writer, had, { to: today });
  }
  // Where nothing was noted of it, those that are on record are on what was in use all along.
  if (instrument.tapes && instrument.tapes.length > 0) {
    const now = await db.players.get(playerId);
    if (now) await writer.put('players', { ...now, tapes: instrument.tapes });
  }
  await writer.put('loans', {
    id,
    playerId,
    kind: 'instrument',
    instrumentId,
    what: name,
    from: today,
    to: null,
    until
  });
}

/** Ends a loan, inside a change: finger tapes stay on the instrument. */
async function bringBack(
  db: Database,
  { put }: Writer,
  loan: Loan,
  back: Pick<Loan, 'to' | 'stateBack'>
): Promise<void> {
  await put('loans', { ...loan, ...back });
  const [instrument, player] = [
    await db.instruments.get(loan.instrumentId ?? ''),
    await db.players.get(loan.playerId)
  ];
  if (!instrument || !player?.tapes || player.tapes.length === 0) return;
  await put('instruments', { ...instrument, tapes: player.tapes });
  await put('players', { ...player, tapes: [] });
}

/**
 * Takes over a plan as one step: first comes back whatever moves, then it goes out as planned. Who waits gives back
 * what was in use.
 *
 * @throws Refusal where something moved meanwhile and the plan no longer holds
 */
export const takePlan = (
  db: Database,
  changes: readonly { readonly playerId: string; readonly from: string | null; readonly to: string | null }[],
  today: IsoDay
): Promise<void> =>
  commit(db, 'Took a plan of the cupboard', async (writer) => {
    for (const { playerId, from } of changes) {
      if (from === null) continue;
      const [loan] = (await outOf(db, from)).filter((one) => one.playerId === playerId);
      if (!loan)
        throw new Refusal('Something was given out or taken back meanwhile. Look at the plan once more.');
      await bringBack(db, writer, loan, { to: today });
    }
    for (const { playerId, to } of changes)
      if (to !== null) await putOut(db, writer, { instrumentId: to, playerId, today }, newId());
  });

/** Changes until when a loan was agreed, or what was to be seen when it went out. */
export const changeLoan = (
  db: Database,
  id: string,
  patch: Partial<Pick<Loan, 'until' | 'stateOut'>>
): Promise<void> =>
  commit(db, 'Changed a loan', async ({ put }) => {
    const loan = await db.loans.get(id);
    if (!loan) throw new Refusal('This loan was taken back meanwhile. Nothing was changed.');
    await put('loans', { ...loan, ...patch });
  });

/**
 * Takes an instrument back, and notes how it is. One that came back already stays as it was noted then.
 */
export const takeBack = (
  db: Database,
  loanId: string,
  {
    today,
    state,
    seen = ''
  }: { readonly today: IsoDay; readonly state: InstrumentState; readonly seen?: string }
): Promise<void> =>
  commit(db, 'Took an instrument back', async (writer) => {
    const loan = await db.loans.get(loanId);
    if (!loan || loan.to !== null) return;
    await bringBack(db, writer, loan, { to: today, ...(seen ? { stateBack: seen } : {}) });
    const instrument = await db.instruments.get(loan.instrumentId ?? '');
    if (instrument && (instrument.state ?? 'fine') !== state)
      await writer.put('instruments', { ...instrument, state });
  });
