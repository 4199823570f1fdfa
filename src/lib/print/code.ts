import { encode } from 'uqr';

/** A square code that a camera reads, as path data: dark cells of one unit each, a quiet edge of four around them. */
export interface SquareCode {
  readonly path: string;
  /** Cells along each side, with the quiet edge. */
  readonly cells: number;
}

/** Cells that must stay empty around the code, so that it is found. */
const QUIET = 4;

/** The code of a text; a sixth of it may be dirty or torn. */
export function codeOf(text: string): SquareCode {
  const { data, size } = encode(text, { ecc: 'M', border: QUIET });
  let path = '';
  data.forEach((row, y) => {
    // Dark cells beside each other are one bar: no hair lines between them, and a shorter path.
    for (let x = 0; x < row.length; x++) {
      if (!row[x]) continue;
      const from = x;
      while (row[x + 1]) x++;
      path += `M${from} ${y}l${x + 1 - from} 0 0 1-${x + 1 - from} 0Z`;
    }
  });
  return { path, cells: size };
}
