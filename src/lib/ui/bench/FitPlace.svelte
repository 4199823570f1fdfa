<script lang="ts">
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { Bench } from './bench.svelte';
  import FitBench from './FitBench.svelte';

  let { playerId }: { playerId: string } = $props();

  // The component is keyed by the player, so the bench lives as long as it does.
  // svelte-ignore state_referenced_locally
  const bench = new Bench(playerId);
</script>

{#if !bench.ready}
  <p class="p-6 soft">Opening the bench…</p>
{:else if !bench.player}
  <NoPlayer />
{:else if bench.family}
  <FitBench {bench} player={bench.player} />
{:else}
  <section class="p-6 grid gap-3 max-w-xl">
    <h1 class="text-2xl font-bold">{bench.player.name}</h1>
    <p>
      The bench fits violin and viola. For the {FAMILY_WORDS[bench.player.family].toLowerCase()} this version keeps
      the player’s record only.
    </p>
    <p><a class="btn act" href="/players/{bench.player.id}">Open the record</a></p>
  </section>
{/if}
