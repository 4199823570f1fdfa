<script lang="ts">
  import { lengthOf, silhouetteOf, type Stored } from '$lib/core/cupboard';
  import { dimensionsOf, type DimensionOverrides } from '$lib/core/instruments';
  import type { StoredInstrument } from '$lib/data/questions/cupboard';
  import { whereText } from '$lib/words/cupboard';
  import { clock } from '$lib/ui/clock.svelte';

  /** One instrument on its shelf, at its true length beside the others: a tap opens it. */
  let {
    stored,
    own,
    pxPerMm,
    tallestMm,
    outgrown,
    nameOf,
    picked,
    onpick
  }: {
    stored: Stored<StoredInstrument>;
    own: DimensionOverrides;
    pxPerMm: number;
    /** What the shelf is made high enough for. */
    tallestMm: number;
    /** Who has it has outgrown it by now. */
    outgrown: boolean;
    nameOf: (id: string) => string;
    picked: boolean;
    onpick: () => void;
  } = $props();

  const { instrument, where } = $derived(stored);

  const drawn = $derived(
    silhouetteOf(dimensionsOf(instrument.family, instrument.size, own), lengthOf(instrument, own))
  );
  const [who, note] = $derived(whereText(where, { nameOf, state: instrument.state, today: clock.today }));
  const late = $derived(where.kind === 'out' && where.overdue);
</script>

<button
  type="button"
  aria-pressed={picked}
  data-instrument={instrument.id}
  data-where={where.kind}
  class:outgrown
  class:mend={instrument.state === 'to-mend'}
  onclick={onpick}
>
  <span class="stands">
    <svg
      width={drawn.widthMm * pxPerMm + 4}
      height={tallestMm * pxPerMm + 4}
      viewBox="{-2 / pxPerMm} {drawn.heightMm - tallestMm - 2 / pxPerMm} {drawn.widthMm +
        4 / pxPerMm} {tallestMm + 4 / pxPerMm}"
      aria-hidden="true"
    >
      <path d={drawn.body} />
      <rect x={drawn.neck[0]} y={drawn.neck[1]} width={drawn.neck[2]} height={drawn.neck[3]} class="neck" />
      <circle cx={drawn.scroll.x} cy={drawn.scroll.y} r={drawn.scroll.radius} />
    </svg>
  </span>
  <b>no. {instrument.number}</b>
  <span class="who">{who}</span>
  {#if outgrown}<span class="note small">◣ too small</span>{/if}
  {#if note}<span class="note" class:late>{note}</span>{/if}
</button>

<style>
  button {
    display: grid;
    justify-items: center;
    align-content: start;
    padding: 0.25rem 0.4rem;
    border-radius: var(--radius-base);
    min-width: 4.4rem;
    max-width: 8rem;
    line-height: 1.2;
  }
  button:hover {
    background: var(--line);
  }
  button[aria-pressed='true'] {
    outline: 2px solid var(--ink);
  }
  .stands {
    justify-self: stretch;
    margin-inline: -0.4rem;
    border-bottom: 2px solid var(--ink);
    margin-bottom: 0.2rem;
  }
  svg {
    display: block;
    margin-inline: auto;
  }
  path,
  circle,
  rect {
    fill: var(--panel);
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
  }
  .neck {
    fill: var(--ink);
  }
  [data-where='out'] :is(path, circle) {
    fill: color-mix(in oklch, var(--fits) 22%, var(--panel));
    stroke: var(--fits);
  }
  [data-where='out'] .neck {
    fill: var(--fits);
    stroke: var(--fits);
  }
  .outgrown :is(path, circle) {
    fill: color-mix(in oklch, var(--small) 22%, var(--panel));
    stroke: var(--small);
  }
  .outgrown .neck {
    fill: var(--small);
    stroke: var(--small);
  }
  [data-where='workshop'] :is(path, circle),
  [data-where='out-of-use'] :is(path, circle),
  .mend :is(path, circle) {
    stroke-dasharray: 4 3;
    stroke: var(--next);
  }
  [data-where='workshop'] .neck,
  [data-where='out-of-use'] .neck {
    fill: var(--line-strong);
    stroke: none;
  }
  .who {
    overflow-wrap: anywhere;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
    font-size: 0.95rem;
  }
  .note {
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  .small {
    color: var(--small);
    font-weight: 600;
  }
  .late {
    color: var(--stop);
    font-weight: 600;
  }
</style>
