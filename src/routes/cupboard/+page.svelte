<script lang="ts">
  import CupboardPlace from '$lib/ui/cupboard/CupboardPlace.svelte';
</script>

<CupboardPlace />
