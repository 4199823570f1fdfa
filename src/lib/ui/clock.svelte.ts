import { dayOf, type IsoDay } from '$lib/core/time';

const TICK_MS = 15_000;

/** The one clock of the page: it ticks over midnight, also on a page that was left open overnight. */
class Clock {
  #today = $state<IsoDay>(dayOf(new Date()));

  /** The calendar day on this machine. */
  get today(): IsoDay {
    return this.#today;
  }

  /** Looks at the clock now. */
  look = (): void => {
    this.#today = dayOf(new Date());
  };

  /** Keeps ticking until stopped; a page that comes back to the front looks at once. */
  run(): () => void {
    const timer = setInterval(this.look, TICK_MS);
    addEventListener('focus', this.look);
    document.addEventListener('visibilitychange', this.look);
    return () => {
      clearInterval(timer);
      removeEventListener('focus', this.look);
      document.removeEventListener('visibilitychange', this.look);
    };
  }
}

export const clock = new Clock();
