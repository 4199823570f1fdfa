/** How the points of a surface hang together, by their numbers. */
export interface Net {
  /** The three corners of each triangle, counter-clockwise from outside. */
  readonly triangles: Uint16Array;
  /** The number of the side from each corner of each triangle to its next one. */
  readonly sideOf: Uint16Array;
  /** The two ends of each side, the lower number first. */
  readonly ends: Uint16Array;
}

type Triangle = readonly [number, number, number];

/** Finds the sides of triangles: two that lie next to each other share one. */
function netOf(list: readonly Triangle[]): Net {
  const triangles = Uint16Array.from(list.flat());
  const known = new Map<string, number>();
  const ends: number[] = [];
  const sideOf = triangles.map((from, i) => {
    const to = triangles[i % 3 === 2 ? i - 2 : i + 1] ?? 0;
    const [low, high] = from < to ? [from, to] : [to, from];
    const key = `${low} ${high}`;
    const side = known.get(key) ?? ends.length / 2;
    if (!known.has(key)) {
      known.set(key, side);
      ends.push(low, high);
    }
    return side;
  });
  return { triangles, sideOf, ends: Uint16Array.from(ends) };
}

const nets = new Map<string, Net>();

/** The same net for all surfaces of one build, made once. */
function shared(key: string, build: () => readonly Triangle[]): Net {
  const known = nets.get(key);
  if (known) return known;
  const made = netOf(build());
  nets.set(key, made);
  return made;
}

/**
 * The net of rings of as many points each, one after the other. A closed tube has one more point in the middle of
 * either end, after all rings.
 *
 * @param inwards the rings run the other way round
 */
export const tubeNet = (rings: number, around: number, isOpen: boolean, inwards: boolean): Net =>
  shared(`tube ${rings} ${around} ${isOpen} ${inwards}`, () => {
    const walls: Triangle[] = [];
    for (let ring = 0; ring + 1 < rings; ring++)
      for (let i = 0; i < around; i++) {
        const a = ring * around + i;
        const b = ring * around + ((i + 1) % around);
        walls.push([a, b, a + around], [b, b + around, a + around]);
      }
    const lid = (ring: number, centre: number, isFirst: boolean): Triangle[] =>
      Array.from({ length: around }, (_, i) => {
        const [a, b] = [ring * around + i, ring * around + ((i + 1) % around)];
        return isFirst ? [b, a, centre] : [a, b, centre];
      });
    const lids = isOpen
      ? []
      : [...lid(0, rings * around, true), ...lid(rings - 1, rings * around + 1, false)];
    const all = [...walls, ...lids];
    return inwards ? all.map(([a, b, c]): Triangle => [c, b, a]) : all;
  });

/** The net of a board: left and right edge of its lower sheet, then of its upper one, as many points each. */
export const slabNet = (count: number): Net =>
  shared(`slab ${count}`, () => {
    const triangles: Triangle[] = [];
    const quad = (a: number, b: number, c: number, d: number) => triangles.push([a, b, c], [a, c, d]);
    for (let i = 0; i + 1 < count; i++) {
      const [ll, rl, lh, rh] = [i, count + i, 2 * count + i, 3 * count + i];
      quad(ll, ll + 1, rl + 1, rl);
      quad(lh, rh, rh + 1, lh + 1);
      quad(ll, lh, lh + 1, ll + 1);
      quad(rl, rl + 1, rh + 1, rh);
    }
    quad(0, count, 3 * count, 2 * count);
    quad(count - 1, 3 * count - 1, 4 * count - 1, 2 * count - 1);
    return triangles;
  });

/** The net of a disc: a ring on either face. */
export const discNet = (around: number): Net =>
  shared(`disc ${around}`, () => {
    const triangles: Triangle[] = [];
    for (let i = 0; i < around; i++) {
      const j = (i + 1) % around;
      triangles.push([i, j, around + j], [i, around + j, around + i]);
      if (i > 1) triangles.push([0, i, i - 1], [around, around + i - 1, around + i]);
    }
    return triangles;
  });
