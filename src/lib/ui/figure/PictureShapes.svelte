<script lang="ts">
  import type { DrawnCue, Drawing } from '$lib/core/figure';

  /** The regions, lines and cues of a drawn figure, in its own mm. Goes inside an svg. */
  let { picture }: { picture: Drawing & { readonly cues?: readonly DrawnCue[] } } = $props();

  /** How far a plumb or level line runs beyond the ring, in its radii. */
  const REACH = 2.4;
</script>

{#each picture.regions as region (`${region.tone} ${region.quiet}`)}
  <path class="region" class:faint={region.quiet} data-tone={region.tone} d={region.path} />
{/each}
{#each picture.lines as line (line.ink)}
  <path class="line" data-ink={line.ink} d={line.path} />
{/each}
{#each picture.cues ?? [] as { x, y, radius, line }, index (index)}
  <g class="cue">
    <circle cx={x} cy={y} r={radius} />
    {#if line === 'plumb'}
      <line x1={x} x2={x} y1={y - REACH * radius} y2={y + REACH * radius} />
    {:else if line === 'level'}
      <line x1={x - REACH * radius} x2={x + REACH * radius} y1={y} y2={y} />
    {/if}
  </g>
{/each}
