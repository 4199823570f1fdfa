import type { IsoDay } from '../time';
import { isPlucking } from './gates';
import { isAboutHurt, type Seen } from './strength';
import type { Check, CheckCategory } from './types';

/**
 * What a lesson is about: a category, or plucking, which comes before the bow. What is got ready is a list at the start
 * of each lesson, and never stayed with.
 */
export const THEMES = ['stance', 'plucking', 'hold', 'left-hand', 'bow-hand', 'bow-use'] as const;
export type Theme = (typeof THEMES)[number];

export const themeOf = (check: Check): Theme | null => {
  const { category, later } = check;
  if (category === 'ready') return null;
  return category === 'bow-use' && !later && isPlucking(check) ? 'plucking' : category;
};

export const categoryOf = (theme: Theme): CheckCategory => (theme === 'plucking' ? 'bow-use' : theme);

/** What a lesson was about; null where nothing tells. */
export interface ThemeOfLesson {
  readonly day: IsoDay;
  readonly theme: Theme | null;
}

/** What can hurt is looked at whatever the lesson is about, so it tells less of that. */
const TELLS_LESS = 0.24;

/** What a check tells of a lesson's theme. */
interface Tells {
  /** Its place in the themes; -1 for none. */
  readonly theme: number;
  readonly weight: number;
}

const told = new WeakMap<readonly Check[], readonly Tells[]>();

/** What each check of a list tells; a class shares one list. */
function tellsOf(checks: readonly Check[]): readonly Tells[] {
  const tells =
    told.get(checks) ??
    checks.map((check) => {
      const theme = themeOf(check);
      return {
        theme: theme === null ? -1 : THEMES.indexOf(theme),
        weight: isAboutHurt(check) ? TELLS_LESS : 1
      };
    });
  told.set(checks, tells);
  return tells;
}

/** What each lesson before a day was about, oldest first: what most of its looks were at. */
export function themesOfLessons(
  checks: readonly Check[],
  { lessons }: Seen,
  before: IsoDay
): readonly ThemeOfLesson[] {
  const tells = tellsOf(checks);
  const themes: { day: IsoDay; theme: Theme | null }[] = [];
  const counts = THEMES.map(() => 0);
  let last = -1;
  for (const { day, at } of lessons) {
    if (day >= before) break;
    counts.fill(0);
    for (const place of at) {
      const { theme, weight } = tells[place] ?? { theme: -1, weight: 0 };
      if (theme >= 0) counts[theme] = (counts[theme] ?? 0) + weight;
    }
    const most = counts.reduce((one, other) => (one > other ? one : other));
    // What was only got ready makes no lesson of its own.
    if (most === 0) continue;
    // Where two were looked at alike, the lesson went on with what it was about.
    if (counts[last] !== most) last = counts.indexOf(most);
    themes.push({ day, theme: THEMES[last] ?? null });
  }
  return themes;
}
