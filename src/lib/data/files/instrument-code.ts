import type { Instrument } from '../store/records';

/** What an instrument's code begins with: what it is, and the version of how it is written. */
const HEAD = 'jarvel-instrument/1';

type Coded = Pick<Instrument, 'id' | 'family' | 'size' | 'number'>;

/** An instrument as one line of text, for the code on its label. It names nobody. */
export const codeOfInstrument = ({ id, family, size, number }: Coded): string =>
  [HEAD, id, family, ...[size, number].map((text) => encodeURIComponent(text))].join(' ');

/**
 * The instrument that a code means: by its id, and where it came by a list into another cupboard, by number, family and
 * size, if just one is called so.
 *
 * @returns null for one that is not here; undefined for a text that is no instrument's code
 */
export function instrumentOfCode<I extends Coded>(text: string, here: readonly I[]): I | null | undefined {
  const [head, id, family, size, number] = text.trim().split(' ');
  if (head !== HEAD || id === undefined) return undefined;
  const own = here.find((one) => one.id === id);
  if (own) return own;
  const alike = here.filter(
    (one) =>
      one.family === family &&
      encodeURIComponent(one.size) === size &&
      encodeURIComponent(one.number) === number
  );
  return alike.length === 1 ? (alike[0] ?? null) : null;
}
