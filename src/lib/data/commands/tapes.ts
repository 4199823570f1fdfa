import type { IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Database } from '../store/database';
import type { Player } from '../store/records';
import { playerGone } from '../store/refusal';

/** A finger tape on a player's instrument: since when, and when it came off; null while it is on. */
export type KeptTape = NonNullable<Player['tapes']>[number];

/** The tapes of a player that are on or have been. */
export const keptTapes = ({ tapes }: Player): readonly KeptTape[] => tapes ?? [];

/** What is done with a tape: laid, taken off as the ear takes over, or laid again. */
export type TapeStep = 'lay' | 'take-off';

/**
 * Lays tapes or takes them off, one or several. One that is on keeps its day; one that is laid again begins anew.
 */
export const stepTapes = (
  db: Database,
  player: Player,
  semitones: readonly number[],
  step: TapeStep,
  today: IsoDay
): Promise<void> =>
  commit(
    db,
    `${step === 'lay' ? 'Laid tapes for' : 'Took a tape off for'} ${player.name}`,
    async ({ put }) => {
      const current = await db.players.get(player.id);
      if (!current) throw playerGone();
      const kept = keptTapes(current);
      const others = kept.filter((tape) => !semitones.includes(tape.semitones));
      const stepped = semitones.flatMap((one): KeptTape[] => {
        const tape = kept.find((each) => each.semitones === one);
        const isOn = tape?.off === null;
        if (step === 'lay') return [isOn ? tape : { semitones: one, since: today, off: null }];
        return tape ? [isOn ? { ...tape, off: today } : tape] : [];
      });
      const tapes = [...others, ...stepped].sort((a, b) => a.semitones - b.semitones);
      await put('players', { ...current, tapes });
    }
  );
