import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { asked, opening } from './opening.svelte';

beforeEach(
  () =>
    void vi.useFakeTimers({
      toFake: ['setTimeout', 'clearTimeout', 'requestAnimationFrame', 'cancelAnimationFrame']
    })
);
afterEach(() => void vi.useRealTimers());

/** A place that is being set up, with what it asks. */
function placeWith(questions: number) {
  const answers = Array.from({ length: questions }, asked);
  let place: ReturnType<typeof opening> | undefined;
  const leave = $effect.root(() => void (place = opening()));
  const after = (ms: number): boolean => {
    flushSync();
    vi.advanceTimersByTime(ms);
    flushSync();
    return place?.isOpen ?? false;
  };
  return { answers, after, isLate: () => place?.isLate, leave };
}

it('shows a place when the last of its questions is answered, also one that came of an answer', () => {
  const { answers, after, leave } = placeWith(2);
  expect(after(300)).toBe(false);
  answers[0]?.();
  // Told twice is answered once.
  answers[0]?.();
  expect(after(100)).toBe(false);
  answers[1]?.();
  expect(after(20)).toBe(false);
  const further = asked();
  expect(after(100)).toBe(false);
  further();
  expect(after(100)).toBe(true);
  // What is asked later hides nothing again.
  const later = asked();
  expect(after(100)).toBe(true);
  later();
  leave();
});

it('waits on a slow device, says so, and not for ever', () => {
  const { answers, after, isLate, leave } = placeWith(1);
  expect([after(500), isLate()]).toEqual([false, false]);
  expect([after(4000), isLate()]).toEqual([false, true]);
  expect([after(4000), isLate()]).toEqual([true, false]);
  answers[0]?.();
  leave();
});
