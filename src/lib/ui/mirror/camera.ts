import { drawPicture } from '$lib/workers/pictures';
import { PAPER, type PictureOptions, type PictureQuestion } from '$lib/core/figure';

/** Which way a camera looks: at whoever holds the device, or away. */
export type Facing = 'user' | 'environment';

/** A live picture, and how it is let go of: the browser then shows no camera in use any more. */
export interface LivePicture {
  readonly stream: MediaStream;
  /** Does something when the camera is taken away, as by its plug. */
  whenLost(act: () => void): void;
  close(): void;
}

/** True where the browser gives a camera at all: on a secure page. */
export const hasCamera = (): boolean =>
  typeof navigator !== 'undefined' && navigator.mediaDevices !== undefined;

/**
 * The camera of the device, at most as large as a screen.
 *
 * @throws DOMException when it is refused, there is none, or something else has it
 */
export async function camera(facing: Facing): Promise<LivePicture> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: false,
    video: { facingMode: facing, width: { ideal: 1280 }, height: { ideal: 960 } }
  });
  return {
    stream,
    whenLost: (act) => stream.getTracks().forEach((track) => track.addEventListener('ended', act)),
    close: () => {
      for (const track of stream.getTracks()) track.stop();
    }
  };
}

const WIDE_PX = 960;
const HIGH_PX = 720;
const FRAMES_A_SECOND = 12;
/** How far the made-up player sways, px, and how long it takes, ms. */
const SWAY_PX = 6;
const SWAY_MS = 2600;

/** A made-up camera: the drawn player before a wall, moving a little. */
export async function madeUpCamera(question: PictureQuestion, options: PictureOptions): Promise<LivePicture> {
  const picture = await drawPicture(question, options);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [WIDE_PX, HIGH_PX];
  const context = canvas.getContext('2d');
  if (!context) throw new DOMException('There is nothing to draw on.', 'NotFoundError');
  const { x, y, width, height } = picture.window;
  const scale = Math.min((0.9 * WIDE_PX) / width, (0.96 * HIGH_PX) / height);
  const regions = picture.regions.map(({ tone, path }) => [PAPER.tones[tone], new Path2D(path)] as const);
  const lines = picture.lines.map(({ ink, path }) => [PAPER.inks[ink], new Path2D(path)] as const);
  const draw = () => {
    const sway = SWAY_PX * Math.sin((performance.now() / SWAY_MS) * 2 * Math.PI);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.fillStyle = '#d9d5cb';
    context.fillRect(0, 0, WIDE_PX, HIGH_PX);
    context.setTransform(
      scale,
      0,
      0,
      scale,
      WIDE_PX / 2 - scale * (x + width / 2) + sway,
      HIGH_PX - scale * (y + height)
    );
    for (const [fill, path] of regions) {
      context.fillStyle = fill;
      context.fill(path, 'evenodd');
    }
    context.lineWidth = 1.5 / scale;
    for (const [stroke, path] of lines) {
      context.strokeStyle = stroke;
      context.stroke(path);
    }
  };
  draw();
  const timer = setInterval(draw, 1000 / FRAMES_A_SECOND);
  const stream = canvas.captureStream(FRAMES_A_SECOND);
  return {
    stream,
    whenLost: () => undefined,
    close: () => {
      clearInterval(timer);
      for (const track of stream.getTracks()) track.stop();
    }
  };
}
