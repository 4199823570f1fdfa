<script lang="ts">
  import { MM_PER_CM, MM_PER_INCH, type LengthUnit } from '$lib/core/length';

  /** A ruler along the bottom of a drawing, in the teacher's unit. Goes inside an svg. */
  let {
    lengthMm,
    scale,
    x,
    y,
    unit
  }: {
    lengthMm: number;
    /** Pixels in a millimetre. */
    scale: number;
    x: number;
    y: number;
    unit: LengthUnit;
  } = $props();

  const stepMm = $derived(unit === 'cm' ? MM_PER_CM : MM_PER_INCH / 2);
  const perLabel = $derived(unit === 'cm' ? 10 : 8);
  const ticks = $derived(
    Array.from({ length: Math.floor(lengthMm / stepMm) + 1 }, (_, index) => ({
      x: x + index * stepMm * scale,
      length: index % perLabel === 0 ? 14 : index % (perLabel / 2) === 0 ? 9 : 5,
      label: index % perLabel === 0 ? String(unit === 'cm' ? index : index / 2) : null
    }))
  );
</script>

<g class="ruler" aria-hidden="true">
  <line x1={x} x2={x + lengthMm * scale} y1={y} y2={y} />
  {#each ticks as tick, index (index)}
    <line x1={tick.x} x2={tick.x} y1={y} y2={y + tick.length} />
    {#if tick.label}
      <text x={tick.x} y={y + 28}>{tick.label}</text>
    {/if}
  {/each}
  <text x={x + lengthMm * scale + 16} y={y + 28} class="unit">{unit}</text>
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
</style>
