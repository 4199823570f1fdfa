import { whenHidden } from '../when-hidden';
import type { LivePicture } from './camera';

/** Untouched for so long it is asked whether anybody looks, and a little later the camera is let go, ms. */
const ASKS_AFTER_MS = 105_000;
const OFF_AFTER_MS = 120_000;
/** Seconds from the tap to the still, for who goes back to the child. */
const COUNT = 3;

const REFUSALS: Readonly<Record<string, string>> = {
  NotAllowedError:
    'The browser did not give the camera. Allow it for this page, or take a picture from a file.',
  NotFoundError: 'No camera was found. A picture from a file does the same.',
  NotReadableError: 'Something else has the camera. Close it there, then try again.'
};

/** A live picture to look into: one holder of the camera at a time, let go of when it is left, hidden or forgotten. */
export class Mirror {
  live = $state.raw<LivePicture | null>(null);
  starting = $state(false);
  refusal = $state('');
  /** A still: of the live picture, or from a file. Nothing keeps it. */
  still = $state.raw<ImageBitmap | null>(null);
  /** Seconds until the still is taken; null while none is asked for. */
  counting = $state<number | null>(null);
  /** Nobody has touched it for a while. */
  forgotten = $state(false);
  #begun = 0;
  #timers: ReturnType<typeof setTimeout>[] = [];
  #count: ReturnType<typeof setInterval> | undefined;

  constructor() {
    $effect(() => {
      const unwatch = whenHidden(() => this.stop());
      return () => {
        unwatch();
        this.stop();
        this.#let();
      };
    });
  }

  async start(open: () => Promise<LivePicture>): Promise<void> {
    this.stop();
    const begun = ++this.#begun;
    this.refusal = '';
    this.starting = true;
    try {
      const live = await open();
      // Stopped, or begun anew, while the browser asked.
      if (begun !== this.#begun) return live.close();
      this.#let();
      this.live = live;
      live.whenLost(() => {
        if (this.live !== live) return;
        this.stop();
        this.refusal = 'The camera is gone. Plug it in again, or take a picture from a file.';
      });
      this.touched();
    } catch (error) {
      if (begun !== this.#begun) return;
      const name = error instanceof DOMException ? error.name : '';
      this.refusal = REFUSALS[name] ?? 'The camera did not start. A picture from a file does the same.';
    } finally {
      if (begun === this.#begun) this.starting = false;
    }
  }

  /** Lets go of the camera; a still stays. */
  stop(): void {
    this.#begun++;
    this.#timers.forEach(clearTimeout);
    clearInterval(this.#count);
    this.counting = null;
    this.starting = false;
    this.forgotten = false;
    this.live?.close();
    this.live = null;
  }

  /** Somebody is there. */
  touched(): void {
    this.#timers.forEach(clearTimeout);
    this.forgotten = false;
    if (!this.live) return;
    this.#timers = [
      setTimeout(() => (this.forgotten = true), ASKS_AFTER_MS),
      setTimeout(() => {
        this.stop();
        this.refusal = 'Nobody touched it for two minutes, so the camera was let go.';
      }, OFF_AFTER_MS)
    ];
  }

  /** Holds what is seen. */
  async freeze(from: ImageBitmapSource): Promise<void> {
    clearInterval(this.#count);
    this.counting = null;
    const still = await createImageBitmap(from);
    this.#let();
    this.still = still;
  }

  /** Holds it in three seconds; asked again, no more. */
  freezeSoon(from: () => ImageBitmapSource | null): void {
    clearInterval(this.#count);
    if (this.counting !== null) return void (this.counting = null);
    this.counting = COUNT;
    this.#count = setInterval(() => {
      const left = (this.counting ?? 1) - 1;
      this.counting = left;
      if (left > 0) return;
      const source = from();
      this.counting = null;
      clearInterval(this.#count);
      if (source) void this.freeze(source);
    }, 1000);
  }

  /** Goes on looking. */
  thaw(): void {
    this.#let();
  }

  #let(): void {
    this.still?.close();
    this.still = null;
  }
}
