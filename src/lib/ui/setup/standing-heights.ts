import { bodyOf, type Readings } from '$lib/core/body';

/** Where the bow hand hangs, the cheek and the eyebrow of somebody who stands, mm; 0 where nothing is known. */
export function standingHeights(readings: Readings) {
  const body = bodyOf(readings);
  return {
    gripHangMm: body?.length('gripHang').mm ?? 0,
    cheekMm: body?.length('cheek').mm ?? 0,
    eyebrowMm: body?.length('eyebrow').mm ?? 0
  };
}
