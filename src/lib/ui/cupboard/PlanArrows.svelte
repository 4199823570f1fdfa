<script lang="ts">
  import type { PlanLine } from '$lib/core/cupboard';

  /** A plan over the shelves: an arrow from the instrument that somebody gives back to the one that comes instead. */
  let { lines, nameOf }: { lines: readonly PlanLine[]; nameOf: (id: string) => string } = $props();

  let layer = $state<SVGSVGElement>();
  interface Arrow {
    readonly id: string;
    readonly path: string;
    readonly name: string;
    readonly x: number;
    readonly y: number;
  }
  let arrows = $state.raw<readonly Arrow[]>([]);
  /** How high an arrow comes in from above where nothing was in use before. */
  const FROM_ABOVE_PX = 30;

  /** Just over the scroll of an instrument on its shelf, from the layer's corner. */
  function topOf(id: string, box: DOMRect): readonly [number, number] | null {
    const scroll = layer?.parentElement?.querySelector(`[data-instrument="${CSS.escape(id)}"] circle`);
    if (!scroll) return null;
    const { left, width, top } = scroll.getBoundingClientRect();
    return [left + width / 2 - box.left, top - box.top - 4];
  }

  function draw() {
    const box = layer?.getBoundingClientRect();
    if (!box) return;
    arrows = lines.flatMap((line): Arrow[] => {
      const to = line.to === null ? null : topOf(line.to, box);
      const from = line.from === null ? null : topOf(line.from, box);
      if (!to) return [];
      const [x, y] = to;
      const name = nameOf(line.playerId).split(' ')[0] ?? '';
      if (!from)
        return [
          {
            id: line.playerId,
            name,
            x,
            y: y - FROM_ABOVE_PX - 4,
            path: `M${x} ${y - FROM_ABOVE_PX}L${x} ${y}`
          }
        ];
      const lift = Math.min(from[1], y) - FROM_ABOVE_PX;
      const path = `M${from[0]} ${from[1]}C${from[0]} ${lift} ${x} ${lift} ${x} ${y}`;
      return [{ id: line.playerId, name, x: (from[0] + x) / 2, y: lift + 6, path }];
    });
  }

  $effect(() => {
    const shelves = layer?.parentElement;
    if (!shelves) return;
    void lines;
    const watching = new ResizeObserver(draw);
    watching.observe(shelves);
    draw();
    return () => watching.disconnect();
  });
</script>

<svg bind:this={layer} aria-hidden="true" data-arrows>
  <defs>
    <marker
      id="plan-arrow"
      viewBox="0 0 8 8"
      refX="6"
      refY="4"
      markerWidth="7"
      markerHeight="7"
      orient="auto"
    >
      <path d="M0 0L8 4L0 8Z" class="head" />
    </marker>
  </defs>
  {#each arrows as { id, path, name, x, y } (id)}
    <path d={path} class="under" />
    <path d={path} class="way" marker-end="url(#plan-arrow)" />
    <text {x} {y} text-anchor="middle">{name}</text>
  {/each}
</svg>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }
  path {
    fill: none;
    stroke-linecap: round;
  }
  .under {
    stroke: var(--ground);
    stroke-width: 6;
  }
  .way {
    stroke: var(--next);
    stroke-width: 2.5;
  }
  .head {
    fill: var(--next);
  }
  text {
    font-size: 0.85rem;
    font-weight: 650;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--ground);
    stroke-width: 4px;
  }
</style>
