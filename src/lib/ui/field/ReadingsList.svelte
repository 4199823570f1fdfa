<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { lengthNumber, type LengthUnit } from '$lib/core/length';
  import type { IsoDay } from '$lib/core/time';
  import type { Measurement } from '$lib/data';
  import { clock } from '$lib/ui/clock.svelte';
  import { nearDayText } from '$lib/words/dates';

  /** The readings behind a value, each of which can be dropped; those of an earlier day say so. */
  let {
    name,
    readings,
    day,
    sdMm,
    unit,
    ondrop
  }: {
    name: string;
    readings: Measurement['readings'];
    /** When they were taken. */
    day: IsoDay;
    sdMm: number;
    unit: LengthUnit;
    ondrop: (reading: Measurement['readings'][number]) => void;
  } = $props();

  const past = $derived(day < clock.today ? nearDayText(day, clock.today) : null);
</script>

<ul aria-label="Readings of {name}">
  {#each readings as reading, index (reading.at + index)}
    <li class="num">
      {lengthNumber(reading.mm, unit)}
      {#if past}<span class="day soft">{past}</span>{/if}
      <button
        type="button"
        onpointerdown={(event) => event.preventDefault()}
        onclick={() => ondrop(reading)}
        aria-label="Drop the reading {lengthNumber(reading.mm, unit)} {unit}{past ? ` of ${past}` : ''}"
      >
        {#if past}<span class="wrong">drop</span>{:else}<X size={14} aria-hidden="true" />{/if}
      </button>
    </li>
  {/each}
  {#if readings.length > 1}<li class="num soft">± {lengthNumber(sdMm, unit)}</li>{/if}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    column-gap: 0.4rem;
    gap: 0.15rem 0.75rem;
    align-items: center;
    font-size: 0.9rem;
  }
  li {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    column-gap: 0.4rem;
  }
  .day,
  .wrong {
    font-family: 'Atkinson Hyperlegible Next Variable', sans-serif;
    white-space: nowrap;
  }
  .wrong {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  button {
    min-width: 1.75rem;
    min-height: 1.75rem;
    display: inline-grid;
    place-items: center;
    color: var(--ink-soft);
  }
</style>
