<script lang="ts">
  import { page } from '$app/state';
  import GroupPlace from '$lib/ui/class/GroupPlace.svelte';
</script>

{#key page.params.id}
  <GroupPlace groupId={page.params.id ?? ''} />
{/key}
