import { daysBetween, type IsoDay } from '../time';
import type { FaultCause } from '../checks/types';
import type { OwnRecord } from './causes';

/** A remedy as it was begun. */
export interface TriedRemedy {
  readonly id: string;
  readonly checkId: string;
  readonly fault: string;
  readonly cause: FaultCause;
  readonly at: string;
  readonly day: IsoDay;
}

/** What was seen at one look at a check, by its strength on the scale of ratings, 0 to 4. */
export interface FaultLook {
  readonly checkId: string;
  readonly at: string;
  readonly day: IsoDay;
  readonly strength: number;
  readonly faults: readonly string[];
}

export type RemedyEffect = 'helped' | 'not-yet' | 'worse';

/** How a remedy stands. It closes after two looks, when another takes its place, or when nobody looked for long. */
export interface RemedyStanding<R extends TriedRemedy = TriedRemedy> {
  readonly remedy: R;
  /** What the looks since it was begun say, oldest first, two at most. */
  readonly effects: readonly { readonly day: IsoDay; readonly effect: RemedyEffect }[];
  readonly open: boolean;
  /** What counts in the end; null while nothing does. */
  readonly effect: RemedyEffect | null;
}

/** Looks after which a remedy is judged. */
const LOOKS_THAT_CLOSE = 2;
/** A remedy that nobody looked at for so long is given up, days. */
const LOST_AFTER_DAYS = 120;

/** The last look at a check on each day, oldest first: what a teacher corrects counts once. */
export function lookDays(looks: readonly FaultLook[], checkId: string): readonly FaultLook[] {
  const byDay = new Map<IsoDay, FaultLook>();
  for (const look of looks) {
    if (look.checkId !== checkId || look.strength === 0) continue;
    const known = byDay.get(look.day);
    if (!known || known.at <= look.at) byDay.set(look.day, look);
  }
  return [...byDay.values()].sort((a, b) => (a.day < b.day ? -1 : 1));
}

function effectOf(before: FaultLook | undefined, after: FaultLook, fault: string): RemedyEffect {
  const was = before?.strength ?? 1;
  if (after.strength < was) return 'worse';
  const gone = !after.faults.includes(fault);
  return gone || after.strength > was ? 'helped' : 'not-yet';
}

/**
 * How the remedies of one player stand. A look counts for one remedy at most: for the newest of its check that was
 * begun on an earlier day. Nothing is stored, so what is undone is not counted.
 */
export function remedyStandings<R extends TriedRemedy>(
  remedies: readonly R[],
  looks: readonly FaultLook[],
  today: IsoDay
): readonly RemedyStanding<R>[] {
  const inOrder = [...remedies].sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id));
  return inOrder.map((remedy, i): RemedyStanding<R> => {
    const next = inOrder.slice(i + 1).find(({ checkId }) => checkId === remedy.checkId);
    const days = lookDays(looks, remedy.checkId);
    const before = days.findLast(({ day }) => day <= remedy.day);
    const effects = days
      .filter(({ day }) => day > remedy.day && (!next || day <= next.day))
      .slice(0, LOOKS_THAT_CLOSE)
      .map((look) => ({ day: look.day, effect: effectOf(before, look, remedy.fault) }));
    const lost = daysBetween(effects.at(-1)?.day ?? remedy.day, today) > LOST_AFTER_DAYS;
    const open = effects.length < LOOKS_THAT_CLOSE && !next && !lost;
    return { remedy, effects, open, effect: effects.at(-1)?.effect ?? null };
  });
}

/** A fault of the library, whatever the player. */
export const faultKey = ({ checkId, fault }: Pick<TriedRemedy, 'checkId' | 'fault'>): string =>
  `${checkId}/${fault}`;

/** What worked here: for each fault the tries and successes of each kind of remedy that is judged. */
export function workedHere(standings: readonly RemedyStanding[]): ReadonlyMap<string, readonly OwnRecord[]> {
  const found = new Map<string, OwnRecord[]>();
  for (const { remedy, open, effect } of standings) {
    if (open || effect === null) continue;
    const key = faultKey(remedy);
    const records = found.get(key) ?? [];
    const known = records.find(({ cause }) => cause === remedy.cause);
    const { tries = 0, successes = 0 } = known ?? {};
    const now = {
      cause: remedy.cause,
      tries: tries + 1,
      successes: successes + (effect === 'helped' ? 1 : 0)
    };
    found.set(key, [...records.filter((one) => one !== known), now]);
  }
  return found;
}
