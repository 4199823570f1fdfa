<script lang="ts">
  import { page } from '$app/state';
  import DayPlace from '$lib/ui/day/DayPlace.svelte';
</script>

{#key page.params.id}
  <DayPlace dayId={page.params.id ?? ''} />
{/key}
