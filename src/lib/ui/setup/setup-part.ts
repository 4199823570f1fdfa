import type { Readings } from '$lib/core/body';
import type { NominalInstrument } from '$lib/core/instruments';
import type { LengthUnit } from '$lib/core/length';
import type { AdjustmentsOf, SettingId, SetupKind } from '$lib/core/setup';
import type { Laid } from '$lib/ui/bench/setup.svelte';

/** What every part of a set-up is given. */
export interface SetupPartProps<Kind extends SetupKind> {
  readonly laid: Extract<Laid, { kind: Kind }>;
  readonly instrument: NominalInstrument;
  readonly unit: LengthUnit;
  readonly readings: Readings;
}

/** A drawing of it, in which settings are dragged. */
export interface SetupDrawingProps<Kind extends SetupKind> extends SetupPartProps<Kind> {
  readonly onadjust: (id: SettingId, value: number | undefined) => Promise<boolean>;
}

/** A drawing in which what is held decides where the rest goes. */
export interface SolvedDrawingProps<Kind extends SetupKind> extends SetupDrawingProps<Kind> {
  /** What is held. */
  readonly own: AdjustmentsOf<Kind>['values'];
}

/** The ways that it can be set. */
export interface SetupWaysProps<Kind extends SetupKind> extends SetupPartProps<Kind> {
  readonly onchange: (
    label: string,
    patch: (before: AdjustmentsOf<Kind>) => Partial<AdjustmentsOf<Kind>>,
    joins?: SettingId
  ) => Promise<boolean>;
}
