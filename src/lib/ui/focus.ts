/**
 * Puts the focus on an element once the page has settled: a navigation moves the focus to the page itself
 * just after a new screen is mounted.
 */
export function focusSoon(find: () => HTMLElement | null | undefined): void {
  setTimeout(() => find()?.focus(), 0);
}

/** For the field that a screen is about: it has the focus as soon as it is there. */
export const focusOnOpen = (element: HTMLElement): void => focusSoon(() => element);

const LOOK_EVERY_MS = 25;

/**
 * Waits until something is so, a second at most: after a write the database answers a moment later, and what
 * follows from it is there only then.
 */
export async function untilSo(isSo: () => boolean): Promise<void> {
  for (let tries = 0; tries < 40 && !isSo(); tries++)
    await new Promise((wait) => setTimeout(wait, LOOK_EVERY_MS));
}
