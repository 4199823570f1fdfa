<script lang="ts">
  import { page } from '$app/state';
  import LessonPlace from '$lib/ui/lesson/LessonPlace.svelte';
</script>

{#key page.params.id}
  <LessonPlace playerId={page.params.id ?? ''} />
{/key}
