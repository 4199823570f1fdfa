import type { IsoDay } from '../time';
import { isPlucking } from './gates';
import { isAboutHurt, type LessonSeen, type Seen } from './strength';
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
const TELLS_LESS = 24;
const TELLS = 100;

/** What a check tells of a lesson's theme. */
interface Tells {
  /** Its place in the themes; -1 for none. */
  readonly theme: number;
  readonly weight: number;
}

const NOTHING: Tells = { theme: -1, weight: 0 };

const told = new WeakMap<readonly Check[], readonly Tells[]>();

/** What each check of a list tells; a class shares one list. */
function tellsOf(checks: readonly Check[]): readonly Tells[] {
  const tells =
    told.get(checks) ??
    checks.map((check) => {
      const theme = themeOf(check);
      return {
        theme: theme === null ? -1 : THEMES.indexOf(theme),
        weight: isAboutHurt(check) ? TELLS_LESS : TELLS
      };
    });
  told.set(checks, tells);
  return tells;
}

/** What each lesson before a day was about, oldest first: what most of its looks were at. */
export function themesOfLessons(
  checks: readonly Check[],
  { lessons, looked }: Pick<Seen, 'lessons' | 'looked'>,
  before: IsoDay
): readonly ThemeOfLesson[] {
  const tells = tellsOf(checks);
  const themes: ThemeOfLesson[] = [];
  const counts = THEMES.map(() => 0);
  let last = 0;
  for (let i = 0; i < lessons.length; i++) {
    const { day, from } = lessons[i] as LessonSeen;
    if (day >= before) break;
    const end = lessons[i + 1]?.from ?? looked.length;
    for (let theme = 0; theme < counts.length; theme++) counts[theme] = 0;
    let first = 0;
    for (let look = from; look < end; look++) {
      const { theme, weight } = tells[looked[look] ?? 0] ?? NOTHING;
      if (theme < 0) continue;
      const count = (counts[theme] ?? 0) + weight;
      counts[theme] = count;
      const most = counts[first] ?? 0;
      if (count > most || (count === most && theme < first)) first = theme;
    }
    // What was only got ready makes no lesson of its own.
    if (counts[first] === 0) continue;
    // Where two were looked at alike, the lesson went on with what it was about.
    if (counts[last] !== counts[first]) last = first;
    themes.push({ day, theme: THEMES[last] ?? null });
  }
  return themes;
}
