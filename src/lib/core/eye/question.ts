import { identityOf, sidesOf, type Check, type CheckScene, type Fault } from '../checks';
import { changeKind, type Change } from '../figure';
import { FAMILIES, sizesUp, type Family, type Size } from '../instruments';
import { dueNow, NOTHING_SEEN, type EyeRecord } from './record';

/** The checks of each family that pictures are taken from. */
export type Library = Readonly<Partial<Record<Family, readonly Check[]>>>;

/** The answer that all is as it should be. */
export const RIGHT = 'right';

/** One picture of somebody as they come, with one fault or none, and what it may be. */
export interface EyeQuestion {
  readonly family: Family;
  /** Whom it fits is drawn: other bodies each time. */
  readonly size: Size;
  readonly check: Check;
  /** Null where all is as it should be. */
  readonly fault: Fault | null;
  /** By what the fault is known in the record; null for right. */
  readonly key: string | null;
  /** The picture, and the same as it should be. */
  readonly scene: CheckScene;
  readonly right: CheckScene;
  /** What it may be, in any order: one of them is it. */
  readonly options: readonly { readonly id: string; readonly text: string }[];
  /** Which of them it is. */
  readonly answer: string;
}

/** So many pictures show nothing amiss. */
const RIGHT_SHARE = 0.25;
/** So often what is due comes back, where something is. */
const DUE_SHARE = 0.5;
/** Faults to choose from, besides that all is as it should be. */
const CHOICES = 4;

/** A picture of right and one of a fault, for a class to say which is which; null where the library has no faults. */
export function askPair(library: Library, random: () => number): EyeQuestion | null {
  for (;;) {
    const question = askEye(library, NOTHING_SEEN, random);
    if (question === null || question.fault !== null) return question;
  }
}

/** How much of a fault is shown by how often in a row it was told: as large as on a card, then as it is in truth. */
const SHARES = [1, 0.75, 0.55] as const;

/** A fault that is told is shown smaller; what is there or not stays as it is. */
function asOftenTold(scene: CheckScene, row: number): CheckScene {
  const share = SHARES[Math.min(row, SHARES.length - 1)] ?? 1;
  const isMarked = (one: Change) =>
    scene.marked.some(({ kind, amount }) => kind === one.kind && amount === one.amount);
  const smaller = (one: Change): Change => {
    const { unit, usual } = changeKind(one.kind);
    return unit === 'there' ? one : { ...one, amount: (one.amount ?? usual) * share };
  };
  return {
    ...scene,
    changes: scene.changes.map((one) => (isMarked(one) ? smaller(one) : one)),
    marked: scene.marked.map(smaller)
  };
}

/** A fault as it can be shown. */
interface Shown {
  readonly family: Family;
  readonly check: Check;
  readonly fault: Fault;
  readonly scene: CheckScene;
  readonly right: CheckScene;
}

const keyOf = ({ family, check, fault }: Shown): string => `${family}/${check.id}/${fault.id}`;

/** Every fault of a library that can be shown. */
const picksOf = (library: Library): readonly Shown[] =>
  FAMILIES.flatMap((family) =>
    (library[family] ?? []).flatMap((check) =>
      sidesOf(check, family).flatMap(({ right, faults }) =>
        faults.map(({ fault, scene }) => ({ family, check, fault, scene, right }))
      )
    )
  );

/**
 * The next picture: half the time something that was missed and is due, else any fault of any family, and now and then
 * nothing at all. What it may be are faults that are looked for from the same side first, then in the same category.
 *
 * @param random numbers from 0 to 1
 * @returns null where the library has no faults
 */
export function askEye(library: Library, record: EyeRecord, random: () => number): EyeQuestion | null {
  const picks = picksOf(library);
  const any = <T>(some: readonly T[]): T | undefined => some[Math.floor(random() * some.length)];
  const due = new Set(dueNow(record));
  const waiting = picks.filter((pick) => due.has(keyOf(pick)));
  const comesBack = waiting.length > 0 && random() < DUE_SHARE;
  const families = FAMILIES.filter((one) => library[one]?.length);
  const family = any(families);
  const pick = comesBack ? any(waiting) : any(picks.filter((one) => one.family === family));
  const size = pick && any(sizesUp(pick.family));
  if (!pick || !size) return null;
  const isRight = !comesBack && random() < RIGHT_SHARE;
  const { check, fault, scene, right } = pick;
  const near = ({ scene: other, check: theirs }: Shown): number =>
    theirs.id === check.id ? 0 : other.view === scene.view ? 1 : theirs.category === check.category ? 2 : 3;
  const others = picks
    .filter((one) => one.family === pick.family)
    .map((one) => ({ one, rank: near(one) + random() }))
    .sort((a, b) => a.rank - b.rank);
  const texts = new Map([[identityOf(check.id, fault.id), fault.text]]);
  for (const { one } of others) {
    if (texts.size === CHOICES) break;
    const is = identityOf(one.check.id, one.fault.id);
    if (!texts.has(is) && ![...texts.values()].includes(one.fault.text)) texts.set(is, one.fault.text);
  }
  const faults = [...texts].map(([id, text]) => ({ id, text, at: random() })).sort((a, b) => a.at - b.at);
  return {
    family: pick.family,
    size,
    check,
    fault: isRight ? null : fault,
    key: isRight ? null : keyOf(pick),
    scene: isRight ? right : asOftenTold(scene, record.faults[keyOf(pick)]?.row ?? 0),
    right,
    options: [{ id: RIGHT, text: 'All is as it should be' }, ...faults.map(({ id, text }) => ({ id, text }))],
    answer: isRight ? RIGHT : identityOf(check.id, fault.id)
  };
}
