<script lang="ts">
  import type { MeasurementId } from '$lib/core/body';
  import { stacked } from './labels';

  /** Names of places beside a drawing, each with a thin line to its place; a tap enters what is measured there. */
  let {
    places,
    spots,
    px,
    width,
    height,
    gapPx,
    roomPx,
    onpick
  }: {
    places: readonly { readonly id: MeasurementId; readonly name: string; readonly spot: string }[];
    /** All named spots of the drawing: the names stand to the right of them. */
    spots: readonly string[];
    /** Where a spot is; nothing for what is not drawn. */
    px: (spot: string) => { readonly x: number; readonly y: number } | undefined;
    width: number;
    height: number;
    /** From one name's middle to the next, and what the longest of them takes of the width. */
    gapPx: number;
    roomPx: number;
    onpick: (id: MeasurementId) => void;
  } = $props();

  const placed = $derived(
    places.flatMap((place) => {
      const at = px(place.spot);
      return at ? [{ ...place, at }] : [];
    })
  );
  const x = $derived(Math.min(width - roomPx, Math.max(0, ...spots.map((spot) => px(spot)?.x ?? 0)) + gapPx));
  /** A line comes in level, from so far. */
  const LEVEL_PX = 14;
  const ys = $derived(
    stacked(
      placed.map(({ id, at }) => ({ id, y: at.y })),
      gapPx,
      gapPx / 2,
      height - gapPx / 2
    )
  );
</script>

<svg {width} {height} viewBox="0 0 {width} {height}" aria-hidden="true">
  {#each placed as { id, at } (id)}
    {@const way = `M${at.x} ${at.y}L${x - LEVEL_PX} ${ys.get(id) ?? at.y}H${x}`}
    <path class="under" d={way} />
    <path class="leader" d={way} />
    <circle cx={at.x} cy={at.y} r="2.5" />
  {/each}
</svg>
{#each placed as { id, name, at } (id)}
  <button
    type="button"
    class="scene-place no-print"
    style:left="{x}px"
    style:top="{ys.get(id) ?? at.y}px"
    onclick={() => onpick(id)}
    aria-label="Enter {name}">{name}</button
  >
{/each}

<style>
  svg {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
  .scene-place {
    transform: translateY(-50%);
    min-height: 2.75rem;
  }
  path {
    fill: none;
  }
  .leader {
    stroke: var(--ink-soft);
    stroke-width: 1;
  }
  .under {
    stroke: var(--ground);
    stroke-width: 3.5;
    opacity: 0.8;
  }
  circle {
    fill: var(--ink-soft);
    stroke: var(--ground);
  }
</style>
