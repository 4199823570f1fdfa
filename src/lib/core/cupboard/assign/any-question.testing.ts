import { USUAL_COSTS, type AssignInstrument, type AssignPlayer, type AssignQuestion } from './types';
import { seeded } from '../../dice.testing';

export const player = (
  id: string,
  wanted: AssignPlayer['wanted'],
  rest: Partial<AssignPlayer> = {}
): AssignPlayer => ({
  id,
  wanted,
  now: null,
  noLarger: false,
  fixed: [],
  slots: [],
  ...rest
});
export const instrument = (
  id: string,
  size: string,
  rest: Partial<AssignInstrument> = {},
  terms = 1
): AssignInstrument => ({
  id,
  size,
  shared: false,
  only: null,
  there: Array.from({ length: terms }, () => true),
  rental: false,
  steps: null,
  ...rest
});
export const surely = (size: string) => [{ size, chance: 1 }];
export const question = (rest: Partial<AssignQuestion>): AssignQuestion => ({
  sizes: ['1/8', '1/4', '1/2', '3/4', '4/4'],
  terms: 1,
  players: [],
  instruments: [],
  costs: USUAL_COSTS,
  ...rest
});

const SIZES = ['1/8', '1/4', '1/2', '3/4'];

/** A school that nobody chose. Some instruments are measured, for the room or rented, some away. */
export function anyQuestion(
  seed: number,
  { least = 1, most, terms, slots = 1 }: { least?: number; most: number; terms: number; slots?: number }
): AssignQuestion {
  const random = seeded(seed * 7919 + 1);
  const any = <T>(some: readonly T[]): T => some[Math.floor(random() * some.length)] as T;
  const count = () => least + Math.floor(random() * (most - least + 1));
  const instruments = Array.from({ length: count() }, (_, at) => {
    const [kind, away] = [random(), random()];
    return instrument(`i${at}`, any(SIZES), {
      there: Array.from({ length: terms }, (_, term) => away > 0.15 || term > 0),
      shared: kind < 0.15,
      rental: kind > 0.93
    });
  });
  const days = () => [...new Set(Array.from({ length: slots }, () => any(['mon', 'thu', 'fri'])))];
  const free = instruments.filter(({ shared, rental }) => !shared && !rental).map(({ id }) => id);
  const players = Array.from({ length: count() }, (_, at): AssignPlayer => {
    let size = Math.floor(random() * SIZES.length);
    const wanted = Array.from({ length: terms }, () => {
      size = Math.min(SIZES.length - 1, size + (random() < 0.3 ? 1 : 0));
      const chance = Math.round(random() * 10) / 10;
      const next = SIZES[size + 1];
      return next === undefined
        ? surely(SIZES[size] ?? '1/8')
        : [
            { size: SIZES[size] ?? '1/8', chance: 1 - chance },
            { size: next, chance }
          ];
    });
    const now = random() < 0.6 ? (free.splice(0, 1)[0] ?? null) : null;
    const fixed = random() < 0.1 ? [{ term: 0, instrumentId: null }] : [];
    return player(`p${at}`, wanted, { now, noLarger: random() < 0.15, slots: days(), fixed });
  });
  /** How a measured one lands: near its label, and not for everybody the same. */
  const stepsOf = (size: string) =>
    new Map(
      players.map(({ id, wanted }) => {
        const label = SIZES.indexOf(size) - SIZES.indexOf(wanted[0]?.[0]?.size ?? size);
        return [id, label + Math.round(random() * 1.4 - 0.7)] as const;
      })
    );
  const some = instruments.map((one) => (random() < 0.2 ? { ...one, steps: stepsOf(one.size) } : one));
  return question({ terms, players, instruments: some });
}
