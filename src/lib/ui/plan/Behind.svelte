<script lang="ts">
  import type { CheckCategory } from '$lib/core/checks';
  import { db, type Player } from '$lib/data';
  import { standingIn } from '$lib/data/questions/plan';
  import { live } from '$lib/ui/live.svelte';

  /** Who of a group is behind in what it works on. */
  let { players, category }: { players: readonly Player[]; category: CheckCategory } = $props();

  const standing = live(
    () => standingIn(db, players, category),
    { all: [], behind: [] },
    () => `${category} ${players.map(({ id }) => id).join(' ')}`
  );
  const names = $derived(
    standing.current.behind.flatMap(({ playerId }) => {
      const player = players.find(({ id }) => id === playerId);
      return player ? [player] : [];
    })
  );
</script>

<span data-behind>
  {#if !standing.ready}
    <span class="soft">…</span>
  {:else if standing.current.all.every(({ strength }) => strength === 0)}
    <span class="soft">Nothing of it was seen yet.</span>
  {:else if names.length === 0}
    <span class="soft">Nobody is behind.</span>
  {:else}
    behind:
    {#each names as { id, name }, i (id)}{i > 0 ? ', ' : ' '}<a href="/lesson/{id}?category={category}"
        >{name}</a
      >{/each}
  {/if}
</span>

<style>
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
</style>
