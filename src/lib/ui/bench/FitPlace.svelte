<script lang="ts">
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import { Bench } from './bench.svelte';
  import FitBench from './FitBench.svelte';

  let { playerId }: { playerId: string } = $props();

  // The component is keyed by the player, so the bench lives as long as it does.
  // svelte-ignore state_referenced_locally
  const bench = new Bench(playerId);
</script>

{#if !bench.ready}
  <p class="p-6 soft">Opening the fit…</p>
{:else if !bench.player}
  <NoPlayer />
{:else}
  <FitBench {bench} player={bench.player} />
{/if}
