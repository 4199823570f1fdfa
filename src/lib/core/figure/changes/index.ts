import type { Family } from '../../instruments';
import type { Pose } from '../pose/pose';
import type { ViewName } from '../views';
import { BODY_CHANGES } from './body';
import { BOW_CHANGES } from './bow';
import { INSTRUMENT_CHANGES } from './instrument';
import type { ChangeKind } from './kind';
import { KIT_CHANGES } from './kit';
import { LEFT_HAND_CHANGES } from './left-hand';
import { PLUCKING_CHANGES } from './plucking';

export type { ChangeKind, Cue } from './kind';

/**
 * Every way to stray from a pose, by its name. An amount of 0 changes nothing; a larger amount goes further the same
 * way.
 *
 * Source: the faults that string teachers look for, from the body outward.
 */
export const CHANGES = {
  ...BODY_CHANGES,
  ...INSTRUMENT_CHANGES,
  ...LEFT_HAND_CHANGES,
  ...BOW_CHANGES,
  ...PLUCKING_CHANGES,
  ...KIT_CHANGES
} as const;

export type ChangeName = keyof typeof CHANGES;
export const CHANGE_NAMES = Object.keys(CHANGES) as readonly ChangeName[];
export const changeKind = (name: ChangeName): ChangeKind => CHANGES[name];

export interface Change {
  readonly kind: ChangeName;
  /** In the kind's unit; its usual amount without one. */
  readonly amount?: number;
}

/** The kinds that make sense for a family. */
export const changesFor = (family: Family): readonly ChangeName[] =>
  CHANGE_NAMES.filter((name) => changeKind(name).families.includes(family));

/** From where a change is seen best. */
export function viewOf(name: ChangeName, family: Family): ViewName {
  const { view } = changeKind(name);
  return typeof view === 'string' ? view : (view[family] ?? 'front');
}

/** A pose with changes, one after the other; an amount of 0 leaves it as it is. */
export const changed = (pose: Pose, changes: readonly Change[], heightMm: number): Pose =>
  changes.reduce<Pose>((so, { kind, amount }) => {
    const { apply, usual } = changeKind(kind);
    const much = amount ?? usual;
    return much === 0 ? so : { ...so, ...apply(much, so, heightMm) };
  }, pose);
