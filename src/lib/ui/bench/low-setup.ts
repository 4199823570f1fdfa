import type { Readings } from '$lib/core/body';
import type { NominalInstrument } from '$lib/core/instruments';
import type { LengthUnit } from '$lib/core/length';
import type { AdjustmentsOf, SettingId, SetupKind } from '$lib/core/setup';
import type { Laid } from './setup.svelte';

/** What the set-up of a cello or a bass over its player is given. */
export interface LowSetupProps<Kind extends Exclude<SetupKind, 'rest'>> {
  readonly laid: Extract<Laid, { kind: Kind }>;
  readonly instrument: NominalInstrument;
  readonly unit: LengthUnit;
  readonly readings: Readings;
  /** What is held. */
  readonly own: AdjustmentsOf<Kind>['values'];
  readonly onchange: (
    label: string,
    patch: (before: AdjustmentsOf<Kind>) => Partial<AdjustmentsOf<Kind>>
  ) => Promise<boolean>;
  readonly onadjust: (id: SettingId, value: number | undefined) => Promise<boolean>;
}
