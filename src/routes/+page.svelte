<script lang="ts">
  import Today from '$lib/ui/today/Today.svelte';
</script>

<Today />
