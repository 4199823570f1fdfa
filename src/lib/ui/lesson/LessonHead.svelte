<script lang="ts">
  import type { Player } from '$lib/data';
  import { settingLines } from '$lib/print/card';
  import ChildStrip from '$lib/ui/player/ChildStrip.svelte';
  import { dayText } from '$lib/words/dates';
  import AidsPart from './AidsPart.svelte';
  import type { Lesson } from './lesson.svelte';

  /** What is known before the first look: settings with their marks, the last practice, aids in use. */
  let { lesson, player }: { lesson: Lesson; player: Player } = $props();

  const settings = $derived(lesson.setup ? settingLines(lesson.setup, lesson.settings.unit) : []);
  const titleOf = (id: string) => lesson.library.checks.find((check) => check.id === id)?.title ?? id;
</script>

<ChildStrip {player} here="lesson" />
<dl class="known">
  {#if lesson.practised}
    <div>
      <dt>Practice since {dayText(lesson.practised.day)}</dt>
      <dd>
        {(lesson.practised.practice ?? [])
          .map(({ checkId, dose }) => `${titleOf(checkId).toLowerCase()}${dose ? ` (${dose})` : ''}`)
          .join('; ')}
      </dd>
    </div>
  {/if}
  {#if settings.length > 0}
    <div>
      <dt>Set up</dt>
      <dd>
        {settings
          .slice(0, 4)
          .map(({ name, value, mark }) => `${name.toLowerCase()} ${value}${mark ? ` ${mark}` : ''}`)
          .join(', ')}
        <a href="/set-up/{player.id}">large</a>
      </dd>
    </div>
  {/if}
  <AidsPart {player} aids={lesson.aids} today={lesson.today} />
</dl>

<style>
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  .known {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 2rem;
    font-size: 0.95rem;
  }
  .known div {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
  }
  dt {
    color: var(--ink-soft);
  }
  dd a {
    display: inline-block;
    min-height: 1.5rem;
  }
</style>
