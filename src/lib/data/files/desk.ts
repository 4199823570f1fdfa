import { loadDemo } from '../demo/demo';
import { redo, undo } from '../journal/changes';
import type { ChangeHead } from '../schema/change';
import type { Database } from '../store/database';
import { Refusal } from '../store/refusal';
import type { TableName } from '../store/tables';
import { readBackup, writeBackup, type Backup } from './backup';
import {
  previewRestore,
  restoreBackup,
  type Restored,
  type RestoreMode,
  type RestorePreview
} from './restore';
import { applyMerge, MergeOvertaken, previewMerge, writeCopy, type MergePreview } from './exchange';
import type { Scope } from './scope';
import {
  canKeepBoth,
  isAsked,
  needsAnswer,
  type Held,
  type Merged,
  type MergeCase,
  type MergePick
} from './merge';
import { isLockedFile, seal, unseal, type Bytes, type Report } from './lock';

/** What stands in a file that was read. */
export interface FileContent {
  readonly savedAt: string;
  /** Holds only some players. */
  readonly part: boolean;
  readonly players: readonly { readonly id: string; readonly name: string }[];
  readonly groups: readonly { readonly id: string; readonly name: string }[];
}

export type FileRead =
  | { readonly kind: 'locked' }
  | { readonly kind: 'problem'; readonly problem: string }
  | { readonly kind: 'read'; readonly content: FileContent };

/** A question of a merge. */
export interface MergeQuestion {
  readonly key: string;
  readonly table: TableName;
  /** The player whom it is about; empty for none. */
  readonly player: string;
  readonly canKeepBoth: boolean;
  /** One side took it away: nothing is set beforehand. */
  readonly needsAnswer: boolean;
  readonly isHere: boolean;
  readonly isThere: boolean;
  /** For a player who is asked about as a whole: how many records the side that kept the player has. */
  readonly records: number;
  /** The fields that differ where both have it. */
  readonly differences: readonly {
    readonly field: string;
    readonly here: unknown;
    readonly there: unknown;
  }[];
}

/** What a merge would do, without the records themselves. */
export interface MergeSummary {
  readonly counts: Readonly<Partial<Record<MergeCase, number>>>;
  /** Names of players who come, who go here too, and who stay deleted here. */
  readonly players: Readonly<Record<'new' | 'deleted-there' | 'deleted-here', readonly string[]>>;
  readonly questions: readonly MergeQuestion[];
  readonly commonStart: boolean;
}

export type MergeResult =
  | { readonly kind: 'merged'; readonly open: number }
  | { readonly kind: 'overtaken'; readonly problem: string; readonly summary: MergeSummary };

/** Something to be saved as a file. */
export type Saved = { readonly kind: 'backup' } | { readonly kind: 'copy'; readonly scope: Scope };

/** A file that was written. */
export interface Written {
  readonly bytes: Bytes;
  /** Why it can't be restored as it is, though everything is in it; null when it can. */
  readonly problem: string | null;
}

/** Questions of a merge that are shown; the others stay as they are here. */
const MOST_QUESTIONS = 200;

const NO_REPORT: Report = () => undefined;

/**
 * The desk at which files are read, compared, merged, restored and written. It keeps the file at hand, so that nobody
 * has to hand thousands of records to and fro: meant for a worker, which then is alone to be silent.
 */
export class Desk {
  readonly #db: Database;
  #file: Bytes = new Uint8Array();
  #backup: Backup | null = null;
  #preview: MergePreview | null = null;

  constructor(db: Database) {
    this.#db = db;
  }

  /** Takes a file and reads it, unless it is locked. */
  open(file: Bytes): FileRead {
    this.#file = file;
    this.#backup = this.#preview = null;
    return isLockedFile(file) ? { kind: 'locked' } : this.#read(file);
  }

  /** Opens the file at hand with its password. */
  async unlock(password: string, report = NO_REPORT): Promise<FileRead> {
    const opened = await unseal(this.#file, password, report);
    return opened.ok ? this.#read(opened.bytes) : { kind: 'problem', problem: opened.problem };
  }

  #read(bytes: Bytes): FileRead {
    const found = readBackup(new TextDecoder().decode(bytes));
    if (!found.ok) return { kind: 'problem', problem: found.problem };
    this.#backup = found.backup;
    const named = (all: readonly { readonly id: string; readonly name: string }[]) =>
      all.map(({ id, name }) => ({ id, name }));
    const { savedAt, part = false, tables } = found.backup;
    return {
      kind: 'read',
      content: { savedAt, part, players: named(tables.players), groups: named(tables.groups) }
    };
  }

  #atHand(): Backup {
    if (!this.#backup) throw new Refusal('The file is not at hand any more. Pick it once more.');
    return this.#backup;
  }

  /** What restoring the file at hand would do. */
  previewRestore(): Promise<RestorePreview> {
    return previewRestore(this.#db, this.#atHand());
  }

  restore(mode: RestoreMode, report = NO_REPORT): Promise<Restored> {
    return restoreBackup(this.#db, this.#atHand(), mode, (done, total) => report(done / total));
  }

  /** What merging the file at hand, or a part of it, would do. */
  async previewMerge(scope: Scope): Promise<MergeSummary> {
    this.#preview = await previewMerge(this.#db, this.#atHand(), scope);
    return summaryOf(this.#preview);
  }

  /** Merges what was previewed; where something changed meanwhile, nothing is written and the preview is renewed. */
  async merge(picks: ReadonlyMap<string, MergePick>): Promise<MergeResult> {
    const preview = this.#preview;
    if (!preview) throw new Refusal('The file is not at hand any more. Pick it once more.');
    try {
      return { kind: 'merged', open: await applyMerge(this.#db, this.#atHand(), preview, picks) };
    } catch (error) {
      if (!(error instanceof MergeOvertaken)) throw error;
      return { kind: 'overtaken', problem: error.message, summary: await this.previewMerge(preview.scope) };
    }
  }

  /**
   * Writes a file, and reads it back before it is given out.
   *
   * @param password locks the file; none where it is empty
   * @throws Refusal for a copy for somebody else that could not be read there
   */
  async write(what: Saved, password: string, now = new Date(), report = NO_REPORT): Promise<Written> {
    const records =
      what.kind === 'backup' ? await writeBackup(this.#db, now) : await writeCopy(this.#db, what.scope, now);
    const text = JSON.stringify(records, null, password === '' ? 1 : undefined);
    const again = readBackup(text);
    const problem = again.ok ? null : again.problem.replace(' Nothing was changed.', '');
    if (problem !== null && what.kind === 'copy')
      throw new Refusal(`This could not be read in another copy, so it is not saved: ${problem}`);
    const bytes: Bytes = new TextEncoder().encode(text);
    return { bytes: password === '' ? bytes : await seal(bytes, password, report), problem };
  }

  /** Brings in the made-up class, as it would stand at a moment. */
  loadDemo(now: Date): Promise<void> {
    return loadDemo(this.#db, now);
  }

  /** Takes a step back or does it again. */
  step(which: 'undo' | 'redo'): Promise<ChangeHead | undefined> {
    return (which === 'undo' ? undo : redo)(this.#db);
  }
}

function summaryOf({ plan, commonStart }: MergePreview): MergeSummary {
  const counts: Partial<Record<MergeCase, number>> = {};
  const names = new Map<string, string>();
  const records = new Map<string, number>();
  for (const { case: how, here, there } of plan) {
    counts[how] = (counts[how] ?? 0) + 1;
    const held = here ?? there;
    if (held?.table === 'players' && 'name' in held.record) names.set(held.id, held.record.name);
    if (held?.owner != null && held.table !== 'players')
      records.set(held.owner, (records.get(held.owner) ?? 0) + 1);
  }
  const namesOf = (which: MergeCase) =>
    plan.flatMap(({ key, case: how, here, there }) =>
      how === which && key.startsWith('players:') ? (names.get((here ?? there)?.id ?? '') ?? []) : []
    );
  const players = {
    new: namesOf('new'),
    'deleted-there': namesOf('deleted-there'),
    'deleted-here': namesOf('deleted-here')
  };
  const questionOf = (one: Merged): MergeQuestion => {
    const held = one.here ?? one.there;
    const owner = held?.owner ?? '';
    return {
      key: one.key,
      table: held?.table ?? 'players',
      player: names.get(owner) ?? '',
      canKeepBoth: canKeepBoth(one),
      needsAnswer: needsAnswer(one),
      isHere: one.here !== null,
      isThere: one.there !== null,
      records: one.case === 'asked' ? (records.get(owner) ?? 0) : 0,
      differences: differencesOf(one)
    };
  };
  const questions = plan
    .filter(isAsked)
    .toSorted((a, b) => Number(needsAnswer(b)) - Number(needsAnswer(a)))
    .slice(0, MOST_QUESTIONS);
  return { counts, players, questions: questions.map(questionOf), commonStart };
}

const fieldsOf = (held: Held | null) => (held?.record ?? {}) as Readonly<Record<string, unknown>>;

function differencesOf({ here, there }: Merged): MergeQuestion['differences'] {
  if (!here || !there) return [];
  const [mine, theirs] = [fieldsOf(here), fieldsOf(there)];
  return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
    .filter((field) => JSON.stringify(mine[field]) !== JSON.stringify(theirs[field]))
    .map((field) => ({ field, here: mine[field], there: theirs[field] }));
}
