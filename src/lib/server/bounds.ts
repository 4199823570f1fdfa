import { MOST_FAULTS } from './fields';
import type { FieldProblem } from './problem';

/** Lists of a request by their key, with the most that each may hold. */
export type ListBounds = Readonly<Record<string, number>>;

/** Nothing that a route takes is nested deeper, wider or longer than this. */
const DEEPEST = 8;
const MOST_KEYS = 64;
const MOST_ITEMS = 400;
const LONGEST_TEXT = 500;

/**
 * What of a body is too much to be looked at, before any other check: too deep, too many keys, lists that are too
 * long, endless texts. Walks without recursion and never into what is too much, so that it is done at once.
 */
export function boundProblems(body: unknown, bounds: ListBounds): readonly FieldProblem[] {
  const problems: FieldProblem[] = [];
  const waiting: { value: unknown; path: string; key: string; depth: number }[] = [
    { value: body, path: '', key: '', depth: 0 }
  ];
  for (let one = waiting.pop(); one && problems.length < MOST_FAULTS; one = waiting.pop()) {
    const { value, path, key, depth } = one;
    const bad = (message: string) => problems.push({ path, message });
    if (typeof value === 'string' && value.length > LONGEST_TEXT)
      bad(`must have at most ${LONGEST_TEXT} letters`);
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) {
      bad('is nested too deeply');
      continue;
    }
    if (Array.isArray(value)) {
      const most = bounds[key] ?? MOST_ITEMS;
      if (value.length > most) bad(`must hold at most ${most}`);
      else
        value.forEach((item, index) =>
          waiting.push({ value: item, path: `${path}[${index}]`, key: '', depth: depth + 1 })
        );
      continue;
    }
    const names = Object.keys(value);
    if (names.length > MOST_KEYS) bad(`must have at most ${MOST_KEYS} keys`);
    else
      for (const name of names)
        waiting.push({
          value: (value as Readonly<Record<string, unknown>>)[name],
          path: path ? `${path}.${name}` : name,
          key: name,
          depth: depth + 1
        });
  }
  return problems;
}
