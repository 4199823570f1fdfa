<script lang="ts">
  import { page } from '$app/state';
  import PlayerRecord from '$lib/ui/player/PlayerRecord.svelte';
</script>

{#key page.params.id}
  <PlayerRecord playerId={page.params.id ?? ''} />
{/key}
