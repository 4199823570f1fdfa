import { aside } from './aside';
import type { CodeReaderDoor } from './code-reader.worker';

/** A larger picture holds nothing more that is needed, and takes long. */
const MOST_PIXELS = 1600;

/**
 * The text of the code in a picture, read beside the page; null where none is found.
 *
 * @throws DOMException for a file that is no picture
 */
export async function readCodeAside(file: Blob): Promise<string | null> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, MOST_PIXELS / Math.max(picture.width, picture.height));
  const [width, height] = [picture.width, picture.height].map((side) =>
    Math.max(1, Math.round(side * scale))
  );
  const canvas = new OffscreenCanvas(width ?? 1, height ?? 1);
  const context = canvas.getContext('2d');
  if (!context) return null;
  // What a picture leaves open is paper.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const { door, broken, end } = aside<CodeReaderDoor>(
    new Worker(new URL('./code-reader.worker.ts', import.meta.url), { type: 'module' })
  );
  try {
    return await Promise.race([door.read(context.getImageData(0, 0, canvas.width, canvas.height)), broken]);
  } finally {
    end();
  }
}
