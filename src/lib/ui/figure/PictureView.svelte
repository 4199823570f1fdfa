<script lang="ts">
  import type { Picture } from '$lib/core/figure';

  /** A drawn figure in the colours of the theme. It keeps its place while it is being drawn. */
  let {
    picture,
    label,
    shape = 1
  }: {
    picture: Picture | null;
    /** What it shows, for those who do not see it. */
    label: string;
    /** Width over height while there is no picture. */
    shape?: number;
  } = $props();

  const view = $derived(picture?.window);
  const clipId = $props.id();
  /** How far a plumb or level line runs beyond the ring, in its radii. */
  const REACH = 2.4;
</script>

{#if picture && view}
  <svg
    class="figure-picture"
    viewBox="{view.x} {view.y} {view.width} {view.height}"
    role="img"
    aria-label={label}
  >
    <clipPath id={clipId}><rect x={view.x} y={view.y} width={view.width} height={view.height} /></clipPath>
    <g clip-path="url(#{clipId})">
      {#each picture.regions as region (`${region.tone} ${region.quiet}`)}
        <path class="region" class:faint={region.quiet} data-tone={region.tone} d={region.path} />
      {/each}
      {#each picture.lines as line (line.ink)}
        <path class="line" data-ink={line.ink} d={line.path} />
      {/each}
      {#each picture.cues as { x, y, radius, line }, index (index)}
        <g class="cue">
          <circle cx={x} cy={y} r={radius} />
          {#if line === 'plumb'}
            <line x1={x} x2={x} y1={y - REACH * radius} y2={y + REACH * radius} />
          {:else if line === 'level'}
            <line x1={x - REACH * radius} x2={x + REACH * radius} y1={y} y2={y} />
          {/if}
        </g>
      {/each}
    </g>
  </svg>
{:else}
  <div class="figure-picture waiting" style:aspect-ratio={shape}></div>
{/if}
