import { NOTHING_SEEN, type EyeRecord } from '$lib/core/eye';
import { array, number, object, string } from 'yup';

/** Where this browser keeps what an eye was trained on: it is about the teacher, and no child is in it. */
const NOTE = 'jarvel.eye';

const count = () => number().integer().min(0).required();
const shape = object({
  pictures: count(),
  faults: array()
    .of(
      object({
        key: string().required(),
        shown: count(),
        told: count(),
        ms: number().min(0).required(),
        row: count(),
        due: count()
      })
    )
    .required()
});

/** What was kept; what can't be read is begun anew. */
export function keptEye(): EyeRecord {
  try {
    const { pictures, faults } = shape.validateSync(JSON.parse(localStorage.getItem(NOTE) ?? ''), {
      strict: true
    });
    return { pictures, faults: Object.fromEntries(faults.map(({ key, ...standing }) => [key, standing])) };
  } catch {
    return NOTHING_SEEN;
  }
}

/** Keeps it. A full disk loses the training of today, and nothing else. */
export function keepEye({ pictures, faults }: EyeRecord): void {
  const list = Object.entries(faults).map(([key, standing]) => ({ key, ...standing }));
  try {
    localStorage.setItem(NOTE, JSON.stringify({ pictures, faults: list }));
  } catch {
    // Nothing is lost that was looked at with a child.
  }
}

export const forgetEye = (): void => localStorage.removeItem(NOTE);
