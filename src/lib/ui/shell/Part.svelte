<script lang="ts">
  import type { Snippet } from 'svelte';

  /** One part of a screen that may fail by itself: the other parts stay usable, and nothing stored is touched. */
  let { name, children }: { name: string; children: Snippet } = $props();
</script>

<svelte:boundary>
  {@render children()}
  {#snippet failed(error, reset)}
    <div class="broken" role="alert">
      <p>
        <b>{name} can’t be shown just now.</b> Everything else on this page works, and what you saved is untouched.
      </p>
      <p class="soft text-sm">{error instanceof Error ? error.message : String(error)}</p>
      <button type="button" class="btn act" onclick={reset}>Show it again</button>
    </div>
  {/snippet}
</svelte:boundary>

<style>
  .broken {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.35rem;
    justify-items: start;
  }
</style>
