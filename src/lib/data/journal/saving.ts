import { WRITTEN_BY_NEWER } from '../store/database';
import { Refusal } from '../store/refusal';
import { NotSaved, reportSave, type SaveProblem } from './save-state';

/** Writes that have begun and not ended; everything is saved when there are none. */
let underWay = 0;
const waiting: (() => void)[] = [];

/**
 * Waits until what was asked for before is written or was refused: what is read after it, as for a file, lacks nothing
 * that was pressed.
 */
export const allWritten = (): Promise<void> =>
  underWay === 0 ? Promise.resolve() : new Promise((go) => waiting.push(go));

/** Names of errors by which the browser's storage, or the library over it, says that it did not take something. */
const OF_STORAGE =
  /^(Quota|Abort|InvalidState|Unknown|Version|DatabaseClosed|OpenFailed|Timeout|TransactionInactive|NotFound|ReadOnly|MissingAPI|InvalidAccess|NoAvailableData|PrematureCommit|UnknownError)/;

/** Whether an error says that the browser's storage did not answer or did not take something. */
export const isOfStorage = (error: unknown): boolean =>
  error instanceof Error &&
  (OF_STORAGE.test(error.name) ||
    error.message.includes(WRITTEN_BY_NEWER) ||
    ('inner' in error && error.inner !== error && isOfStorage(error.inner)));

/**
 * Runs a write and tells everybody what became of it.
 *
 * @throws Refusal as it came; NotSaved for what the storage did not take; anything else as it came, for it is a fault
 *   of the program
 */
export async function saving<T>(label: string, work: () => PromiseLike<T>): Promise<T> {
  underWay++;
  reportSave({ kind: 'saving' });
  try {
    const result = await work();
    if (underWay === 1) reportSave({ kind: 'saved', at: new Date().toISOString(), label });
    return result;
  } catch (error) {
    if (error instanceof Refusal) {
      if (underWay === 1) reportSave({ kind: 'idle' });
      throw error;
    }
    if (!isOfStorage(error)) {
      reportSave({ kind: 'failed', problem: 'unknown', label });
      throw error;
    }
    const problem = problemOf(error);
    reportSave({ kind: 'failed', problem, label });
    throw new NotSaved(label, problem, error);
  } finally {
    underWay--;
    if (underWay === 0) for (const go of waiting.splice(0)) go();
  }
}

function problemOf(error: unknown): SaveProblem {
  const text = error instanceof Error ? `${error.name} ${error.message}` : String(error);
  if (/quota/i.test(text)) return 'disk-full';
  return /DatabaseClosed|VersionError|InvalidState/i.test(text) ? 'closed' : 'unknown';
}
