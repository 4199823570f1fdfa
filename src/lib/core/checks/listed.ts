import { canHurt } from './identities';
import { isPlucking, tellsOf, themeOf, THEMES } from './themes';
import { CHECK_CATEGORIES, type Check } from './types';

/** What a check is in its list, whatever was seen of it. */
export interface Listed {
  /** Its place in the list. */
  readonly at: number;
  readonly check: Check;
  /** Its place in the themes; -1 where it is of none. */
  readonly theme: number;
  readonly isAboutHurt: boolean;
  /** How much a look at it tells of what its lesson is about. */
  readonly tells: number;
  readonly isPlucking: boolean;
  /** Its place in the categories. */
  readonly category: number;
  /** Those that must be secure before it, and the categories that must be mostly there, by their places. */
  readonly gate: readonly number[];
  readonly after: readonly number[];
}

/** A list of checks, in their order and by their ids. */
export interface CheckList {
  readonly each: readonly Listed[];
  /** Without a prototype: a name is read in it in two thirds of the time of a map, and a class reads thousands. */
  readonly named: Readonly<Partial<Record<string, Listed>>>;
}

/** Whether a check is first of all about something that can hurt. */
export const isAboutHurt = ({ id, faults: [first] }: Pick<Check, 'id' | 'faults'>): boolean =>
  first !== undefined && canHurt(id, first.id);

const lists = new WeakMap<readonly Check[], CheckList>();

/** Worked out once for a list; a class shares one. */
export function listOf(checks: readonly Check[]): CheckList {
  const known = lists.get(checks);
  if (known) return known;
  const places = new Map(checks.map(({ id }, at) => [id, at]));
  const each = checks.map((check, at): Listed => {
    const theme = themeOf(check);
    const hurts = isAboutHurt(check);
    return {
      at,
      check,
      theme: theme ? THEMES.indexOf(theme) : -1,
      isAboutHurt: hurts,
      tells: tellsOf(theme, hurts),
      isPlucking: isPlucking(check),
      category: CHECK_CATEGORIES.indexOf(check.category),
      gate: (check.gate ?? []).flatMap((id) => places.get(id) ?? []),
      after: (check.after ?? []).map((category) => CHECK_CATEGORIES.indexOf(category))
    };
  });
  const named = Object.create(null) as Partial<Record<string, Listed>>;
  for (const listed of each) named[listed.check.id] = listed;
  const list = { each, named };
  lists.set(checks, list);
  return list;
}
