<script lang="ts">
  /** A limb along its middle line, as an outline of one stroke. Goes inside a scaled svg group. */
  let { d, widthMm, scale }: { d: string; widthMm: number; scale: number } = $props();

  const STROKE_PX = 1.5;
</script>

<g>
  <path {d} class="edge" stroke-width={widthMm} />
  <path {d} class="inside" stroke-width={Math.max(0, widthMm - (2 * STROKE_PX) / scale)} />
</g>

<style>
  path {
    fill: none;
    stroke-linejoin: round;
    stroke-linecap: round;
  }
  .edge {
    stroke: var(--limb-edge, var(--ink));
  }
  .inside {
    stroke: var(--ground);
  }
</style>
