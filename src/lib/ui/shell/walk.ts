import { db, lastDone, lastUndone } from '$lib/data';
import { saving } from '$lib/data/journal/saving';
import { status } from './status.svelte';
import { underway } from './underway';

const STEPS = {
  undo: { find: lastDone, said: 'Undone', label: 'Undo' },
  redo: { find: lastUndone, said: 'Done again', label: 'Redo' }
} as const;

/** Takes the newest step back, or does it again; a large one beside the page, which goes on answering. */
export async function walk(which: keyof typeof STEPS): Promise<void> {
  const { find, said, label } = STEPS[which];
  const [step, changes] = await Promise.all([find(db), import('$lib/data/journal/changes')]);
  const change = step?.apart ? await aside(which, label) : await changes[which](db);
  if (change) status.say(`${said}: ${change.label}`);
}

async function aside(which: keyof typeof STEPS, label: string) {
  const { DeskAside } = await import('$lib/workers/desk');
  const desk = new DeskAside();
  try {
    return await underway(label, () => saving(label, () => desk.step(which)));
  } finally {
    desk.end();
  }
}
