<script lang="ts">
  import type { OnBack } from '$lib/core/setup';

  /** What lies on the back of an instrument, in mm of its drawing: a rest with its feet, the high one filled, or something soft. */
  let { on }: { on: OnBack } = $props();
</script>

{#if on.kind === 'rest'}
  <line x1={on.chestFoot[0]} y1={on.chestFoot[1]} x2={on.shoulderFoot[0]} y2={on.shoulderFoot[1]} />
  <circle class:high={on.highEnd === 'chest'} cx={on.chestFoot[0]} cy={on.chestFoot[1]} r="9" />
  <circle class:high={on.highEnd === 'shoulder'} cx={on.shoulderFoot[0]} cy={on.shoulderFoot[1]} r="9" />
{:else if on.kind === 'cushion'}
  {#if on.band}<polyline points={on.band.map((place) => place.join(',')).join(' ')} />{/if}
  <circle class="soft-one" cx={on.at[0]} cy={on.at[1]} r={on.radiusMm} />
{/if}

<style>
  line,
  circle,
  polyline {
    --warm: light-dark(oklch(0.47 0.12 50), oklch(0.72 0.12 55));
    stroke: var(--warm);
  }
  line {
    stroke-width: 8;
    opacity: 0.4;
  }
  polyline {
    fill: none;
    stroke-width: 3;
  }
  circle {
    fill: light-dark(white, black);
    stroke-width: 3;
  }
  circle.high {
    fill: var(--warm);
  }
  .soft-one {
    fill: color-mix(in oklab, var(--warm) 35%, light-dark(white, black));
  }
</style>
