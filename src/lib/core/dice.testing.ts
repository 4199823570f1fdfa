/** A repeatable source of numbers from 0 to 1. */
export function seeded(seed: number): () => number {
  let at = seed;
  return () => (at = (at * 16807) % 2147483647) / 2147483647;
}
