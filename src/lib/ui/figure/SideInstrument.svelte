<script lang="ts">
  import type { NominalInstrument } from '$lib/core/instruments';
  import { sideView } from '$lib/core/outline';

  /** A violin or viola seen from its side, to scale. Goes inside an svg; takes the current colour. */
  let {
    instrument,
    x,
    y,
    scale,
    filled = false
  }: {
    instrument: Pick<NominalInstrument, 'bodyMm' | 'overallMm' | 'stringMm' | 'ribMm' | 'chinRestMm'>;
    x: number;
    y: number;
    scale: number;
    filled?: boolean;
  } = $props();

  const view = $derived(sideView(instrument));
</script>

<g transform="translate({x} {y}) scale({scale})" class:filled aria-hidden="true">
  <path d={view.ribs} class="area" />
  <path d={view.body} class="area" />
  <path d={view.neck} />
  <path d={view.scroll} />
  <path d={view.fittings} />
  <path d={view.strings} class="thin" />
</g>

<style>
  path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.25;
    stroke-linejoin: round;
    stroke-linecap: round;
    vector-effect: non-scaling-stroke;
  }
  .thin {
    stroke-width: 0.75;
  }
  .filled .area {
    fill: color-mix(in oklab, currentColor 12%, transparent);
  }
</style>
