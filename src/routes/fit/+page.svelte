<script lang="ts">
  import PlayerFinder from '$lib/ui/player/PlayerFinder.svelte';
</script>

<PlayerFinder title="Who is at the bench?" fitFirst />
