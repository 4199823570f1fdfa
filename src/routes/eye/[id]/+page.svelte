<script lang="ts">
  import { page } from '$app/state';
  import EyeOfClass from '$lib/ui/eye/EyeOfClass.svelte';
</script>

{#key page.params.id}
  <EyeOfClass groupId={page.params.id ?? ''} />
{/key}
