<script lang="ts">
  import type { Picture } from '$lib/core/figure';
  import PictureShapes from './PictureShapes.svelte';

  /** A drawn figure in the colours of the theme. It keeps its place while it is being drawn. */
  let {
    picture,
    label,
    shape = 1,
    tapped = null
  }: {
    picture: Picture | null;
    /** What it shows, for those who do not see it. */
    label: string;
    /** Width over height while there is no picture. */
    shape?: number;
    /** A place that was tapped, in the picture's own mm. */
    tapped?: readonly [x: number, y: number] | null;
  } = $props();

  const view = $derived(picture?.window);
  const clipId = $props.id();
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
      <PictureShapes {picture} />
    </g>
    {#if tapped}<circle class="tapped" cx={tapped[0]} cy={tapped[1]} r={0.03 * view.height} />{/if}
  </svg>
{:else}
  <div class="figure-picture waiting" style:aspect-ratio={shape}></div>
{/if}

<style>
  .tapped {
    fill: none;
    stroke: var(--next);
    stroke-width: 3px;
    vector-effect: non-scaling-stroke;
  }
</style>
