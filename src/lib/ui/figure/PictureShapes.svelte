<script lang="ts">
  import type { DrawnCue, Drawing } from '$lib/core/figure';

  /** The regions, lines and cues of a drawn figure, in its own mm. Goes inside an svg. */
  let { picture }: { picture: Drawing & { readonly cues?: readonly DrawnCue[] } } = $props();
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
    {#if line}
      <line x1={line.from[0]} y1={line.from[1]} x2={line.to[0]} y2={line.to[1]} />
    {/if}
  </g>
{/each}
