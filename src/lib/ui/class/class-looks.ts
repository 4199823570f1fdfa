import { CHECK_CATEGORIES, type Check, type CheckCategory } from '$lib/core/checks';

/** Every check of some libraries, each once, in the order of categories; what is for later is left out. */
export function checksOfAll(libraries: readonly (readonly Check[])[]): readonly Check[] {
  const known = new Map<string, Check>();
  for (const check of libraries.flat()) if (!check.later && !known.has(check.id)) known.set(check.id, check);
  return [...known.values()].sort(
    (a, b) => CHECK_CATEGORIES.indexOf(a.category) - CHECK_CATEGORIES.indexOf(b.category)
  );
}

/** What most ask for, the earlier of equals; null when nobody asks. */
export function mostAskedFor(asked: readonly (CheckCategory | null)[]): CheckCategory | null {
  const votes = (category: CheckCategory) => asked.filter((one) => one === category).length;
  const [most] = [...CHECK_CATEGORIES].sort((a, b) => votes(b) - votes(a));
  return most && votes(most) > 0 ? most : null;
}
