import {
  withOwn,
  type Adjustments,
  type AdjustmentsOf,
  type KeptLook,
  type SettingId,
  type SetupKind,
  type Step
} from '$lib/core/setup';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import { setupDraft } from './drafts';
import { newId } from '../store/ids';
import type { Look, Player } from '../store/records';

/** A look at a set-up that is under way, with what follows from it. */
export interface LookToNote {
  readonly kind: SetupKind;
  readonly seen: string;
  readonly step: Step;
  /** The setting that was looked at with its value. */
  readonly at: { readonly setting: SettingId; readonly value: number } | null;
  /** What was changed by hand before, where nothing was yet in this fit. */
  readonly base: Adjustments;
  /** All values as they stood. */
  readonly standing: Readonly<Partial<Record<SettingId, number>>>;
  /** Looks that there were when it was made: one that is noted twice counts once. */
  readonly after: number;
}

/** The looks of a set-up that is under way, oldest first. */
const openLooks = async (db: Database, playerId: string, kind: SetupKind): Promise<readonly Look[]> =>
  (await db.looks.where({ playerId }).toArray())
    .filter((look) => look.kind === kind && look.setupId === null)
    .sort((a, b) => (a.at < b.at ? -1 : 1));

/** What a look changes: a step, or what the looks together say to keep. */
const toSet = ({ kind, ...step }: Step): number | null =>
  (kind === 'change' || kind === 'holds') && 'to' in step ? step.to : null;

const changeOf = ({ step, at }: LookToNote): KeptLook['change'] =>
  at && { setting: at.setting, from: at.value, to: toSet(step) ?? at.value };

/**
 * Notes what was seen, and changes the setting as the look asks, as one step that can be undone.
 *
 * @returns the look, or null when another was noted meanwhile
 */
export const noteLook = (
  db: Database,
  player: Player,
  look: LookToNote,
  now = new Date()
): Promise<Look | null> =>
  commit(db, `Looked at the set-up of ${player.name}`, async ({ put }) => {
    const { kind, seen, step, at: looked, base, standing, after } = look;
    const before = await openLooks(db, player.id, kind);
    if (before.length !== after) return null;
    const last = before.at(-1);
    // Looks keep their order even where a clock stands still.
    const at = new Date(Math.max(now.getTime(), last ? Date.parse(last.at) + 1 : 0));
    const noted: Look = {
      id: newId(),
      playerId: player.id,
      at: at.toISOString(),
      day: dayOf(now),
      setupId: null,
      kind,
      seen,
      change: changeOf(look)
    };
    await put('looks', noted);
    const to = toSet(step);
    if (looked && to !== null && to !== looked.value) {
      const draft = await setupDraft(db, player.id, now);
      const before = (draft.setup?.kind === kind ? draft.setup : base) as AdjustmentsOf<SetupKind>;
      const setup = withOwn(before, looked.setting, to, standing) as typeof draft.setup;
      await put('drafts', { ...draft, setup, updatedAt: now.toISOString() });
    }
    return noted;
  });

/** The looks that led to a set-up belong to it from then on. */
export async function looksOfSetup(
  db: Database,
  playerId: string,
  kind: SetupKind,
  setupId: string
): Promise<readonly Look[]> {
  return (await openLooks(db, playerId, kind)).map((look) => ({ ...look, setupId }));
}
