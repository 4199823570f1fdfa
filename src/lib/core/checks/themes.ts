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

/** What a lesson was about. */
export interface ThemeOfLesson {
  readonly day: IsoDay;
  readonly theme: Theme;
}

/** What can hurt is looked at whatever the lesson is about, so it tells less of that. */
const TELLS_LESS = 24;
const TELLS = 100;

/** Finds what each lesson was about, looks told one by one: what most of them were at. */
export class ThemesFound {
  readonly found: ThemeOfLesson[] = [];
  readonly #counts = THEMES.map(() => 0);
  #most = 0;
  #last = 0;

  /** A look at a check. */
  look({ theme, isAboutHurt }: { readonly theme: number; readonly isAboutHurt: boolean }): void {
    if (theme < 0) return;
    const count = (this.#counts[theme] ?? 0) + (isAboutHurt ? TELLS_LESS : TELLS);
    this.#counts[theme] = count;
    if (count > this.#most) this.#most = count;
  }

  /** The lesson of a day is over. */
  end(day: IsoDay): void {
    // What was only got ready makes no lesson of its own.
    if (this.#most === 0) return;
    // Where two were looked at alike, the lesson went on with what it was about.
    if (this.#counts[this.#last] !== this.#most) this.#last = this.#counts.indexOf(this.#most);
    this.found.push({ day, theme: THEMES[this.#last] ?? THEMES[0] });
    for (let at = 0; at < THEMES.length; at++) this.#counts[at] = 0;
    this.#most = 0;
  }
}
