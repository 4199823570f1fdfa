import { canHurt } from './identities';
import { themeOf, THEMES } from './themes';
import type { Check } from './types';

/** What a check is in its list, whatever was seen of it. */
export interface Listed {
  readonly check: Check;
  /** Its place in the themes; -1 where it is of none. */
  readonly theme: number;
  readonly isAboutHurt: boolean;
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
  const list = {
    placeOf: new Map(checks.map(({ id }, at) => [id, at])),
    each: checks.map((check) => {
      const theme = themeOf(check);
      return { check, theme: theme ? THEMES.indexOf(theme) : -1, isAboutHurt: isAboutHurt(check) };
    })
  };
  lists.set(checks, list);
  return list;
}
