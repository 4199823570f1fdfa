<script lang="ts">
  import type { Candidate } from '$lib/core/sizing';
  import { surenessText } from '$lib/words/sizing';

  /** Chance of each size as lengths on one bar, smallest left; a legend names what is too narrow to label. */
  let { candidates }: { candidates: readonly Candidate[] } = $props();

  const VISIBLE = 0.005;
  const ROOM_FOR_LABEL = 0.16;
  const parts = $derived(candidates.filter(({ probability }) => probability >= VISIBLE).toReversed());
</script>

<div class="bar" aria-hidden="true">
  {#each parts as part (part.size)}
    <span class={part.verdict} style:flex-grow={part.probability}>
      {#if part.probability >= ROOM_FOR_LABEL}{part.size}{/if}
    </span>
  {/each}
</div>
<p class="chances">
  <span class="sr-only">How likely each size is:</span>
  {#each parts as part (part.size)}
    <span class={part.verdict}><b>{part.size}</b> {surenessText(part.probability)}</span>
  {/each}
</p>

<style>
  .bar {
    display: flex;
    gap: 2px;
    height: 2rem;
    border-radius: 4px;
    overflow: hidden;
    font: 600 0.9rem var(--mono);
  }
  .bar span {
    display: grid;
    place-items: center;
    flex-basis: 0;
    min-width: 3px;
    color: var(--ground);
    white-space: nowrap;
    overflow: hidden;
  }
  .bar .fits {
    background: var(--fits);
  }
  .bar .large {
    background: var(--large);
  }
  .bar .small {
    background: var(--small);
  }
  .chances {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
    font-size: 0.85rem;
    margin-top: 0.25rem;
  }
  .chances .fits {
    color: var(--fits);
  }
  .chances .large {
    color: var(--large);
  }
  .chances .small {
    color: var(--small);
  }
</style>
