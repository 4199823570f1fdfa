import { ANGLE_RANGE_DEG } from '../cello';
import type { NominalInstrument } from '../instruments';
import { rangeOf, type SettingId, type SettingRange, type SetupKind } from './kinds';
import type { OwnRest, OwnRestKind } from './own-rests';
import { LIFT_MAX_MM, SUPPORT_OF, type RestSchool } from './rest-schools';

/** What a setting can be depends on: the instrument, the way of filling the gap, and what the teacher has. */
export interface ReachQuestion {
  readonly kind: SetupKind;
  /** Its pin; none where only the kind is known. */
  readonly instrument?: Pick<NominalInstrument, 'pinMinMm' | 'pinMaxMm'> | null;
  /** Violin and viola. */
  readonly school?: RestSchool;
  /** Where a bass's pin has notches, mm of pin. */
  readonly notchesMm?: readonly number[] | undefined;
  /** What the teacher has in the cupboard; without any of a kind, all that is made. */
  readonly rests?: readonly OwnRest[];
}

/** Which of the teacher's own rests sets what. */
const SET_BY: Readonly<Partial<Record<SettingId, OwnRestKind>>> = {
  chinRest: 'chin-rest',
  shoulderFoot: 'shoulder-rest',
  chestFoot: 'shoulder-rest',
  restWidth: 'shoulder-rest'
};

/** The ends that are given by what is at hand; null where nothing at hand says. */
function endsAtHand(id: SettingId, question: ReachQuestion): readonly [low: number, high: number] | null {
  const { kind, instrument, school, notchesMm = [], rests = [] } = question;
  if (id === 'angle') return ANGLE_RANGE_DEG;
  if (id === 'pin') {
    if (kind === 'standing' && notchesMm.length > 1) return [Math.min(...notchesMm), Math.max(...notchesMm)];
    return [instrument?.pinMinMm ?? -Infinity, instrument?.pinMaxMm ?? Infinity];
  }
  const support = school && SUPPORT_OF[school];
  const by = id === 'lift' ? (support === 'pad' || support === 'sponge' ? 'pad' : null) : SET_BY[id];
  const own = by ? rests.filter((rest) => rest.kind === by && rest.count > 0) : [];
  const hull = (low: (rest: OwnRest) => number, high: (rest: OwnRest) => number) =>
    own.length === 0 ? null : ([Math.min(...own.map(low)), Math.max(...own.map(high))] as const);
  const ends =
    id === 'restWidth'
      ? hull(
          ({ narrowMm }) => narrowMm ?? -Infinity,
          ({ wideMm }) => wideMm ?? Infinity
        )
      : hull(
          ({ lowMm }) => lowMm,
          ({ highMm }) => highMm
        );
  if (id !== 'lift' || !school) return ends;
  return [0, Math.min(LIFT_MAX_MM[school], ends?.[1] ?? Infinity)];
}

/**
 * What a setting can be here: the one source that planning, looks, causes and warnings ask. Within what can be typed at
 * all, the instrument's pin and its notches, the school's lift, and the rests that the teacher has.
 *
 * @throws RangeError for a setting that the kind does not have
 */
export function reachOf(id: SettingId, question: ReachQuestion): SettingRange {
  const { low, high, tolerance } = rangeOf(question.kind, id);
  const [from, to] = endsAtHand(id, question) ?? [low, high];
  return { low: Math.max(low, from), high: Math.min(high, Math.max(to, from)), tolerance };
}
