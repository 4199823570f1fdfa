import type { SubjectId } from '$lib/core/checks';
import type { ChoiceId, SetupKind } from '$lib/core/setup';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import { newestFirst } from '../questions/case';
import { allOf } from '../questions/records';
import type { Database } from '../store/database';
import { newId } from '../store/ids';
import type { Setup } from '../store/records';

/** A way that a kept set-up holds beside its numbers, none of which follows from it. */
export interface KeptWay {
  readonly kind: SetupKind;
  readonly choice: ChoiceId;
  readonly way: string;
  /** The subject by which a group may have a way of its own; nothing for what is the teacher's alone. */
  readonly subject?: SubjectId;
}

/** Which subjects stand in a set-up, and where. */
export const KEPT_SUBJECTS: Readonly<Partial<Record<SubjectId, Omit<KeptWay, 'way'>>>> = {
  anchoring: { kind: 'seated', choice: 'anchoring', subject: 'anchoring' },
  'cello-placing': { kind: 'seated', choice: 'placing', subject: 'cello-placing' },
  'bass-bow-hold': { kind: 'standing', choice: 'bowHold', subject: 'bass-bow-hold' }
};

const wayIn = (setup: Setup, choice: ChoiceId): string | undefined =>
  (setup.choices as Readonly<Partial<Record<ChoiceId, string>>>)[choice];

/**
 * The set-ups in use that were kept another way.
 *
 * @param groupId of whose players; null for all whose group has no way of its own
 */
export async function keptOtherwise(
  db: Database,
  { kind, choice, way, subject }: KeptWay,
  groupId: string | null
): Promise<readonly Setup[]> {
  const [players, setups, groups] = await Promise.all([
    allOf(db, 'players'),
    allOf(db, 'setups'),
    allOf(db, 'groups')
  ]);
  const apart = new Set(groups.filter(({ ways }) => subject && ways?.[subject]).map(({ id }) => id));
  const newest = new Map<string, Setup>();
  for (const setup of newestFirst(setups)) if (!newest.has(setup.playerId)) newest.set(setup.playerId, setup);
  return players.flatMap(({ id, family, archivedOn, groupId: its }) => {
    const setup = newest.get(id);
    const asked = groupId === null ? its === null || !apart.has(its) : its === groupId;
    const comes = archivedOn === null && asked;
    return comes && setup?.kind === kind && setup.family === family && wayIn(setup, choice) !== way
      ? [setup]
      : [];
  });
}

/** Keeps the set-ups that have a way otherwise anew, each as its player's next version with nothing else changed. */
export const applyWay = (
  db: Database,
  kept: KeptWay,
  groupId: string | null,
  now = new Date()
): Promise<number> =>
  commit(db, 'Applied a way to kept set-ups', async ({ putAll }) => {
    const setups = await keptOtherwise(db, kept, groupId);
    await putAll(
      'setups',
      setups.map(
        (setup) =>
          ({
            ...setup,
            choices: { ...setup.choices, [kept.choice]: kept.way },
            id: newId(),
            version: setup.version + 1,
            at: now.toISOString(),
            day: dayOf(now)
          }) as Setup
      )
    );
    return setups.length;
  });
