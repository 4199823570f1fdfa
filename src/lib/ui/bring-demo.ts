import { saving } from '$lib/data/journal/saving';
import { underway } from './shell/underway';

const LABEL = 'Brought in the made-up class';

/** Brings in the made-up class, which is made up and put in beside the page. */
export async function bringDemo(): Promise<void> {
  const { DeskAside } = await import('$lib/workers/desk');
  const desk = new DeskAside();
  try {
    await underway(LABEL, () => saving(LABEL, () => desk.loadDemo(new Date())));
  } finally {
    desk.end();
  }
}
