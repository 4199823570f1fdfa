import {
  toNotch,
  withOwn,
  type Adjustments,
  type AdjustmentsOf,
  type Arrangement,
  type OwnOrigin,
  type SettingId,
  type SetupKind
} from '$lib/core/setup';
import { changeSetup, db, keepSetup, type Draft, type Player } from '$lib/data';
import type { Bench } from '$lib/ui/bench/bench.svelte';
import { attempt } from '$lib/ui/shell/attempt';

/** The teacher's hand on a set-up: changes one thing of it, takes one over, keeps it as a version. */
export class SetupHand {
  readonly #bench: Bench;
  readonly #player: () => Player;

  constructor(bench: Bench, player: () => Player) {
    this.#bench = bench;
    this.#player = player;
  }

  /** Changes the adjustments as they are stored at that moment. */
  changeAs =
    <Kind extends SetupKind>(kind: Kind) =>
    (
      label: string,
      patch: (before: AdjustmentsOf<Kind>) => Partial<AdjustmentsOf<Kind>>,
      joins?: SettingId
    ): Promise<boolean> =>
      this.#put(
        label,
        (setup) => {
          const before =
            setup?.kind === kind ? (setup as AdjustmentsOf<Kind>) : this.#bench.setup.adjustments(kind);
          return { ...before, ...patch(before) } as Draft['setup'];
        },
        joins
      );

  adjust = (id: SettingId, value: number | undefined, origin?: OwnOrigin): Promise<boolean> => {
    const { laid, nameOf, values } = this.#bench.setup;
    if (!laid) return Promise.resolve(false);
    return this.changeAs(laid.kind)(
      `Adjusted ${nameOf(id).toLowerCase()}`,
      (before) => withOwn(before, id, this.#asItGoes(id, value, origin), values, origin),
      id
    );
  };

  takeOver = (label: string, setup: Adjustments): Promise<boolean> =>
    this.#put(label, () => setup as Draft['setup']);

  mark = async (id: SettingId, text: string): Promise<void> => {
    const { laid, nameOf } = this.#bench.setup;
    if (!laid) return;
    const written = await this.changeAs(laid.kind)(`Marked ${nameOf(id).toLowerCase()}`, ({ marks }) => ({
      marks: { ...marks, [id]: text.trim() }
    }));
    if (written) this.#bench.typed.entered(`mark.${id}`, text);
  };

  /** Keeps what is on the screen as a version. */
  async keep(): Promise<void> {
    const { fit, laid, basis } = this.#bench.setup;
    if (!fit || !laid) return;
    await keepSetup(db, this.#player(), {
      fit,
      arrangement: this.#withTypedMarks(laid.arrangement),
      ...basis,
      after: this.#bench.setups[0]?.id ?? null
    });
  }

  #put = (label: string, how: Parameters<typeof changeSetup>[3], joins?: SettingId): Promise<boolean> =>
    attempt(() => changeSetup(db, this.#player(), label, how, new Date(), joins));

  /** A pin with notches goes from one to the next; one that is typed, to the nearest. */
  #asItGoes(id: SettingId, value: number | undefined, origin?: OwnOrigin): number | undefined {
    const { laid } = this.#bench.setup;
    if (id !== 'pin' || value === undefined || laid?.kind !== 'standing') return value;
    const from = origin === 'typed' ? value : laid.arrangement.settings.pin.value;
    return toNotch(laid.arrangement.notchesMm ?? [], from, value);
  }

  /** A mark that is typed and not left yet is kept with the rest. */
  #withTypedMarks(arrangement: Arrangement): Arrangement {
    const settings = Object.fromEntries(
      Object.entries(arrangement.settings).map(([id, setting]) => [
        id,
        { ...setting, mark: this.#bench.typed.of(`mark.${id}`)?.trim() ?? setting.mark }
      ])
    );
    return { ...arrangement, settings } as Arrangement;
  }
}
