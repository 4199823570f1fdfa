<script lang="ts">
  import { page } from '$app/state';
  import ClassPlace from '$lib/ui/class/ClassPlace.svelte';
</script>

{#key page.params.id}
  <ClassPlace groupId={page.params.id ?? ''} />
{/key}
