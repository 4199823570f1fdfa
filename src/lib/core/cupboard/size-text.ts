import { sizesOf, type Family, type Size } from '../instruments';

/** Characters that stand for a fraction by themselves. */
const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8'
};
const WORDS: Readonly<Record<string, string>> = { full: '4/4', half: '1/2', quarter: '1/4' };

/**
 * The size that a text names, as schools write it: "1/4", "¼", "full", or of a viola "14", "14 in" or 14".
 *
 * @returns null for a size that the family does not come in
 * @example
 * sizeFrom('viola', '14"') // '14 in'
 */
export function sizeFrom(family: Family, text: string): Size | null {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛]/g, (sign) => FRACTIONS[sign] ?? sign)
    .replace(/\s*\/\s*/g, '/')
    .replace(/\s*(in|inch|inches|["″”])\.?$/, '')
    .replace(/\s+size$/, '');
  const named = WORDS[plain] ?? plain;
  return sizesOf(family).find((size) => size === named || size === `${named} in`) ?? null;
}
