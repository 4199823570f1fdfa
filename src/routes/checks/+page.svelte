<script lang="ts">
  import LibraryPlace from '$lib/ui/way/LibraryPlace.svelte';
</script>

<LibraryPlace />
