/** Steps of a round outline, radians: as wide as its size in the picture lets them be. */
const ARC_STEP = { least: 0.2, most: 0.7 } as const;
/** A round outline and its straight pieces stray this far from each other at most, pixels. */
const ARC_STRAY_PX = 0.06;

/**
 * The step between two points of a round outline, radians.
 *
 * @param radius mm
 * @param detail pixels per mm
 */
export const arcStep = (radius: number, detail: number): number =>
  Math.min(ARC_STEP.most, Math.max(ARC_STEP.least, Math.sqrt((8 * ARC_STRAY_PX) / (radius * detail))));
