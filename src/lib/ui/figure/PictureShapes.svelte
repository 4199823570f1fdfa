<script lang="ts">
  import type { Drawing, DrawnCue, Straying } from '$lib/core/figure';

  /** The regions, lines and cues of a drawn figure, in its own mm. Goes inside an svg. */
  let {
    picture
  }: {
    picture: Drawing & {
      readonly cues?: readonly DrawnCue[];
      readonly straying?: Straying | null;
      readonly strokes?: string;
    };
  } = $props();
</script>

{#each picture.regions as region (`${region.tone} ${region.quiet}`)}
  <path class="region" class:faint={region.quiet} data-tone={region.tone} d={region.path} />
{/each}
{#if picture.marked}<path class="marked" d={picture.marked} />{/if}
{#each picture.lines as line (line.ink)}
  <path class="line" data-ink={line.ink} d={line.path} />
{/each}
{#each picture.cues ?? [] as { x, y, radius, line }, index (index)}
  <g class="cue">
    {#if radius > 0}<circle cx={x} cy={y} r={radius} />{/if}
    {#if line}
      <line x1={line.from[0]} y1={line.from[1]} x2={line.to[0]} y2={line.to[1]} />
    {/if}
  </g>
{/each}
{#if picture.strokes}
  <path class="edge wide" d={picture.strokes} />
  <path class="strokes" d={picture.strokes} />
{/if}
{#if picture.straying?.ghost}
  <path class="edge" d={picture.straying.ghost} />
  <path class="ghost" d={picture.straying.ghost} />
{/if}
{#if picture.straying?.arrow}
  <path class="edge wide" d={picture.straying.arrow} />
  <path class="arrow" d={picture.straying.arrow} />
{/if}
