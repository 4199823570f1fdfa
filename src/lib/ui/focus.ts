/**
 * Puts the focus on an element once the page has settled: a navigation moves the focus to the page itself
 * just after a new screen is mounted.
 */
export function focusSoon(find: () => HTMLElement | null | undefined): void {
  setTimeout(() => find()?.focus(), 0);
}

/** For the field that a screen is about: it has the focus as soon as it is there. */
export const focusOnOpen = (element: HTMLElement): void => focusSoon(() => element);

/** A press within this time after the focus came to a main button was meant for what was there before, ms. */
export const SETTLE_MS = 250;

/**
 * Guards buttons against presses that were not meant for them: a key that is held does not run on through them, and
 * the second of two quick presses does not hit the button to which the first one led.
 *
 * @returns the way to stop guarding
 */
export function guardPresses(root: Document): () => void {
  let cameAt = 0;
  const focusin = ({ target }: FocusEvent) => {
    if (target instanceof HTMLElement && target.matches('.act-next')) cameAt = performance.now();
  };
  const keydown = (event: KeyboardEvent) => {
    const { target, key } = event;
    if (!(target instanceof HTMLElement) || (key !== 'Enter' && key !== ' ')) return;
    if (!target.matches('button, a, summary, [role=button]')) return;
    const early = target.matches('.act-next') && performance.now() - cameAt < SETTLE_MS;
    if (!event.repeat && !early) return;
    event.preventDefault();
    event.stopPropagation();
  };
  root.addEventListener('focusin', focusin);
  root.addEventListener('keydown', keydown, { capture: true });
  return () => {
    root.removeEventListener('focusin', focusin);
    root.removeEventListener('keydown', keydown, { capture: true });
  };
}
