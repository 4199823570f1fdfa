<script lang="ts">
  import { page } from '$app/state';
  import { liveRecord } from '$lib/ui/live.svelte';
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import PlayerProgress from '$lib/ui/progress/PlayerProgress.svelte';

  const player = liveRecord('players', () => page.params.id ?? '');
</script>

{#key page.params.id}
  {#if !player.ready}
    <p class="p-6 soft">Opening the record…</p>
  {:else if player.current}
    <PlayerProgress player={player.current} />
  {:else}
    <NoPlayer />
  {/if}
{/key}
