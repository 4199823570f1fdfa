<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { lengthNumber, type LengthUnit } from '$lib/core/length';
  import type { Measurement } from '$lib/data';

  /** The readings behind a value, each of which can be dropped. */
  let {
    name,
    readings,
    sdMm,
    unit,
    ondrop
  }: {
    name: string;
    readings: Measurement['readings'];
    sdMm: number;
    unit: LengthUnit;
    ondrop: (reading: Measurement['readings'][number]) => void;
  } = $props();
</script>

<ul aria-label="Readings of {name}">
  {#each readings as reading, index (reading.at + index)}
    <li class="num">
      {lengthNumber(reading.mm, unit)}
      <button
        type="button"
        onpointerdown={(event) => event.preventDefault()}
        onclick={() => ondrop(reading)}
        aria-label="Drop the reading {lengthNumber(reading.mm, unit)} {unit}"
      >
        <X size={14} aria-hidden="true" />
      </button>
    </li>
  {/each}
  {#if readings.length > 1}<li class="num soft">± {lengthNumber(sdMm, unit)}</li>{/if}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.15rem 0.75rem;
    align-items: center;
    font-size: 0.9rem;
  }
  li {
    display: inline-flex;
    align-items: center;
  }
  button {
    min-width: 1.75rem;
    min-height: 1.75rem;
    display: inline-grid;
    place-items: center;
    color: var(--ink-soft);
  }
</style>
