import { keptSize, type Piece } from '$lib/core/photo';

const QUALITY = 0.86;

/**
 * A piece of a still as a small JPEG: drawn anew, so that nothing of where and with what it was taken is in it.
 *
 * @throws Error where the browser can't write one
 */
export async function smallJpeg(
  still: ImageBitmap,
  piece: Piece
): Promise<{ readonly width: number; readonly height: number; readonly jpeg: Uint8Array<ArrayBuffer> }> {
  const { width, height } = keptSize(piece);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width, height];
  canvas.getContext('2d')?.drawImage(still, piece.x, piece.y, piece.width, piece.height, 0, 0, width, height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  if (!blob) throw new Error('The browser did not write the picture.');
  return { width, height, jpeg: new Uint8Array(await blob.arrayBuffer()) };
}
