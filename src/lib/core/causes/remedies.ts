import { daysBetween, type IsoDay } from '../time';
import { identityOf, seenIn } from '../checks/identities';
import { SECURE } from '../checks/strength';
import type { KeptCause } from '../checks/types';
import type { OwnRecord } from './causes';

/** A remedy as it was begun. */
export interface TriedRemedy {
  readonly id: string;
  readonly checkId: string;
  readonly fault: string;
  readonly cause: KeptCause;
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
  /** Faults that were looked for and are not there. */
  readonly absent?: readonly string[];
}

/** What looks say of a fault: it is seen, or was looked for and is not there. What was not looked for says nothing. */
export type Sight = 'seen' | 'absent';

export type RemedyEffect = 'helped' | 'not-yet';

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

/** What one look says of a fault of an identity; null where it says nothing. A check that is secure has none. */
function sightIn({ checkId, strength, faults, absent = [] }: FaultLook, identity: string): Sight | null {
  if (faults.some((fault) => identityOf(checkId, fault) === identity)) return 'seen';
  if (absent.some((fault) => identityOf(checkId, fault) === identity)) return 'absent';
  return strength === SECURE && seenIn(identity).some((place) => place.checkId === checkId) ? 'absent' : null;
}

/**
 * What the looks say of a fault, wherever it is seen, by day and oldest first. The last look at a check on a day counts,
 * for what a teacher corrects counts once; what is seen at one check is there, whatever another says.
 */
export function sightsOf(
  looks: readonly FaultLook[],
  identity: string
): readonly { readonly day: IsoDay; readonly sight: Sight }[] {
  const last = new Map<string, FaultLook>();
  for (const look of looks) {
    const key = `${look.day} ${look.checkId}`;
    const known = last.get(key);
    if (!known || known.at <= look.at) last.set(key, look);
  }
  const days = new Map<IsoDay, Sight>();
  for (const look of last.values()) {
    const sight = sightIn(look, identity);
    if (sight && days.get(look.day) !== 'seen') days.set(look.day, sight);
  }
  return [...days].map(([day, sight]) => ({ day, sight })).sort((a, b) => (a.day < b.day ? -1 : 1));
}

/** A fault, whatever the player and wherever it is seen. */
export const faultKey = ({ checkId, fault }: Pick<TriedRemedy, 'checkId' | 'fault'>): string =>
  identityOf(checkId, fault);

/**
 * How the remedies of one player stand, each by the fault that it was begun for. A look counts for one remedy at most:
 * for the newest of its fault that was begun on an earlier day. Nothing is stored, so what is undone is not counted.
 */
export function remedyStandings<R extends TriedRemedy>(
  remedies: readonly R[],
  looks: readonly FaultLook[],
  today: IsoDay
): readonly RemedyStanding<R>[] {
  const inOrder = [...remedies].sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id));
  return inOrder.map((remedy, i): RemedyStanding<R> => {
    const identity = faultKey(remedy);
    const next = inOrder.slice(i + 1).find((one) => faultKey(one) === identity);
    const effects = sightsOf(looks, identity)
      .filter(({ day }) => day > remedy.day && (!next || day <= next.day))
      .slice(0, LOOKS_THAT_CLOSE)
      .map(({ day, sight }) => ({
        day,
        effect: sight === 'absent' ? ('helped' as const) : ('not-yet' as const)
      }));
    const lost = daysBetween(effects.at(-1)?.day ?? remedy.day, today) > LOST_AFTER_DAYS;
    const open = effects.length < LOOKS_THAT_CLOSE && !next && !lost;
    return { remedy, effects, open, effect: effects.at(-1)?.effect ?? null };
  });
}

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
