import { db, lastDone } from '$lib/data';

/** Where it is noted that long work writes, so that the next opening can tell when it came to no end. */
const NOTE = 'jarvel.underway';
const LOCK = 'jarvel-underway';

interface Note {
  readonly label: string;
  /** The newest step before it. */
  readonly after: number;
}

const askBeforeLeaving = (event: BeforeUnloadEvent) => event.preventDefault();
const locks = (): LockManager | undefined => (navigator as { readonly locks?: LockManager }).locks;

/**
 * Runs long work that writes one step. Who leaves the page meanwhile is asked, and a page that is killed leaves a note.
 *
 * @param label the step as the journal calls it
 */
export async function underway<T>(label: string, work: () => Promise<T>): Promise<T> {
  addEventListener('beforeunload', askBeforeLeaving);
  try {
    const note: Note = { label, after: (await lastDone(db))?.seq ?? 0 };
    localStorage.setItem(NOTE, JSON.stringify(note));
    const manager = locks();
    return await (manager ? manager.request(LOCK, work) : work());
  } finally {
    removeEventListener('beforeunload', askBeforeLeaving);
    localStorage.removeItem(NOTE);
  }
}

/** What was under way when the page was last left and came to no end, as the journal would have called it; else null. */
export async function unfinished(): Promise<string | null> {
  const text = localStorage.getItem(NOTE);
  if (text === null) return null;
  // Another tab may be at it.
  const held = await locks()?.query();
  if (held?.held?.some(({ name }) => name === LOCK)) return null;
  localStorage.removeItem(NOTE);
  const { label, after } = JSON.parse(text) as Note;
  const newest = await lastDone(db);
  return newest && (newest.seq ?? 0) > after && newest.label === label ? null : label;
}
