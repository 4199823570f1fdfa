/** The value, moved to the nearest end when it lies outside low..high. */
export function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}

/** How far a value lies above (positive) or below (negative) a range; 0 within. */
export const beyondRange = (value: number, low: number, high: number): number =>
  value < low ? value - low : value > high ? value - high : 0;
