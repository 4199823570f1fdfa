<script lang="ts">
  import EyePlace from '$lib/ui/eye/EyePlace.svelte';
</script>

<EyePlace />
