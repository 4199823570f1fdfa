/** The value, moved to the nearest end when it lies outside low..high. */
export function clamp(value: number, low: number, high: number): number {
  return Math.min(high, Math.max(low, value));
}
