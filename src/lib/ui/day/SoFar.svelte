<script lang="ts">
  import { FAMILY_WORDS } from '$lib/words/families';
  import { attempt } from '$lib/ui/shell/attempt';
  import { countsOf, saveList } from './day-list';
  import type { DayQueue } from './queue.svelte';

  /** What a fitting day has come to so far: sizes counted, and the list on paper or as a file. */
  let { queue }: { queue: DayQueue } = $props();

  const counts = $derived(countsOf(queue.members));
  const save = () => {
    const { day } = queue;
    return day && attempt(() => saveList(day));
  };
  const families = $derived(new Set(counts.map(({ family }) => family)).size);
</script>

<section aria-labelledby="so-far">
  <h2 id="so-far">Sizes so far</h2>
  {#if counts.length === 0}
    <p class="soft">None yet.</p>
  {:else}
    <ul>
      {#each counts as { family, size, count } (family + size)}
        <li>
          {#if families > 1}{FAMILY_WORDS[family]}{/if} <b class="num">{size}</b>
          <span class="num soft">× {count}</span>
        </li>
      {/each}
    </ul>
  {/if}
  <p>
    <button type="button" class="act-quiet" onclick={() => window.print()}>Print the list</button>
    <button type="button" class="act-quiet" onclick={save}>Save as CSV</button>
  </p>
</section>

<style>
  h2 {
    font-size: 1rem !important;
    margin-bottom: 0.25rem;
  }
  ul,
  p {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
  }
  b {
    color: var(--fits);
    font-size: 1.05rem;
  }
</style>
