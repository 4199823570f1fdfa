<script lang="ts">
  import { page } from '$app/state';
  import RoomSheet from '$lib/ui/RoomSheet.svelte';
</script>

{#key page.params.id}
  <RoomSheet groupId={page.params.id ?? ''} />
{/key}
