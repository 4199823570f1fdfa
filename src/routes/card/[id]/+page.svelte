<script lang="ts">
  import { page } from '$app/state';
  import CardPlace from '$lib/ui/CardPlace.svelte';
</script>

{#key page.params.id}
  <CardPlace playerId={page.params.id ?? ''} printNow={page.url.searchParams.has('print')} />
{/key}
