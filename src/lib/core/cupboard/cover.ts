/** What somebody needs of one thing, at each of the moments that count: a stool's height now and through the year. */
export interface Need {
  readonly id: string;
  readonly mm: readonly number[];
}

/** One of the fewest, and how many of it are needed at the same time. */
export interface Covering {
  readonly mm: number;
  readonly count: number;
  /** Who uses it at some moment. */
  readonly ids: readonly string[];
}

/**
 * The fewest heights so that each need has one within reach at every moment, and how many of each.
 *
 * Exact: the lowest need that is not met yet must be met by something at most so much above it, and nothing meets more
 * than what lies just there. Within what those that it meets leave open, a height stands in their middle.
 *
 * @param withinMm how far a need may be from what it gets
 * @param stepMm heights are told in steps of this, as long as all stay within reach
 * @example Needs of 300, 320 and 345 within 15 take two: 310 for two of them, 345 for one.
 */
export function coveringOf(
  needs: readonly Need[],
  { withinMm, stepMm }: { readonly withinMm: number; readonly stepMm: number }
): readonly Covering[] {
  const values = needs.flatMap(({ mm }) => mm).sort((a, b) => a - b);
  const heights: number[] = [];
  while (values.length > 0) {
    const least = values[0] ?? 0;
    const met = values.filter((mm) => mm <= least + 2 * withinMm);
    const most = met.at(-1) ?? least;
    const [low, high] = [most - withinMm, least + withinMm];
    const middle = (low + high) / 2;
    const even = Math.round(middle / stepMm) * stepMm;
    heights.push(even >= low && even <= high ? even : middle);
    values.splice(0, met.length);
  }
  /** Each takes the nearest. */
  const nearest = (mm: number) =>
    heights.reduce(
      (best, height, at) => (Math.abs(height - mm) < Math.abs((heights[best] ?? 0) - mm) ? at : best),
      0
    );
  const moments = Math.max(0, ...needs.map(({ mm }) => mm.length));
  const taken = Array.from({ length: moments }, (_, moment) =>
    needs.flatMap(({ id, mm }) => {
      const value = mm[moment] ?? mm.at(-1);
      return value === undefined ? [] : [{ id, at: nearest(value) }];
    })
  );
  return heights.map((mm, at) => ({
    mm,
    count: Math.max(...taken.map((all) => all.filter((one) => one.at === at).length)),
    ids: [...new Set(taken.flatMap((all) => all.filter((one) => one.at === at).map(({ id }) => id)))]
  }));
}
