<script lang="ts">
  import { FIT_ORDER, type MeasurementId } from '$lib/core/body';
  import { SHOULDER_SLOPES } from '$lib/core/setup';
  import { addReading, db, dropReading, setSlopeLook, type Player } from '$lib/data';
  import { dropMeasurement } from '$lib/data/commands/measurements';
  import Choice from '$lib/ui/Choice.svelte';
  import MeasureField from '$lib/ui/field/MeasureField.svelte';
  import { MeasuringOrder } from '$lib/ui/field/measuring-order';
  import { attempt } from '$lib/ui/shell/attempt';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import { SLOPE_WORDS } from '$lib/words/setup';
  import type { Bench } from './bench.svelte';

  let { bench, player, ondone }: { bench: Bench; player: Player; ondone: () => void } = $props();

  const fields = $derived(FIT_ORDER[player.family]);
  const nameOf = (kind: MeasurementId) => MEASUREMENT_WORDS[kind].name.toLowerCase();

  let active = $state<MeasurementId | null>(null);
  const order = new MeasuringOrder(() => ondone());
  $effect.pre(() => {
    order.kinds = fields;
  });
</script>

{#snippet slope()}
  <div class="pb-1">
    <Choice
      label="Shoulder slope by eye"
      hideLabel
      value={bench.isFresh('shoulderSlope') ? (bench.newest.shoulderSlope?.look ?? null) : null}
      options={SHOULDER_SLOPES.map((value) => ({ value, text: SLOPE_WORDS[value] }))}
      onpick={(look) => attempt(() => setSlopeLook(db, player, look))}
    />
  </div>
{/snippet}

<div class="measures">
  {#each fields as kind (kind)}
    {@const measurement = bench.newest[kind]}
    <MeasureField
      bind:this={order.at[kind]}
      {order}
      {kind}
      unit={bench.settings.unit}
      typed={bench.typed}
      {measurement}
      fresh={bench.isFresh(kind)}
      heightMm={kind === 'height' ? null : bench.valueOf('height')}
      isBeyondAge={(mm) => kind === 'height' && bench.isBeyondAge(mm)}
      estimateMm={bench.estimateOf(kind)}
      active={active === kind}
      onactive={() => (active = kind)}
      onreading={async (mm, now) => {
        // A field that is left because its player was deleted in another tab writes to nobody.
        if (bench.player) await addReading(db, bench.player, kind, mm, nameOf(kind), now);
      }}
      ondrop={(reading) =>
        measurement && attempt(() => dropReading(db, player, measurement, reading, nameOf(kind)))}
      earlier={measurement?.day === bench.today ? bench.readBefore(measurement) : null}
      onwrong={(earlier) => attempt(() => dropMeasurement(db, player, earlier, nameOf(kind)))}
      extra={kind === 'shoulderSlope' ? slope : undefined}
    />
  {/each}
</div>

<style>
  .measures {
    display: flex;
    flex-direction: column;
    gap: 0.1rem;
    /* Room for the field in use, so that nothing below moves when the focus leaves it. */
    min-height: 23rem;
  }
  @media (min-width: 561px) and (max-width: 900px) {
    .measures {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 0 2rem;
      align-items: start;
      min-height: 14rem;
    }
  }
</style>
