import { FRACTION_OF_HEIGHT } from '$lib/core/body';
import { dimensionsOf, isShoulderFamily } from '$lib/core/instruments';
import {
  changesBetween,
  NO_REST_ADJUSTMENTS,
  restStack,
  settle,
  TILT_DEG,
  type RestAdjustments,
  type RestArrangement,
  type RestStack
} from '$lib/core/setup';
import type { Setup } from '$lib/data';
import type { Bench } from './bench.svelte';

type RestSetup = Extract<Setup, { kind: 'rest' }>;

/** The support of a violin or viola at one bench: worked out, changed by hand, and as it was kept. Reads only. */
export class RestBench {
  readonly #bench: Bench;

  constructor(bench: Bench) {
    this.#bench = bench;
  }

  /** The set-up that was kept for the decision of this fit. */
  readonly kept: RestSetup | null = $derived.by(() => {
    const { decided } = this.#bench;
    return decided ? (this.#restSetups.find(({ fitId }) => fitId === decided.id) ?? null) : null;
  });

  readonly #restSetups = $derived.by(() =>
    this.#bench.setups.filter((setup): setup is RestSetup => setup.kind === 'rest')
  );

  /** The newest set-up of an earlier fit on the same family, to compare with. */
  readonly earlier: RestSetup | null = $derived.by(
    () =>
      this.#restSetups.find(
        ({ fitId, family }) => fitId !== this.#bench.decided?.id && family === this.#bench.player?.family
      ) ?? null
  );

  /** What was changed by hand in the rest. */
  readonly adjustments: RestAdjustments = $derived.by(() => {
    const { setup } = this.#bench.draft;
    return setup?.kind === 'rest' ? setup : NO_REST_ADJUSTMENTS;
  });

  /** Lengths that the rest is worked out from, mm; null where there are too few. */
  readonly #lengths = $derived.by(() => {
    const neckGapMm = this.#bench.valueOf('neckGap');
    const heightMm = this.#bench.valueOf('height') ?? this.#heightFromArm();
    return neckGapMm === null && heightMm === null ? null : { neckGapMm, heightMm };
  });

  readonly stack: RestStack | null = $derived.by(() => {
    const { decided, player, settings } = this.#bench;
    const { adjustments } = this;
    const lengths = this.#lengths;
    if (!decided || !player || !isShoulderFamily(player.family) || !lengths) return null;
    const dropMm = this.#bench.valueOf('shoulderSlope');
    const look = this.#bench.newest.shoulderSlope?.look ?? 'medium';
    const chinRestMm = adjustments.values.chinRest;
    return restStack({
      instrument: dimensionsOf(player.family, decided.size, settings.dimensions),
      ...lengths,
      shoulder: dropMm !== null && lengths.heightMm !== null ? { dropMm } : { slope: look },
      school: adjustments.choices.school ?? settings.restSchool,
      tiltDeg: adjustments.values.tilt ?? TILT_DEG[settings.tiltSchool],
      ...(chinRestMm === undefined ? {} : { chinRestMm })
    });
  });

  #heightFromArm(): number | null {
    const palmMm = this.#bench.valueOf('armToPalm');
    return palmMm === null ? null : palmMm / FRACTION_OF_HEIGHT.neckToPalm;
  }

  /** The rest as it is on the screen: worked out, and changed by hand. */
  readonly arrangement: RestArrangement | null = $derived.by(() => {
    const { adjustments, stack } = this;
    const { settings } = this.#bench;
    return stack && settle(stack, { school: settings.restSchool, mount: 'beside' }, adjustments);
  });

  /** What the set-up on the screen rests on, for its record. */
  get basis() {
    const { stack } = this;
    const slopeMm = this.#bench.valueOf('shoulderSlope');
    const heightMm = this.#bench.valueOf('height');
    return {
      lengths: {
        ...(stack ? { neckGap: stack.neckGapMm } : {}),
        ...(heightMm === null ? {} : { height: heightMm }),
        ...(slopeMm === null ? {} : { shoulderSlope: slopeMm })
      },
      estimated: this.#bench.valueOf('neckGap') === null ? (['neckGap'] as const) : []
    };
  }

  /** True while the set-up on the screen differs from the one that was kept. */
  readonly changed: boolean = $derived.by(() => {
    const { kept, arrangement } = this;
    return kept !== null && arrangement !== null && changesBetween(kept, arrangement).length > 0;
  });
}
