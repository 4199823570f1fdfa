import { expose, transfer } from 'comlink';
import { Desk } from '$lib/data/files/desk';
import { createDatabase } from '$lib/data/store/database';
import { Refusal } from '$lib/data/store/refusal';

const desk = new Desk(createDatabase());

/** A refusal loses its kind on the way between threads: it goes over as what it is. */
export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refused: string };

type Methods = {
  [Name in keyof Desk]: Desk[Name] extends (...given: infer Given) => infer Result
    ? (...given: Given) => Promise<Answer<Awaited<Result>>>
    : never;
};

const answering = async <T>(work: () => T | Promise<T>): Promise<Answer<T>> => {
  try {
    return { ok: true, value: await work() };
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, refused: error.message };
    throw error;
  }
};

const door: Methods = {
  open: (file) => answering(() => desk.open(file)),
  unlock: (password, report) => answering(() => desk.unlock(password, report)),
  previewRestore: () => answering(() => desk.previewRestore()),
  restore: (mode, report) => answering(() => desk.restore(mode, report)),
  previewMerge: (scope) => answering(() => desk.previewMerge(scope)),
  merge: (picks) => answering(() => desk.merge(picks)),
  write: async (what, password, now, report) => {
    const written = await answering(() => desk.write(what, password, now, report));
    // Handed over, not copied: the page need not wait for tens of megabytes.
    return written.ok ? transfer(written, [written.value.bytes.buffer]) : written;
  },
  step: (which) => answering(() => desk.step(which)),
  loadDemo: (now) => answering(() => desk.loadDemo(now))
};

export type DeskDoor = typeof door;

expose(door);
