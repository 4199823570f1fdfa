import {
  USUAL_COSTS,
  leansOf,
  termsFrom,
  wantedOn,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Out
} from '$lib/core/cupboard';
import type { Family, Size } from '$lib/core/instruments';
import { sizesUp } from '$lib/core/instruments';
import type { IsoDay } from '$lib/core/time';
import type { Database } from '../store/database';
import { answerCase, loadCase } from './case';
import type { Cupboard, StoredInstrument } from './cupboard';
import type { RosterEntry } from './roster';
import { getSettings, sizesInUse } from './settings';

/** Less likely than this a size is no longer looked at. */
const HARDLY = 0.02;

/**
 * An instrument in a plan: what is out of use or away for mending is not there in the first term, and what is with
 * somebody who is not asked about stays there.
 */
function instrumentOf(
  one: StoredInstrument,
  { terms, holder, leans }: { terms: number; holder: string | null; leans: number }
): AssignInstrument {
  const there = Array.from({ length: terms }, (_, term) =>
    one.state === 'out-of-use' ? false : one.state !== 'workshop' || term > 0
  );
  const shared = one.shared ?? false;
  return {
    id: one.id,
    size: one.size,
    shared,
    only: shared ? null : holder,
    there,
    rental: false,
    leans,
    steps: null
  };
}

/** What the tape says of somebody whose size is open, or is too small by now. */
async function byTape(db: Database, id: string, today: IsoDay) {
  const of = await loadCase(db, id, today);
  const answer = of && answerCase(of);
  const likely = (answer?.proposal.candidates ?? [])
    .map(({ size, probability: chance }) => ({ size, chance }))
    .filter(({ chance }) => chance >= HARDLY);
  const sum = likely.reduce((all, { chance }) => all + chance, 0);
  return likely.map(({ size, chance }) => ({ size, chance: chance / sum }));
}

const OPEN = ['measured-too-small', 'probably-too-small', 'new', 'under-way', 'measured-too-large'];

/** For when a plan is, and what of it the teacher fixed: an instrument or nothing, by player, in every term. */
export interface PlanAsked {
  readonly today: IsoDay;
  readonly terms: number;
  readonly fixed?: ReadonlyMap<string, string | null>;
}

/**
 * Who gets what of a family, as a question for the plan. Whoever hurts keeps what is in use and nothing is proposed;
 * of whom nothing is measured nobody knows what to give, so they are left out.
 */
export async function planQuestion(
  db: Database,
  family: Family,
  { instruments, out }: Cupboard,
  entries: readonly RosterEntry[],
  { today, terms, fixed = new Map() }: PlanAsked
): Promise<AssignQuestion> {
  const settings = await getSettings(db);
  const own = instruments.filter((one) => one.family === family);
  const inUse = sizesInUse(settings, family);
  const sizes: readonly Size[] = sizesUp(family, [...inUse, ...own.map(({ size }) => size)]);
  const mine = new Set(own.map(({ id }) => id));
  const nowOf = new Map(
    out
      .filter(({ instrumentId }) => mine.has(instrumentId))
      .map((loan: Out) => [loan.playerId, loan.instrumentId])
  );
  const days = termsFrom(today, terms, settings.termStarts);
  const players: AssignPlayer[] = [];
  for (const { player, standing, foresight } of entries) {
    if (player.family !== family) continue;
    const now = nowOf.get(player.id) ?? null;
    const hurts = standing === 'pain';
    const known = OPEN.includes(standing) ? await byTape(db, player.id, today) : [];
    const size = foresight?.size ?? null;
    if (known.length === 0 && size === null) continue;
    const wanted = days.map((day) =>
      known.length > 0 ? known : wantedOn(size ?? '', foresight?.outgrown ?? null, sizes, day)
    );
    if (hurts && now === null) continue;
    players.push({
      id: player.id,
      wanted,
      now,
      noLarger: standing === 'measured-too-large',
      fixed:
        hurts || fixed.has(player.id)
          ? days.map((_, term) => ({ term, instrumentId: hurts ? now : (fixed.get(player.id) ?? null) }))
          : [],
      slots: player.groupId === null ? [] : [player.groupId]
    });
  }
  const asked = new Set(players.map(({ id }) => id));
  const holders = new Map(
    out.filter(({ playerId }) => !asked.has(playerId)).map((loan) => [loan.instrumentId, loan.playerId])
  );
  return {
    sizes,
    terms,
    players: players.sort((a, b) => (a.id < b.id ? -1 : 1)),
    instruments: own
      .map((one) =>
        instrumentOf(one, {
          terms,
          holder: holders.get(one.id) ?? null,
          leans: leansOf(one, sizes, settings.dimensions)
        })
      )
      .sort((a, b) => (a.id < b.id ? -1 : 1)),
    costs: settings.costs ?? USUAL_COSTS
  };
}
