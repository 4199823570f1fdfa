import { ageYears, GROWN_YEARS } from '$lib/core/growth';
import {
  dimensionsOf,
  isSmaller,
  sizesOf,
  type KnownInstrument,
  type MeasuredInstrument,
  type Size
} from '$lib/core/instruments';
import {
  foresee,
  outlook,
  type Decided,
  type Foresight,
  type Outlook,
  type OutlookQuestion
} from '$lib/core/outlook';
import { setupReview, type SetupReview, type SetupThen } from '$lib/core/setup';
import { proposeSize, type Proposal, type Readings, type SizingQuestion } from '$lib/core/sizing';
import type { IsoDay } from '$lib/core/time';
import { advise, type Advice } from '$lib/core/trial';
import type { Database } from '../store/database';
import { heightsOf, lengthsAtLastHeight, sexOf } from './lengths';
import { freshReadings } from '../commands/measurements';
import type { Draft, Fit, Measurement, Pain, Player, Settings, Setup, Trial } from '../store/records';
import { lentTo } from './lent';
import { getSettings, sizesInUse } from './settings';

/** Everything on record that a question about a player's size rests on, on a day. */
export interface PlayerCase {
  readonly player: Player;
  readonly measurements: readonly Measurement[];
  readonly fits: readonly Fit[];
  readonly trials: readonly Trial[];
  readonly pains: readonly Pain[];
  /** Where they matter; lists that only judge sizes leave them out. */
  readonly setups?: readonly Setup[];
  /** The fit under way, if any. */
  readonly draft: Draft | null;
  /** What the player has from the cupboard and was measured; where a size is decided it counts as it is. */
  readonly lent?: readonly KnownInstrument[];
  readonly settings: Settings;
  readonly today: IsoDay;
  /** Only lengths measured from this day on count; a fitting day measures anew. */
  readonly since?: IsoDay;
}

/** Newest first, by moment. */
export const newestFirst = <T extends { readonly at: string }>(records: readonly T[]): readonly T[] =>
  [...records].sort((a, b) => b.at.localeCompare(a.at));

/** Records by the player whom they belong to. */
export function groupByPlayer<T extends { readonly playerId: string }>(
  records: readonly T[]
): ReadonlyMap<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const record of records) {
    const group = groups.get(record.playerId);
    if (group) group.push(record);
    else groups.set(record.playerId, [record]);
  }
  return groups;
}

/** The newest decision on the family that a player plays now, if any. */
export const newestFitOf = ({ family }: Pick<Player, 'family'>, fits: readonly Fit[] = []): Fit | null =>
  fits
    .filter((fit) => fit.family === family)
    .reduce<Fit | null>((newest, one) => (newest && newest.at > one.at ? newest : one), null);

/** A player's case as it stands in the database; null for one who is not there. Also inside a change. */
export async function loadCase(db: Database, playerId: string, today: IsoDay): Promise<PlayerCase | null> {
  const player = await db.players.get(playerId);
  if (!player) return null;
  const owned = { playerId };
  return {
    player,
    measurements: await db.measurements.where(owned).toArray(),
    fits: await db.fits.where(owned).toArray(),
    trials: await db.trials.where(owned).toArray(),
    pains: await db.pains.where(owned).toArray(),
    draft: (await db.drafts.get(playerId)) ?? null,
    lent: (await lentTo(db, [playerId])).get(playerId) ?? [],
    settings: await getSettings(db),
    today
  };
}

/** Whether a record belongs to the fit under way: made since it was begun, or today where none is under way. */
export const isOfThisFit = (
  { draft, today }: Pick<PlayerCase, 'draft' | 'today'>,
  record: { readonly at: string; readonly day: string }
): boolean => (draft ? record.at >= draft.startedAt : record.day === today);

type OfThisFit = Pick<PlayerCase, 'player' | 'draft' | 'today'>;

/** The decision of this fit on the family that is played, null while it is open. */
export const decidedOf = (of: OfThisFit & Pick<PlayerCase, 'fits'>): Fit | null =>
  newestFitOf(
    of.player,
    of.fits.filter((fit) => isOfThisFit(of, fit))
  );

/** The trial of this fit on the family that is played, if one ended. */
export const triedOf = (of: OfThisFit & Pick<PlayerCase, 'trials'>): Trial | null =>
  newestFirst(of.trials).find((trial) => trial.family === of.player.family && isOfThisFit(of, trial)) ?? null;

/** Pain that was noted and is not closed, newest first. */
export const openPains = (pains: readonly Pain[]): readonly Pain[] =>
  newestFirst(pains.filter(({ closedAt }) => closedAt === null));

/** Readings that count today, mm. */
export const readingsOf = ({
  measurements,
  today,
  since
}: Pick<PlayerCase, 'measurements' | 'today' | 'since'>): Readings =>
  freshReadings(since ? measurements.filter(({ day }) => day >= since) : measurements, today);

/** The question for a size, from a player's case: the one place where it is put together. */
export function sizingQuestion(of: PlayerCase): SizingQuestion {
  const { player, settings, today, fits } = of;
  const { family } = player;
  const from = newestFirst(fits).find((fit) => fit.family !== family);
  return {
    family,
    readings: readingsOf(of),
    rule: settings.rule,
    sizes: sizesInUse(settings, family),
    overrides: settings.dimensions,
    instruments: instrumentsAtHand(of),
    pain: openPains(of.pains).length > 0 || triedOf(of)?.verdict === 'stopped',
    grown: player.birthMonth !== null && ageYears(player.birthMonth, today) >= GROWN_YEARS,
    ...(from ? { from: { family: from.family, size: from.size } } : {})
  };
}

/** Real instruments that were typed at this fit; those of another family were measured before a change of it. */
const typedInstruments = ({ draft, player }: Pick<PlayerCase, 'draft' | 'player'>) =>
  (draft?.instruments ?? []).filter(({ size }) => sizesOf(player.family).includes(size));

/** Those of known instruments whose length was measured, as sizes are judged by them. */
const measuredOf = (known: readonly KnownInstrument[] = []): readonly MeasuredInstrument[] =>
  known.flatMap(({ size, overallMm, stringMm }) =>
    overallMm === null ? [] : [{ size, overallMm, ...(stringMm === undefined ? {} : { stringMm }) }]
  );

/** Real instruments that count in a decision: those typed, and what the player has from the cupboard. */
export function instrumentsAtHand(of: Pick<PlayerCase, 'draft' | 'player' | 'lent'>): MeasuredInstrument[] {
  const typed = typedInstruments(of);
  return [...typed, ...measuredOf(of.lent).filter(({ size }) => typed.every((one) => one.size !== size))];
}

const decidedFrom = (fit: Fit): Decided => ({
  day: fit.day,
  borderline: fit.betweenSizes,
  besideTape: besideTape(fit)
});

/** The side on which a size was taken beside what the tape said. */
export const besideTape = ({
  family,
  size,
  proposal
}: Pick<Fit, 'family' | 'size' | 'proposal'>): Decided['besideTape'] =>
  isSmaller(family, size, proposal) ? 'smaller' : isSmaller(family, proposal, size) ? 'larger' : null;

/** The question for what comes with a size in use, from a player's case. */
export function outlookQuestion(
  of: PlayerCase,
  size: Size,
  fit = newestFitOf(of.player, of.fits)
): OutlookQuestion {
  const { player, measurements, trials, today } = of;
  const typed = typedInstruments(of);
  // The very instrument: what was lent since, else the one that was decided on, where it was measured.
  const lent = measuredOf(of.lent).filter((one) => one.size === size);
  const decided = fit?.size === size ? fit.instruments.filter((one) => one.size === size) : [];
  const own = lent.length > 0 ? lent : decided;
  const sizing = {
    ...sizingQuestion(of),
    readings: lengthsAtLastHeight(measurements, today),
    instruments: typed.length > 0 ? typed : own
  };
  const read = measurements.filter(({ readings }) => readings.length > 0);
  return {
    sizing,
    size,
    sex: sexOf(player),
    birthMonth: player.birthMonth,
    heights: heightsOf(measurements),
    measuredOn: lastDay(read),
    decided: fit && fit.size === size ? decidedFrom(fit) : null,
    agreedOn: lastDay(
      trials.filter(
        ({ family, size: tried, verdict }) =>
          family === player.family && tried === size && (verdict === 'keep' || verdict === 'larger')
      )
    ),
    today
  };
}

const lastDay = (records: readonly { readonly day: IsoDay }[]): IsoDay | null =>
  records.reduce<IsoDay | null>((last, { day }) => (last && last > day ? last : day), null);

/** What comes with a size. */
export const outlookFor = (of: PlayerCase, size: Size): Outlook => outlook(outlookQuestion(of, size));

/** What tape, trial and growth say together. */
export interface CaseAnswer {
  readonly proposal: Proposal;
  readonly tried: Trial | null;
  readonly advice: Advice;
}

/** Answers a player's case; null while too little is measured. */
export function answerCase(of: PlayerCase): CaseAnswer | null {
  const proposal = proposeSize(sizingQuestion(of));
  return proposal && answerWith(of, proposal);
}

/** Answers a player's case with a proposal that is known already. */
export function answerWith(of: PlayerCase, proposal: Proposal): CaseAnswer {
  const tried = triedOf(of);
  const { family } = of.player;
  const [smaller] = (tried && proposal.between) ?? [];
  const smallerOutgrown = smaller === undefined ? null : (outlookFor(of, smaller).outgrown?.middle ?? null);
  const [pain] = openPains(of.pains);
  const inUse = newestFitOf(of.player, of.fits)?.size ?? null;
  // One that was felt on another family says nothing of a size of this one.
  const hurts = pain ? { size: (pain.family === family ? pain.size : null) ?? inUse } : null;
  return {
    proposal,
    tried,
    advice: advise({ family, proposal, tried, hurts, today: of.today, smallerOutgrown })
  };
}

/** What is foreseen for a player with the size of the newest decision; null without one. */
export function foresightOf(of: PlayerCase): Foresight | null {
  const fit = newestFitOf(of.player, of.fits);
  if (!fit) return null;
  // Lengths without a height near them count while they are fresh, on the day from which it is foreseen.
  const last = of.measurements.reduce((latest, { day }) => (day > latest ? day : latest), fit.day);
  return foresee(outlookQuestion({ ...of, today: last }, fit.size, fit));
}

/** A set-up that was kept, with the lengths on which it rests, as its drift is judged. */
export const setupThenOf = (setup: Setup, { dimensions }: Pick<Settings, 'dimensions'>): SetupThen => ({
  kind: setup.kind,
  instrument: dimensionsOf(setup.family, setup.size, dimensions),
  ...(setup.kind === 'rest'
    ? { rest: { school: setup.choices.school, chinRestMm: setup.settings.chinRest.value } }
    : {}),
  lengths: setup.basis.lengths
});

/** When the set-up on the size in use is to be looked at again; null without one. */
export function setupReviewOf(of: PlayerCase): SetupReview | null {
  const fit = newestFitOf(of.player, of.fits);
  const setup = newestFirst(of.setups ?? []).find(({ fitId }) => fitId === fit?.id);
  if (!fit || !setup) return null;
  return setupReview(setupThenOf(setup, of.settings), {
    sex: sexOf(of.player),
    birthMonth: of.player.birthMonth,
    heights: heightsOf(of.measurements),
    today: of.today
  });
}
