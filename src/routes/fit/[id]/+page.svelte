<script lang="ts">
  import { page } from '$app/state';
  import FitPlace from '$lib/ui/bench/FitPlace.svelte';
</script>

{#key page.params.id}
  <FitPlace playerId={page.params.id ?? ''} />
{/key}
