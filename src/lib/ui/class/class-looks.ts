import { CHECK_CATEGORIES, type Check } from '$lib/core/checks';

/** Every check of some libraries, each once, in the order of categories; what is for later is left out. */
export function checksOfAll(libraries: readonly (readonly Check[])[]): readonly Check[] {
  const known = new Map<string, Check>();
  for (const check of libraries.flat()) if (!check.later && !known.has(check.id)) known.set(check.id, check);
  return [...known.values()].sort(
    (a, b) => CHECK_CATEGORIES.indexOf(a.category) - CHECK_CATEGORIES.indexOf(b.category)
  );
}
