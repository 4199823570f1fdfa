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

/** What takes longer is not waited for. */
const MOST_MS = 900;

/** Tells when all that a place asks for is there. Call it while a component is being set up. */
export function opening(): { readonly isOpen: boolean; readonly waits: boolean } {
  let isOpen = $state(false);
  const open = () => (isOpen = true);
  $effect(() => {
    const late = setTimeout(open, MOST_MS);
    return () => clearTimeout(late);
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
    /** Something is still to come: it may move what is there. */
    get waits() {
      return waiting > 0;
    }
  };
}
