<script lang="ts">
  import { page } from '$app/state';
  import { CHECK_CATEGORIES } from '$lib/core/checks';
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import { Lesson } from './lesson.svelte';
  import LessonDesk from './LessonDesk.svelte';

  let { playerId }: { playerId: string } = $props();

  // The component is keyed by the player, so the lesson lives as long as it does.
  // svelte-ignore state_referenced_locally
  const lesson = new Lesson(playerId);
  const asked = CHECK_CATEGORIES.find((one) => one === page.url.searchParams.get('category'));
  if (asked) lesson.choose(asked);
</script>

{#if lesson.library.failed}
  <p class="p-6">The checks could not be fetched. Look at the connection, then open the lesson again.</p>
{:else if !lesson.ready}
  <p class="p-6 soft">Opening the lesson…</p>
{:else if !lesson.player}
  <NoPlayer />
{:else}
  <LessonDesk {lesson} player={lesson.player} fromFit={page.url.searchParams.has('fit')} />
{/if}
