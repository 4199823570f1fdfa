<script lang="ts">
  import { MM_PER_CM, MM_PER_INCH, type LengthUnit } from '$lib/core/length';

  /** A ruler along an edge of a drawing, in the teacher's unit. Goes inside an svg. */
  let {
    lengthMm,
    scale,
    x,
    y,
    unit,
    direction = 'right'
  }: {
    lengthMm: number;
    /** Pixels in a millimetre. */
    scale: number;
    /** Where its zero is. */
    x: number;
    y: number;
    unit: LengthUnit;
    /** Along the bottom, or up from the floor. */
    direction?: 'right' | 'up';
  } = $props();

  const SMALLEST_STEP_PX = 4;
  const upright = $derived(direction === 'up');
  /** Ticks closer than the eye can tell apart are left out. */
  const units = $derived(
    unit === 'cm'
      ? { stepMm: MM_PER_CM, perLabel: 10, ofLabel: 10 }
      : { stepMm: MM_PER_INCH / 2, perLabel: 8, ofLabel: 4 }
  );
  const every = $derived(
    units.stepMm * scale >= SMALLEST_STEP_PX ? 1 : units.stepMm * 2 * scale >= SMALLEST_STEP_PX ? 2 : 5
  );
  const ticks = $derived(
    Array.from({ length: Math.floor(lengthMm / units.stepMm) + 1 }, (_, index) => ({
      index,
      offset: index * units.stepMm * scale,
      length: index % units.perLabel === 0 ? 14 : index % (units.perLabel / 2) === 0 ? 9 : 5,
      label: index % units.perLabel === 0 ? String((index / units.perLabel) * units.ofLabel) : null
    })).filter(({ index, label }) => label !== null || index % every === 0)
  );
  const end = $derived(lengthMm * scale);
</script>

<g class="ruler" class:upright aria-hidden="true" transform="translate({x} {y})">
  <line x2={upright ? 0 : end} y2={upright ? -end : 0} />
  {#each ticks as tick (tick.index)}
    {#if upright}
      <line y1={-tick.offset} y2={-tick.offset} x2={-tick.length} />
      {#if tick.label}<text x="-19" y={4 - tick.offset}>{tick.label}</text>{/if}
    {:else}
      <line x1={tick.offset} x2={tick.offset} y2={tick.length} />
      {#if tick.label}<text x={tick.offset} y="28">{tick.label}</text>{/if}
    {/if}
  {/each}
  {#if upright}
    <text x="-19" y={-end - 8} class="unit">{unit}</text>
  {:else}
    <text x={end + 16} y="28" class="unit">{unit}</text>
  {/if}
</g>

<style>
  line {
    stroke: var(--ink-soft);
    stroke-width: 1;
  }
  text {
    fill: var(--ink-soft);
    font: 12px var(--mono);
    text-anchor: middle;
  }
  .unit {
    text-anchor: start;
  }
  .upright text {
    text-anchor: end;
  }
</style>
