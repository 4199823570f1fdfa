<script lang="ts">
  import DaysPlace from '$lib/ui/day/DaysPlace.svelte';
</script>

<DaysPlace />
