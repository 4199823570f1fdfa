<script lang="ts">
  import type { NominalInstrument } from '$lib/core/instruments';
  import type { LengthUnit } from '$lib/core/length';
  import type { Rung } from '$lib/core/outlook';
  import type { IsoDay } from '$lib/core/time';
  import { rungText } from '$lib/words/growth';
  import Ruler from '$lib/ui/figure/Ruler.svelte';

  /** Past, present and coming sizes on one ruler of overall length. */
  let {
    rungs,
    instruments,
    unit,
    today
  }: {
    rungs: readonly Rung[];
    instruments: readonly NominalInstrument[];
    unit: LengthUnit;
    today: IsoDay;
  } = $props();

  const ROW = 36;
  const LEFT = 8;
  const LABEL = 250;
  let width = $state(800);

  const rows = $derived(
    rungs
      .map((rung) => ({
        ...rung,
        text: rungText(rung, today),
        mm: instruments.find(({ size }) => size === rung.size)?.overallMm ?? 0
      }))
      .sort((a, b) => a.mm - b.mm)
  );
  const longestMm = $derived(Math.max(...rows.map(({ mm }) => mm)));
  const scale = $derived((width - LABEL - LEFT) / longestMm);
  const height = $derived(rows.length * ROW + 46);
  const rulerY = $derived(rows.length * ROW + 8);
</script>

<div bind:clientWidth={width} class="ladder">
  <svg
    {width}
    {height}
    viewBox="0 0 {width} {height}"
    role="img"
    aria-label={rows.map(({ size, text }) => `${size}: ${text}`).join('; ')}
  >
    {#each rows as { size, when, text, mm }, index (index)}
      {@const y = index * ROW + 18}
      <line class="bar {when}" x1={LEFT} x2={LEFT + mm * scale} y1={y} y2={y} />
      <circle class="end {when}" cx={LEFT + mm * scale} cy={y} r={when === 'now' ? 7 : 5} />
      <text class="size {when}" x={LEFT + mm * scale + 14} y={y + 6}>{size}</text>
      <text class="text" x={LEFT + mm * scale + 70} y={y + 5}>{text}</text>
    {/each}
    <Ruler lengthMm={Math.ceil(longestMm / 50) * 50} {scale} x={LEFT} y={rulerY} {unit} />
  </svg>
</div>

<style>
  .ladder {
    width: 100%;
    overflow: hidden;
  }
  svg {
    display: block;
  }
  .bar {
    stroke: var(--line-strong);
    stroke-width: 2;
  }
  .bar.now {
    stroke: var(--fits);
    stroke-width: 4;
  }
  .bar.coming {
    stroke-dasharray: 2 5;
  }
  .end {
    fill: var(--ground);
    stroke: var(--line-strong);
    stroke-width: 2;
  }
  .end.past {
    fill: var(--small);
    stroke: var(--small);
  }
  .end.now {
    fill: var(--fits);
    stroke: var(--fits);
  }
  .size {
    font: 700 17px var(--mono);
    fill: var(--ink-soft);
  }
  .size.now {
    fill: var(--fits);
  }
  .text {
    font-size: 14px;
    fill: var(--ink);
  }
</style>
