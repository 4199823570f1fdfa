import type { Family } from '../../instruments';
import type { Pose } from '../pose/pose';
import type { Squeezed } from '../squeeze';
import type { ViewName } from '../views';

/** What leads the eye to a fault besides its line: a ring at a place, a plumb or a level line through it. */
export interface Cue {
  readonly spot: string;
  /** Radius of the ring, as a share of height. */
  readonly ring: number;
  readonly line?: 'plumb' | 'level';
  /** Through what the line runs, where that is not the ring's own place. */
  readonly lineAt?: string;
}

/** One way in which a player, an instrument or what belongs to it can stray from a pose. */
export interface ChangeKind {
  readonly families: readonly Family[];
  /** `there`: something that is there or not. */
  readonly unit: 'mm' | 'deg' | 'share' | 'there';
  /** How much it is when nothing else is said, and the most. */
  readonly usual: number;
  readonly most: number;
  readonly apply: (amount: number, pose: Pose, heightMm: number) => Partial<Pose>;
  /** Parts whose lines bear it, by the beginning of their name. */
  readonly parts: readonly string[];
  readonly cue: Cue;
  /** What it presses together: told instead of a place, since little of it moves. */
  readonly squeezes?: Squeezed;
  /** A spot that moves in the drawing, but stays in truth: what should be is shown as it lies to this. */
  readonly against?: string;
  /** From where it is seen best, by family where that differs. */
  readonly view: ViewName | Readonly<Partial<Record<Family, ViewName>>>;
  /** The pose in which it can be seen; playing where absent. */
  readonly pose?: string;
}

export const HEAD = ['head', 'hair', 'ear', 'nose', 'face'];
export const TRUNK = ['torso', 'leftShoulder', 'rightShoulder'];
export const BOW_HAND = ['rightPalm', 'rightFinger', 'rightThumb', 'rightWrist'];
export const INSTRUMENT = ['instrument', 'scroll', 'fingerboard', 'pin'];
export const BOW = ['bow', 'frog'];
export const LOW: readonly Family[] = ['cello', 'bass'];
/** Families that are played standing. */
export const STANDING: readonly Family[] = ['violin', 'viola', 'bass'];

type Short = readonly [unit: ChangeKind['unit'], usual: number, most: number];

export const change = (
  families: readonly Family[],
  [unit, usual, most]: Short,
  apply: ChangeKind['apply'],
  parts: readonly string[],
  cue: Cue,
  view: ChangeKind['view'],
  pose?: string
): ChangeKind => ({ families, unit, usual, most, apply, parts, cue, view, ...(pose ? { pose } : {}) });

export const at = (spot: string, ring: number, line?: Cue['line'], lineAt?: string): Cue => ({
  spot,
  ring,
  ...(line ? { line } : {}),
  ...(lineAt ? { lineAt } : {})
});

/** One view for violin and viola, another for cello and bass. */
export const byHold = (shoulder: ViewName, low: ViewName): ChangeKind['view'] => ({
  violin: shoulder,
  viola: shoulder,
  cello: low,
  bass: low
});
