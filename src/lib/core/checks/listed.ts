import { canHurt } from './identities';
import { isPlucking, themeOf, THEMES } from './themes';
import { CHECK_CATEGORIES, type Check } from './types';

/** What a check is in its list, whatever was seen of it. */
export interface Listed {
  readonly check: Check;
  /** Its place in the themes; -1 where it is of none. */
  readonly theme: number;
  readonly isAboutHurt: boolean;
  readonly isPlucking: boolean;
  /** Its place in the categories. */
  readonly category: number;
  /** Those that must be secure before it, and the categories that must be mostly there, by their places. */
  readonly gate: readonly number[];
  readonly after: readonly number[];
}

/** A list of checks: each with its place. */
export interface CheckList {
  readonly placeOf: ReadonlyMap<string, number>;
  readonly each: readonly Listed[];
}

/** Whether a check is first of all about something that can hurt. */
export const isAboutHurt = ({ id, faults: [first] }: Pick<Check, 'id' | 'faults'>): boolean =>
  first !== undefined && canHurt(id, first.id);

const lists = new WeakMap<readonly Check[], CheckList>();

/** Worked out once for a list; a class shares one. */
export function listOf(checks: readonly Check[]): CheckList {
  const known = lists.get(checks);
  if (known) return known;
  const placeOf = new Map(checks.map(({ id }, at) => [id, at]));
  const each = checks.map((check): Listed => {
    const theme = themeOf(check);
    return {
      check,
      theme: theme ? THEMES.indexOf(theme) : -1,
      isAboutHurt: isAboutHurt(check),
      isPlucking: isPlucking(check),
      category: CHECK_CATEGORIES.indexOf(check.category),
      gate: (check.gate ?? []).flatMap((id) => placeOf.get(id) ?? []),
      after: (check.after ?? []).map((category) => CHECK_CATEGORIES.indexOf(category))
    };
  });
  const list = { placeOf, each };
  lists.set(checks, list);
  return list;
}
