<script lang="ts">
  import type { Proposal } from '$lib/core/sizing';
  import type { Advice } from '$lib/core/trial';
  import { adviceSentence } from '$lib/words/trial';

  /** Stands where a size would be, while pain is open: what helps, and no size. */
  let { advice, proposal }: { advice: Advice; proposal: Proposal } = $props();
</script>

<div class="nothing">
  <p><b>No size is proposed while pain is open.</b></p>
  <p>{adviceSentence(advice, proposal)}</p>
</div>

<style>
  .nothing {
    grid-column: 1 / -1;
    max-width: 60rem;
    border-left: 4px solid var(--stop);
    padding: 0.25rem 1rem;
    display: grid;
    gap: 0.25rem;
  }
  b {
    font-size: 1.25rem;
  }
</style>
