<script lang="ts">
  import { liveRecord } from '$lib/ui/live.svelte';
  import ChildStrip, { type ChildPlace } from './ChildStrip.svelte';

  /** The head of a place about a child that is known by its id alone; nothing for nobody. */
  let { playerId, here }: { playerId: string; here: ChildPlace } = $props();

  const player = liveRecord('players', () => playerId);
</script>

{#if player.current}
  <div class="no-print"><ChildStrip player={player.current} {here} /></div>
{:else if player.ready}
  <h1>No such player</h1>
{/if}
