import { flushSync } from 'svelte';
import { expect, it } from 'vitest';
import { onScreen } from '$lib/ui/testing.svelte';
import { Drawn } from './drawn.svelte';

const settled = () => new Promise((done) => setTimeout(done));

/** A drawer that answers when it is told to. */
function slow() {
  let asked = $state<number | null>(1);
  const open: { readonly question: number; readonly end: (failed?: boolean) => void }[] = [];
  const drawn = onScreen(
    () =>
      new Drawn(
        () => asked,
        (question: number) =>
          new Promise<string>((done, fail) =>
            open.push({
              question,
              end: (failed) => (failed ? fail(new Error('lost')) : done(`picture ${question}`))
            })
          )
      )
  );
  const ask = (question: number | null) => {
    asked = question;
    flushSync();
  };
  const answer = async (failed = false) => {
    open.at(-1)?.end(failed);
    await settled();
  };
  flushSync();
  return { drawn, ask, answer, asked: () => open.map(({ question }) => question) };
}

it('asks one question at a time, and after it only the newest', async () => {
  const { drawn, ask, answer, asked } = slow();
  for (const question of [2, 3, 4, 5]) ask(question);
  expect(asked()).toEqual([1]);
  await answer();
  expect(asked()).toEqual([1, 5]);
  expect(drawn.current).toBe('picture 1');
  await answer();
  expect(drawn.current).toBe('picture 5');
});

it('keeps the last picture until the next is there, and drops it when nothing is asked', async () => {
  const { drawn, ask, answer } = slow();
  await answer();
  ask(2);
  expect(drawn.current).toBe('picture 1');
  ask(null);
  expect(drawn.current).toBeNull();
  await answer();
  expect(drawn.current).toBeNull();
});

it('says when a picture could not be drawn, until one is', async () => {
  const { drawn, ask, answer } = slow();
  await answer(true);
  expect([drawn.failed, drawn.current]).toEqual([true, null]);
  ask(2);
  await answer();
  expect([drawn.failed, drawn.current]).toEqual([false, 'picture 2']);
});
