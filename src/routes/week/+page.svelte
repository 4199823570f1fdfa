<script lang="ts">
  import WeekPlace from '$lib/ui/plan/WeekPlace.svelte';
</script>

<WeekPlace />
