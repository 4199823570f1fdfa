/** Degrees of azimuth that the figure is turned by with each pixel of a drag, and with each key. */
const DEG_PER_PX = 0.5;
const DEG_PER_KEY = 15;

/** The same direction above -180 and up to 180, which is from behind. */
const within = (deg: number) => 180 - ((((180 - deg) % 360) + 360) % 360);

/** From which side a figure is seen, turned by a drag or by keys. */
export class Turning {
  azimuth = $state(0);
  /** Under way: drawn coarser. */
  moving = $state(false);
  #from: { readonly x: number; readonly azimuth: number } | null = null;

  constructor(azimuth: number) {
    this.azimuth = azimuth;
  }

  begin = (event: PointerEvent): void => {
    if (event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.#from = { x: event.clientX, azimuth: this.azimuth };
  };

  move = (event: PointerEvent): void => {
    if (!this.#from) return;
    this.moving = true;
    this.azimuth = within(Math.round(this.#from.azimuth - (event.clientX - this.#from.x) * DEG_PER_PX));
  };

  end = (): void => {
    this.#from = null;
    this.moving = false;
  };

  key = (event: KeyboardEvent): void => {
    const by = { ArrowLeft: DEG_PER_KEY, ArrowRight: -DEG_PER_KEY }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    this.azimuth = within(this.azimuth + by);
  };
}
