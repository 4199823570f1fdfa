import { expectedLength, MEASUREMENTS, type MeasurementId } from '$lib/core/body';
import { ageYears, heightsAt, heightOfZ, type Sex } from '$lib/core/growth';
import { FAMILIES, isShoulderFamily, type Family } from '$lib/core/instruments';
import { clamp } from '$lib/core/maths';
import { daysLater, type IsoDay, type IsoMonth } from '$lib/core/time';

/** Numbers that are the same each time the same story is told. */
export interface Dice {
  /** 0 to 1. */
  readonly roll: () => number;
  /** Round nought by the bell curve, spread one. */
  readonly bell: () => number;
  readonly chance: (share: number) => boolean;
  readonly one: <T>(of: readonly T[]) => T;
}

export function diceOf(seed: number): Dice {
  let state = Math.imul(seed + 1, 2654435761) >>> 0;
  const roll = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  for (let i = 0; i < 4; i++) roll();
  return {
    roll,
    bell: () => Math.sqrt(-2 * Math.log(1 - roll())) * Math.cos(2 * Math.PI * roll()),
    chance: (share) => roll() < share,
    one: (of) => {
      const found = of[Math.floor(roll() * of.length)];
      if (found === undefined) throw new RangeError('nothing to choose from');
      return found;
    }
  };
}

/** The lengths that a teacher reads, besides the height. */
const READ: Readonly<Record<'shoulder' | 'cello' | 'bass', readonly MeasurementId[]>> = {
  shoulder: ['armToPalm', 'armToWrist', 'handLength', 'neckGap'],
  cello: ['lowerLeg', 'seatedEar', 'armReach', 'handSpan'],
  bass: ['gripHang', 'cheek', 'eyebrow', 'handSpan']
};

export const FIRST_DAY: IsoDay = '2026-02-01';

/** A child, or an adult, who was made up. */
export interface Child {
  readonly family: Family;
  readonly sex: Sex | null;
  /** Null where nobody told. */
  readonly birthMonth: IsoMonth | null;
  /** What a teacher reads on a day, mm: with the tape's error, and some of it never. */
  readonly read: (day: IsoDay) => readonly (readonly [MeasurementId, number])[];
  /** In a line, to tell the story. */
  readonly told: string;
}

/** From four years to grown up; tall, short and average, with long arms or short ones. */
export function childOf({ roll, bell, chance, one }: Dice): Child {
  const family = one(FAMILIES);
  const years = chance(0.1) ? 19 + 40 * roll() : 4 + 14 * roll();
  const sex = one<Sex | null>(['female', 'male', null]);
  const score = clamp(bell(), -2.5, 2.5);
  const born = daysLater(FIRST_DAY, -Math.round(years * 365.25)).slice(0, 7);
  const ids = READ[isShoulderFamily(family) ? 'shoulder' : family];
  const build = new Map(
    ids.map((id) => [id, 1 + (MEASUREMENTS[id].expectedShare ?? 0) * clamp(bell(), -2, 2)])
  );
  const skipped = new Set(ids.filter(() => chance(0.3)));
  const heightAt = (day: IsoDay) => heightOfZ(score, heightsAt(sex, ageYears(born, day)));
  const taken = (id: MeasurementId, mm: number) =>
    [id, Math.round(mm + MEASUREMENTS[id].sdMm * clamp(bell(), -2, 2))] as const;
  return {
    family,
    sex,
    birthMonth: chance(0.85) ? born : null,
    read: (day) => {
      const heightMm = heightAt(day);
      return [
        taken('height', heightMm),
        ...ids
          .filter((id) => !skipped.has(id))
          .map((id) => taken(id, (build.get(id) ?? 1) * expectedLength(id, heightMm).mm))
      ];
    },
    told: `${family}, ${years.toFixed(1)} years, ${Math.round(heightAt(FIRST_DAY))} mm, ${sex ?? 'either'}`
  };
}
