<script lang="ts">
  import type { LowStringsView } from '$lib/core/outline';

  /** A cello or bass from the side, in its place. Goes inside an svg; takes the current colour. */
  let { view }: { view: LowStringsView } = $props();
</script>

<g aria-hidden="true">
  <path d={view.pin} class="pin" />
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
    stroke-width: 1.4;
    stroke-linejoin: round;
    stroke-linecap: round;
    vector-effect: non-scaling-stroke;
  }
  .area {
    fill: color-mix(in oklab, currentColor 12%, transparent);
  }
  .pin {
    stroke-width: 2.5;
  }
  .thin {
    stroke-width: 0.75;
  }
</style>
