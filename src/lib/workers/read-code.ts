import readCode from 'jsqr';

type Picture = Pick<ImageData, 'data' | 'width' | 'height'>;
/** Numbers of a pixel: red, green, blue and how much it covers. */
const OF_PIXEL = 4;

/** A picture at half its size: each pixel is the mean of four, which takes the grain out of a dim photo. */
function halved({ data, width, height }: Picture): Picture {
  const [w, h] = [width >> 1, height >> 1];
  const half = new Uint8ClampedArray(w * h * OF_PIXEL);
  const row = width * OF_PIXEL;
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++)
      for (let part = 0; part < OF_PIXEL; part++) {
        const at = y * 2 * row + x * 2 * OF_PIXEL + part;
        const four = [at, at + OF_PIXEL, at + row, at + row + OF_PIXEL].map((place) => data[place] ?? 0);
        half[(y * w + x) * OF_PIXEL + part] = four.reduce((sum, one) => sum + one, 0) / four.length;
      }
  return { data: half, width: w, height: h };
}

/**
 * The text of the code in a picture; null where none is found. Looked for at half size first: grain that the reader takes
 * for a pattern is gone there, and most photos have pixels enough.
 */
export function readCodeIn(picture: Picture): string | null {
  for (const { data, width, height } of [halved(picture), picture]) {
    const found = readCode(data, width, height, { inversionAttempts: 'dontInvert' });
    if (found) return found.data;
  }
  return null;
}
