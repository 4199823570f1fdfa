<script lang="ts">
  import { liveRecord } from '$lib/ui/live.svelte';
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import GroupProgress from './GroupProgress.svelte';
  import PlayerProgress from './PlayerProgress.svelte';

  /** Progress of a player or of a group, whosever the id is. */
  let { id }: { id: string } = $props();

  const player = liveRecord('players', () => id);
  const group = liveRecord('groups', () => id);
</script>

{#if !player.ready || !group.ready}
  <p class="p-6 soft">Opening the record…</p>
{:else if player.current}
  <PlayerProgress player={player.current} />
{:else if group.current}
  <GroupProgress group={group.current} />
{:else}
  <NoPlayer />
{/if}
