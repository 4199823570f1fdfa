<script lang="ts">
  import FilesPlace from '$lib/ui/files/FilesPlace.svelte';
</script>

<FilesPlace />
