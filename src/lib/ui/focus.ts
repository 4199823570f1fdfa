/**
 * Puts the focus on an element once the page has settled: a navigation moves the focus to the page itself
 * just after a new screen is mounted.
 */
export function focusSoon(find: () => HTMLElement | null | undefined): void {
  setTimeout(() => find()?.focus(), 0);
}

/** For the field that a screen is about: it has the focus as soon as it is there. */
export const focusOnOpen = (element: HTMLElement): void => focusSoon(() => element);
