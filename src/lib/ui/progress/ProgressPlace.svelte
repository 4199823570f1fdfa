<script lang="ts">
  import { db, type Group, type Player } from '$lib/data';
  import { live } from '$lib/ui/live.svelte';
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import GroupProgress from './GroupProgress.svelte';
  import PlayerProgress from './PlayerProgress.svelte';

  /** Progress of a player or of a group, whosever the id is. */
  let { id }: { id: string } = $props();

  const found = live<{ readonly player: Player | null; readonly group: Group | null }>(
    async () => ({ player: (await db.players.get(id)) ?? null, group: (await db.groups.get(id)) ?? null }),
    { player: null, group: null },
    () => id
  );
</script>

{#if !found.ready}
  <p class="p-6 soft">Opening the record…</p>
{:else if found.current.player}
  <PlayerProgress player={found.current.player} />
{:else if found.current.group}
  <GroupProgress group={found.current.group} />
{:else}
  <NoPlayer />
{/if}
