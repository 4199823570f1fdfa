import { expect, it } from 'vitest';
import { expectedLength, MEASUREMENTS, type MeasurementId, type Readings } from '../body';
import { dimensionsOf, usualSizes, type Family } from '../instruments';
import { fittingSize, NOMINAL_SD_MM, proposeSize } from '.';

/** Repeatable normal deviates (a 32-bit generator with Box and Muller's transform). */
function normals(seed: number): () => number {
  let state = seed;
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(uniform() || 1e-12)) * Math.cos(2 * Math.PI * uniform());
}

const TAPED: Readonly<Record<Family, readonly MeasurementId[]>> = {
  violin: ['armToPalm', 'armToWrist', 'handLength'],
  viola: ['armToPalm', 'armToWrist', 'handLength'],
  cello: ['armReach', 'seatedBreastbone', 'seatedEar'],
  bass: ['gripHang', 'cheek', 'eyebrow']
};
const PLAYERS = 5000;

/** A true body: each length off the average by its own share; palm, wrist and hand belong together. */
function trueBody(family: Family, heightMm: number, normal: () => number): Record<string, number> {
  const spread = (id: MeasurementId) => {
    const { mm, sdMm } = expectedLength(id, heightMm);
    return mm + sdMm * normal();
  };
  if (family === 'cello' || family === 'bass')
    return Object.fromEntries(TAPED[family].map((id) => [id, spread(id)]));
  const armToWrist = spread('armToWrist');
  const handLength = spread('handLength');
  return { armToWrist, handLength, armToPalm: armToWrist + handLength / 2 };
}

it.each([
  ['violin', 11],
  ['viola', 12],
  ['cello', 13],
  ['bass', 14]
] as const)(
  'answers for the %s that are given at 0.8 to 0.9 are right in 75 to 95 of 100 cases',
  (family, seed) => {
    const normal = normals(seed);
    let given = 0;
    let right = 0;
    for (let player = 0; player < PLAYERS; player++) {
      const heightMm = 1050 + ((player * 7919) % 750);
      const body = trueBody(family, heightMm, normal);
      const asRead = (value: number, id: MeasurementId) => value + MEASUREMENTS[id].sdMm * normal();
      const read: Readings = {
        height: [asRead(heightMm, 'height')],
        ...Object.fromEntries(TAPED[family].map((id) => [id, [asRead(body[id] ?? 0, id)]]))
      };
      const proposal = proposeSize({ family, readings: read });
      const chance = proposal?.candidates.find(({ size }) => size === proposal.proposal)?.probability ?? 0;
      if (!proposal || chance < 0.8 || chance >= 0.9) continue;
      given++;
      const truth = fittingSize({
        family,
        readings: {
          height: [heightMm],
          ...Object.fromEntries(TAPED[family].map((id) => [id, [body[id] ?? 0]]))
        },
        instruments: usualSizes(family).map((size) => ({
          size,
          overallMm: dimensionsOf(family, size).overallMm + NOMINAL_SD_MM * normal()
        }))
      });
      if (truth === proposal.proposal) right++;
    }
    expect(given).toBeGreaterThan(200);
    expect(right / given).toBeGreaterThan(0.75);
    expect(right / given).toBeLessThan(0.95);
  },
  60_000
);
