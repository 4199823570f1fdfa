import { untrack } from 'svelte';

/** How many questions to the database wait for their first answer. */
let waiting = $state(0);

/** A question was asked for the first time; the result tells that it was answered, or is asked no more. */
export function asked(): () => void {
  let waits = true;
  untrack(() => waiting++);
  return () => {
    if (!waits) return;
    waits = false;
    untrack(() => waiting--);
  };
}

/** After this long it is said that the records are being opened. */
const SAID_MS = 600;
/**
 * What takes longer is shown in pieces. Long enough for a slow device: what comes later moves what is pressed
 * meanwhile, so only what may never come is not waited for.
 */
const MOST_MS = 8000;

/** Tells when all that a place asks for is there. Call it while a component is being set up. */
export function opening(): { readonly isOpen: boolean; readonly isLate: boolean } {
  let isOpen = $state(false);
  let isLong = $state(false);
  const open = () => (isOpen = true);
  $effect(() => {
    const waits = [setTimeout(() => (isLong = true), SAID_MS), setTimeout(open, MOST_MS)];
    return () => waits.forEach(clearTimeout);
  });
  $effect(() => {
    if (waiting > 0) return;
    // What was just answered may ask for more when it is drawn.
    let frame = requestAnimationFrame(() => (frame = requestAnimationFrame(open)));
    return () => cancelAnimationFrame(frame);
  });
  return {
    get isOpen() {
      return isOpen;
    },
    /** It takes so long that a word is due. */
    get isLate() {
      return isLong && !isOpen;
    }
  };
}
