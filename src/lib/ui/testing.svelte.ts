import 'fake-indexeddb/auto';
import { db } from '$lib/data';
import { flushSync } from 'svelte';
import { afterEach, vi } from 'vitest';
import { clock } from './clock.svelte';

let stops: (() => void)[] = [];

/** Makes what a screen keeps, as if a component were being set up; it is let go when the test ends. */
export function onScreen<T>(make: () => T): T {
  let made: { it: T } | undefined;
  stops.push($effect.root(() => void (made = { it: make() })));
  flushSync();
  if (!made) throw new Error('nothing was made');
  return made.it;
}

/** Moves the clock of the page, and lets it look. */
export function at(moment: string): void {
  vi.useFakeTimers({ toFake: ['Date'], now: Date.parse(moment) });
  clock.look();
  flushSync();
}

afterEach(async () => {
  for (const stop of stops) stop();
  stops = [];
  vi.useRealTimers();
  clock.look();
  for (const table of db.tables) await table.clear();
});
