<script lang="ts">
  import { page } from '$app/state';
  import LetterPlace from '$lib/ui/letters/LetterPlace.svelte';
</script>

{#key page.params.id}
  <LetterPlace playerId={page.params.id ?? ''} />
{/key}
