<script lang="ts">
  import { db } from '$lib/data';
  import { isAny } from '$lib/data/questions/records';
  import { live } from '$lib/ui/live.svelte';
  import Opening from '$lib/ui/Opening.svelte';
  import Welcome from './Welcome.svelte';

  /** The teacher's day; who has no player yet is shown the way in. */
  const anyPlayer = live(() => isAny(db, 'players'), false);
</script>

{#if !anyPlayer.ready}
  <p class="p-6 soft">Opening your records…</p>
{:else if !anyPlayer.current}
  <Welcome />
{:else}
  {#await import('./TodayLists.svelte')}
    <p class="p-6 soft">Opening your records…</p>
  {:then { default: TodayLists }}
    <Opening><TodayLists /></Opening>
  {/await}
{/if}
