<script lang="ts">
  import PoseFigure from './PoseFigure.svelte';
  import { SKETCHES } from './sketches';

  /** How right and wrong look, side by side, told apart by word, shape and tone. */
  let { look, right, wrong }: { look: string; right: string; wrong: string } = $props();

  const sketch = $derived(SKETCHES[look]);
</script>

<div class="pair">
  <figure class="right">
    {#if sketch}<PoseFigure pose={sketch.right} />{/if}
    <figcaption><b>✓ Right</b> {right}</figcaption>
  </figure>
  <figure class="wrong">
    {#if sketch}<PoseFigure pose={sketch.wrong} />{/if}
    <figcaption><b>✗ Not so</b> {wrong}</figcaption>
  </figure>
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1rem;
  }
  figure {
    border-top: 3px solid var(--pose-tone);
    padding-top: 0.25rem;
    display: grid;
    align-content: start;
    gap: 0.35rem;
  }
  .right {
    --pose-tone: var(--fits);
  }
  .wrong {
    --pose-tone: var(--large);
  }
  b {
    color: var(--pose-tone);
    display: block;
  }
  figcaption {
    font-size: 1rem;
  }
</style>
