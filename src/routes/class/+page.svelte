<script lang="ts">
  import ClassesPlace from '$lib/ui/class/ClassesPlace.svelte';
</script>

<ClassesPlace />
