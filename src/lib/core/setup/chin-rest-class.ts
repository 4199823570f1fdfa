export type ChinRestClass = 'low' | 'medium' | 'high' | 'very-high';

/** Trade class of a chin rest by its height over the top plate in mm: under 16, 24 and 33, and above. */
export function chinRestClass(heightMm: number): ChinRestClass {
  if (heightMm < 16) return 'low';
  if (heightMm < 24) return 'medium';
  return heightMm < 33 ? 'high' : 'very-high';
}
