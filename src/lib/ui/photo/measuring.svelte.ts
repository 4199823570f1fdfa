import type { Family } from '$lib/core/instruments';
import {
  angleKind,
  anglesFor,
  bandOf,
  errorOf,
  isOffered,
  needsLevel,
  readAngle,
  rollOf,
  turned,
  usualPoints,
  verdictOf,
  type Agreed,
  type AngleId,
  type At
} from '$lib/core/photo';
import { POINT_WORDS } from '$lib/words/photo';

/** The shares of the picture at which the ends of a level line lie first. */
const LEVEL_AT = [0.3, 0.7, 0.12] as const;

interface MeasuringQuestion {
  readonly family: Family;
  readonly checkId: string;
  readonly agreed: Agreed;
  readonly width: number;
  readonly height: number;
}

/** An angle being read from a still: its points, one after the other, in the still's own pixels. */
export class Measuring {
  readonly #question: () => MeasuringQuestion;
  readonly offered: readonly AngleId[] = $derived.by(() => {
    const { family, checkId, width, height, agreed } = this.#question();
    return anglesFor(family, checkId).filter((id) => isOffered(id, width, height, bandOf(id, agreed)));
  });
  #chosen = $state<AngleId | null>(null);
  /** The points of the angle, then the two ends of the level line where one is drawn. */
  points = $state.raw<readonly At[]>([]);
  /** Which of them were laid: the others stand where they usually are. */
  laid = $state.raw<readonly boolean[]>([]);
  levels = $state(false);
  distanceMm = $state(1500);
  /** The camera was put at the part's height and square to it. */
  square = $state(false);

  /** @param before what was measured on the still before: its level line, distance and care serve on */
  constructor(question: () => MeasuringQuestion, before: Measuring | null = null) {
    this.#question = question;
    const [first] = this.offered;
    if (before) {
      this.levels = before.levels;
      this.points = before.points;
      this.square = before.square;
    }
    const same = before?.angle && this.offered.includes(before.angle) ? before : null;
    const begun = same?.angle ?? first;
    if (begun) this.choose(begun);
    if (same) this.distanceMm = same.distanceMm;
  }

  get angle(): AngleId | null {
    return this.#chosen;
  }
  get kind() {
    return this.#chosen && angleKind(this.#chosen);
  }

  choose(id: AngleId): void {
    const { width, height } = this.#question();
    const level = this.levels ? this.points.slice(-2) : [];
    this.#chosen = id;
    this.distanceMm = angleKind(id).distanceMm;
    const points = usualPoints(id, width, height);
    this.points = [...points, ...level].map((at) => this.#within(at));
    this.laid = [...points.map(() => false), ...level.map(() => true)];
  }

  /** Draws a level line, or takes it away. */
  toggleLevel(): void {
    const { width, height } = this.#question();
    this.levels = !this.levels;
    if (this.levels) {
      const [from, to, down] = LEVEL_AT;
      this.points = [...this.points, [from * width, down * height], [to * width, down * height]];
      this.laid = [...this.laid, false, false];
    } else {
      this.points = this.points.slice(0, -2);
      this.laid = this.laid.slice(0, -2);
    }
  }

  readonly names: readonly string[] = $derived.by(() => [
    ...(this.kind?.points ?? []).map(([point]) => POINT_WORDS[point]),
    ...(this.levels ? ['one end of something level or upright', 'its other end'] : [])
  ]);
  /** The point that is laid next; -1 once all are. */
  readonly next: number = $derived.by(() => this.laid.indexOf(false));

  #within([x, y]: At): At {
    const { width, height } = this.#question();
    return [Math.min(width, Math.max(0, x)), Math.min(height, Math.max(0, y))];
  }
  lay(index: number, at: At): void {
    this.points = this.points.map((one, i) => (i === index ? this.#within(at) : one));
    this.accept(index);
  }
  /** It lies where it should. */
  accept(index: number): void {
    this.laid = this.laid.map((one, i) => one || i === index);
  }

  /** The points of the angle itself. */
  readonly own = $derived.by(() => this.points.slice(0, this.kind?.points.length ?? 0));
  readonly #level = $derived.by((): readonly [At, At] | null => {
    const [from, to] = this.levels ? this.points.slice(-2) : [];
    return from && to ? [from, to] : null;
  });
  /** What is read, once all points are laid. */
  readonly result = $derived.by(() => {
    const { angle } = this;
    if (!angle || this.next >= 0) return null;
    const { width, height, agreed } = this.#question();
    const level = this.#level;
    const roll = level ? rollOf(level) : 0;
    const deg = readAngle(angle, this.own, roll);
    const errorDeg = errorOf(angle, turned(this.own, needsLevel(angle) ? -roll : 0), {
      longPx: Math.max(width, height),
      distanceMm: this.distanceMm,
      square: this.square,
      levelPx: level ? Math.hypot(level[1][0] - level[0][0], level[1][1] - level[0][1]) : null
    });
    const band = bandOf(angle, agreed);
    return { angle, deg, errorDeg, band, verdict: band && verdictOf(deg, errorDeg, band) };
  });
}
