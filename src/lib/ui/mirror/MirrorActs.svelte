<script lang="ts">
  import type { Measuring } from '$lib/ui/photo/measuring.svelte';
  import type { Mirror } from './mirror.svelte';

  /** What is done with the mirror: held, measured, turned, switched off, closed. */
  let {
    mirror,
    measuring,
    onhold,
    onsoon,
    onturn,
    onmeasure,
    onclose
  }: {
    mirror: Mirror;
    /** An angle is being measured; null while none is. */
    measuring: Measuring | null;
    onhold: () => void;
    onsoon: () => void;
    onturn: () => void;
    onmeasure: () => void;
    onclose: () => void;
  } = $props();
</script>

<p class="row">
  {#if mirror.still}
    <button type="button" class="btn act-next" data-act="thaw" onclick={onhold}
      >{mirror.live ? 'Look on' : 'Put it away'} <span class="key">F</span></button
    >
  {:else if mirror.live}
    <button type="button" class="btn act-next" data-act="freeze" onclick={onhold}
      >Hold still <span class="key">F</span></button
    >
    <button type="button" class="btn act" aria-pressed={mirror.counting !== null} onclick={onsoon}
      >In 3 seconds</button
    >
  {/if}
  {#if mirror.still}
    <button
      type="button"
      class="btn act"
      data-act="measure"
      aria-pressed={measuring !== null}
      onclick={onmeasure}>{measuring ? '✓ Measuring' : 'Measure an angle'}</button
    >
  {/if}
  {#if mirror.live && !mirror.still}
    <button type="button" class="btn act" onclick={onturn}>Other camera</button>
    <button type="button" class="btn act" data-act="camera-off" onclick={() => mirror.stop()}
      >Camera off</button
    >
  {/if}
  <button type="button" class="btn act" onclick={onclose}>Close</button>
</p>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
  }
</style>
