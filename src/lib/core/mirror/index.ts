import type { Check } from '../checks';
import { changeKind, type ChangeName } from '../figure';
import type { Family } from '../instruments';

/** A line that is laid over a live picture. */
export const MIRROR_LINES = ['plumb', 'level', 'slant', 'square'] as const;
export type MirrorLine = (typeof MIRROR_LINES)[number];

/** What strays from a direction is held against that, whatever leads the eye to it in a drawing. */
const HELD_AGAINST: Readonly<Partial<Record<ChangeName, MirrorLine>>> = {
  'bow-oblique': 'square',
  'scroll-to-side': 'slant',
  'scroll-to-front': 'slant'
};

/**
 * The lines that belong to a check: what its faults are held against. A bow is held against a right angle to the string,
 * a scroll against the way's direction; where nothing says otherwise, plumb and level serve.
 */
export function linesFor(check: Check, family: Family): readonly MirrorLine[] {
  const own = check.faults
    .flatMap(({ changes }) => changes)
    .filter(({ kind }) => changeKind(kind).families.includes(family))
    .flatMap(({ kind }) => HELD_AGAINST[kind] ?? changeKind(kind).cue.line ?? []);
  const found = MIRROR_LINES.filter((line) => own.includes(line));
  return found.length > 0 ? found : ['plumb', 'level'];
}

/** A line over a picture: where its middle is, as shares of the picture, and how it runs. */
export interface LaidLine {
  readonly line: MirrorLine;
  readonly x: number;
  readonly y: number;
  /** From level, counter-clockwise as one sees it, degrees. */
  readonly deg: number;
}

const USUAL_DEG: Readonly<Record<MirrorLine, number>> = { plumb: 90, level: 0, slant: 45, square: 20 };

/** A line as it is laid first, in the middle. */
export const laid = (line: MirrorLine, deg = USUAL_DEG[line]): LaidLine => ({ line, x: 0.5, y: 0.5, deg });

/** Whether a line may be turned: plumb and level are what they are. */
export const canTurn = (line: MirrorLine): boolean => line === 'slant' || line === 'square';

const within = (share: number): number => Math.min(0.98, Math.max(0.02, share));

/** A line moved by shares of the picture; it stays within it. A level line only goes up and down, a plumb one across. */
export const movedBy = (one: LaidLine, dx: number, dy: number): LaidLine => ({
  ...one,
  x: one.line === 'level' ? one.x : within(one.x + dx),
  y: one.line === 'plumb' ? one.y : within(one.y + dy)
});

/** A line turned; what may not be turned stays. */
export const turnedBy = (one: LaidLine, deg: number): LaidLine =>
  canTurn(one.line) ? { ...one, deg: (((one.deg + deg) % 180) + 180) % 180 } : one;

/**
 * The strokes of a line in a picture of a size, from edge to edge and beyond: one, or two that cross at a right angle.
 */
export function strokesOf(
  { line, x, y, deg }: LaidLine,
  width: number,
  height: number
): readonly { readonly from: readonly [number, number]; readonly to: readonly [number, number] }[] {
  const far = Math.hypot(width, height);
  const stroke = (angle: number) => {
    const [dx, dy] = [Math.cos((angle * Math.PI) / 180) * far, -Math.sin((angle * Math.PI) / 180) * far];
    const at = [x * width, y * height] as const;
    return { from: [at[0] - dx, at[1] - dy] as const, to: [at[0] + dx, at[1] + dy] as const };
  };
  return line === 'square' ? [stroke(deg), stroke(deg + 90)] : [stroke(deg)];
}
