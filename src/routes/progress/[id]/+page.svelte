<script lang="ts">
  import { page } from '$app/state';
  import ProgressPlace from '$lib/ui/progress/ProgressPlace.svelte';
</script>

{#key page.params.id}
  <ProgressPlace id={page.params.id ?? ''} />
{/key}
