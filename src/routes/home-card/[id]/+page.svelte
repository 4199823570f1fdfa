<script lang="ts">
  import { page } from '$app/state';
  import HomeCardPlace from '$lib/ui/lesson/HomeCardPlace.svelte';
</script>

{#key page.params.id}
  <HomeCardPlace playerId={page.params.id ?? ''} />
{/key}
