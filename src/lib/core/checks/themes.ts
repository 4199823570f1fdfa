import type { IsoDay } from '../time';
import type { Check, CheckCategory } from './types';

/**
 * What a lesson is about: a category, or plucking, which comes before the bow. What is got ready is a list at the start
 * of each lesson, and never stayed with.
 */
export const THEMES = ['stance', 'plucking', 'hold', 'left-hand', 'bow-hand', 'bow-use'] as const;
export type Theme = (typeof THEMES)[number];

export const isPlucking = ({ id }: Pick<Check, 'id'>): boolean => id.startsWith('pluck-');

export const themeOf = (check: Check): Theme | null => {
  const { category, later } = check;
  if (category === 'ready') return null;
  return category === 'bow-use' && !later && isPlucking(check) ? 'plucking' : category;
};

export const categoryOf = (theme: Theme): CheckCategory => (theme === 'plucking' ? 'bow-use' : theme);

/** What can hurt is looked at whatever the lesson is about, so it tells less of that. */
const TELLS_LESS = 24;
const TELLS = 100;

/** How much a look at a check tells of what its lesson is about; nothing of what is got ready. */
export const tellsOf = (theme: Theme | null, isAboutHurt: boolean): number =>
  theme === null ? 0 : isAboutHurt ? TELLS_LESS : TELLS;

/** When a lesson was about a theme last. */
export interface LastAbout {
  /** Its number, from 0. */
  readonly lesson: number;
  readonly day: IsoDay;
}

/** What the lessons so far were about, told look by look, oldest first: what most of the looks of each were at. */
export class LessonsSoFar {
  count = 0;
  lastDay: IsoDay | null = null;
  /** For how many lessons the last theme was stayed with. */
  held = 0;
  readonly #counts = THEMES.map(() => 0);
  #most = 0;
  #place = 0;
  readonly #lessons = THEMES.map(() => -1);
  readonly #days = THEMES.map((): IsoDay => '');

  /** A look at a check of a theme, by its place. */
  look(theme: number, tells: number): void {
    if (tells === 0) return;
    const count = (this.#counts[theme] ?? 0) + tells;
    this.#counts[theme] = count;
    if (count > this.#most) this.#most = count;
  }

  /** The lesson of a day is over. */
  end(day: IsoDay): void {
    // What was only got ready makes no lesson of its own.
    if (this.#most === 0) return;
    // Where two were looked at alike, the lesson went on with what it was about.
    const goesOn = this.#counts[this.#place] === this.#most;
    if (!goesOn) this.#place = this.#counts.indexOf(this.#most);
    this.held = goesOn && this.count > 0 ? this.held + 1 : 1;
    this.#lessons[this.#place] = this.count++;
    this.#days[this.#place] = day;
    this.lastDay = day;
    for (let at = 0; at < THEMES.length; at++) this.#counts[at] = 0;
    this.#most = 0;
  }

  /** What the last lesson was about; null before the first. */
  get last(): Theme | null {
    return this.count > 0 ? (THEMES[this.#place] ?? null) : null;
  }

  /** The last lesson about a theme, by its place; null where there was none. */
  about(theme: number): LastAbout | null {
    const lesson = this.#lessons[theme] ?? -1;
    return lesson < 0 ? null : { lesson, day: this.#days[theme] ?? '' };
  }
}
