import type { Size } from '../instruments';
import type { Assignment } from './assign/assign';
import type { AssignQuestion, Wanted } from './assign/types';

/** What a plan says of a player in a term, and why. Who stays on what is likeliest to fit needs no word. */
export interface PlanLine {
  readonly kind:
    /** Gets another instrument, or a first one. */
    | 'moves'
    /** Stays on, or gets, a size that is not the likeliest: none of that is left, or it is too soon for it. */
    | 'makes-do'
    /** Has nothing. */
    | 'waits';
  readonly playerId: string;
  readonly term: number;
  readonly from: string | null;
  readonly to: string | null;
  /** The size that is likeliest to fit then, and how likely. */
  readonly wanted: Wanted;
  /** How likely that size would be too large. */
  readonly tooLarge: number;
  /** Somebody else has every one of that size, or it is away. */
  readonly noneLeft: boolean;
}

const likeliest = (wanted: readonly Wanted[]): Wanted | null =>
  wanted.reduce<Wanted | null>((best, one) => (best && best.chance >= one.chance ? best : one), null);

/** The lines of a plan, term by term in the order of its players; who waits on or makes do again is told once. */
export function linesOf(
  { players, terms, instruments, sizes }: Pick<AssignQuestion, 'players' | 'terms' | 'instruments' | 'sizes'>,
  { assignments }: Pick<Assignment, 'assignments'>
): readonly PlanLine[] {
  const has = new Map(assignments.map((one) => [`${one.playerId} ${one.term}`, one.instrumentId]));
  const sizeOf = new Map<string | null, Size>(instruments.map(({ id, size }) => [id, size]));
  const taken = new Set(assignments.map(({ instrumentId, term }) => `${instrumentId} ${term}`));
  const isLeft = (size: Size, term: number): boolean =>
    instruments.some(
      (one) => one.size === size && one.there[term] === true && !taken.has(`${one.id} ${term}`)
    );
  const lines: PlanLine[] = [];
  for (let term = 0; term < terms; term++)
    for (const { id, now, wanted, fixed } of players) {
      // Of what was fixed nothing is proposed: nor of whoever hurts.
      if (fixed.some((one) => one.term === term)) continue;
      const from = term === 0 ? now : (has.get(`${id} ${term - 1}`) ?? null);
      const to = has.get(`${id} ${term}`) ?? null;
      const best = likeliest(wanted[term] ?? []);
      if (!best) continue;
      const moved = from !== to;
      const isRight = sizeOf.get(to) === best.size;
      const line = {
        playerId: id,
        term,
        from,
        to,
        wanted: best,
        tooLarge: (wanted[term] ?? []).reduce(
          (sum, one) => sum + (sizes.indexOf(one.size) < sizes.indexOf(best.size) ? one.chance : 0),
          0
        ),
        noneLeft: !isLeft(best.size, term)
      };
      if (to === null) {
        if (moved || term === 0) lines.push({ ...line, kind: 'waits' });
      } else if (!isRight && (moved || term === 0)) lines.push({ ...line, kind: 'makes-do' });
      else if (moved) lines.push({ ...line, kind: 'moves' });
    }
  return lines;
}
