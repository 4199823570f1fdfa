import { Refusal } from '../store/refusal';
import { NotSaved, reportSave, type SaveProblem } from './save-state';

/** Writes that have begun and not ended; everything is saved when there are none. */
let underWay = 0;

/**
 * Runs a write and tells everybody what became of it.
 *
 * @throws Refusal as it came; NotSaved for whatever the storage did not take
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
    const problem = problemOf(error);
    reportSave({ kind: 'failed', problem, label });
    throw new NotSaved(label, problem, error);
  } finally {
    underWay--;
  }
}

function problemOf(error: unknown): SaveProblem {
  const text = error instanceof Error ? `${error.name} ${error.message}` : String(error);
  if (/quota/i.test(text)) return 'disk-full';
  return /DatabaseClosed|VersionError|InvalidState/i.test(text) ? 'closed' : 'unknown';
}
