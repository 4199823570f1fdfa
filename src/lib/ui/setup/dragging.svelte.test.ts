import { expect, it } from 'vitest';
import { onScreen } from '$lib/ui/testing.svelte';
import { Dragging } from './dragging.svelte';

/** A drag whose values are kept when the test says so. */
function drag() {
  const kept: [string, number][] = [];
  const ends: (() => void)[] = [];
  const dragging = onScreen(
    () =>
      new Dragging((id, value) => {
        kept.push([id, value]);
        return new Promise<void>((done) => ends.push(done));
      })
  );
  return { dragging, kept, ends };
}

it('shows what is dragged, and keeps only its end', async () => {
  const { dragging, kept, ends } = drag();
  await dragging.move('seat', 340, false);
  await dragging.move('seat', 345, false);
  expect([dragging.current, kept]).toEqual([{ id: 'seat', value: 345 }, []]);
  const end = dragging.move('seat', 350, true);
  expect(kept).toEqual([['seat', 350]]);
  expect(dragging.current).toEqual({ id: 'seat', value: 350 });
  ends[0]?.();
  await end;
  expect(dragging.current).toBeNull();
});

it('that is given up leaves nothing, and one that begins while another is kept goes on', async () => {
  const { dragging, kept, ends } = drag();
  await dragging.move('pin', 200, false);
  await dragging.move('pin', null, false);
  expect([dragging.current, kept]).toEqual([null, []]);
  const end = dragging.move('pin', 190, true);
  await dragging.move('seat', 330, false);
  ends[0]?.();
  await end;
  expect(dragging.current).toEqual({ id: 'seat', value: 330 });
});
