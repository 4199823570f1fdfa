<script lang="ts">
  import NewPlayer from '$lib/ui/player/NewPlayer.svelte';
</script>

<NewPlayer />
