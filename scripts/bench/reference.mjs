/**
 * A fixed piece of work that is done in turn with what is measured, in the same process or page: how slow the machine is
 * just now. What is promised is a ratio to it.
 */

/** What it takes in a calm hour on two cores, ms: by it a promise in milliseconds is turned into one of ratios. */
export const CALM_MS = 4;

/** Runs anywhere, also in a page: does the work, and answers with the time it took, ms. */
export function reference() {
  const start = performance.now();
  const rows = Array.from({ length: 1500 }, (_, i) => ({
    id: `row-${(i * 7919) % 1500}`,
    at: Math.sin(i),
    list: [i, i + 1]
  }));
  const again = JSON.parse(JSON.stringify(rows)).sort((a, b) => (a.id < b.id ? -1 : 1));
  let sum = 0;
  for (const { at } of again) for (let i = 0; i < 40; i++) sum += Math.cos(at * i) * Math.sqrt(i);
  return sum === Infinity ? 0 : performance.now() - start;
}

export const middle = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];

/**
 * Does something several times in turn with the reference.
 *
 * @param work does it once and answers with what it took
 * @param measure takes the reference where the work is done
 * @returns the middle of both
 */
export async function inTurn(times, work, measure = reference) {
  const [values, references] = [[], []];
  for (let turn = 0; turn < times; turn++) {
    references.push(await measure());
    values.push(await work(turn));
  }
  return { value: middle(values), reference: middle(references) };
}

/** Takes the reference in a page. */
export const referenceIn = (page) => () => page.evaluate(reference);
