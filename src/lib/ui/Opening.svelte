<script lang="ts">
  import type { Snippet } from 'svelte';
  import { opening } from './opening.svelte';

  /** Shows a place once all that it asks for is there, so that nothing moves away under a finger. */
  let { children }: { children: Snippet } = $props();
  const place = opening();
</script>

<div class:opening={!place.isOpen} data-waits={place.waits}>{@render children()}</div>

<style>
  .opening {
    visibility: hidden;
  }
</style>
