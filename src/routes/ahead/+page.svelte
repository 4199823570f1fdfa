<script lang="ts">
  import AheadPlace from '$lib/ui/ahead/AheadPlace.svelte';
</script>

<AheadPlace />
