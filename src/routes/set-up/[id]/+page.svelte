<script lang="ts">
  import { page } from '$app/state';
  import LargeSetup from '$lib/ui/LargeSetup.svelte';
</script>

{#key page.params.id}
  <LargeSetup playerId={page.params.id ?? ''} />
{/key}
