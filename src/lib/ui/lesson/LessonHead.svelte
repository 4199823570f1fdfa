<script lang="ts">
  import type { Player } from '$lib/data';
  import { settingLines } from '$lib/print/card';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ageText, dayText } from '$lib/words/dates';
  import AidsPart from './AidsPart.svelte';
  import type { Lesson } from './lesson.svelte';

  /** What is known before the first look: settings with their marks, the last practice, aids in use. */
  let { lesson, player }: { lesson: Lesson; player: Player } = $props();

  const facts = $derived(
    [
      FAMILY_WORDS[player.family].toLowerCase(),
      lesson.fit ? `on a ${lesson.fit.size}` : 'no size yet',
      ageText(player.birthMonth, lesson.today),
      lesson.group?.name ?? ''
    ].filter((fact) => fact)
  );
  const settings = $derived(lesson.setup ? settingLines(lesson.setup, lesson.settings.unit) : []);
  const titleOf = (id: string) => lesson.library.checks.find((check) => check.id === id)?.title ?? id;
</script>

<header class="flex flex-wrap items-baseline gap-x-4 gap-y-0">
  <h1>{player.name}</h1>
  <p class="soft">{facts.join(' · ')}</p>
  <p class="links">
    <a href="/home-card/{player.id}">Home card</a>
    <a href="/fit/{player.id}">Bench</a>
    <a href="/players/{player.id}">History</a>
  </p>
</header>
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
  h1 {
    font-size: 1.6rem;
    font-weight: 750;
    letter-spacing: -0.01em;
    overflow-wrap: anywhere;
  }
  .links {
    margin-left: auto;
    display: flex;
    gap: 1rem;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  .links a {
    display: inline-flex;
    align-items: center;
    min-height: 2.75rem;
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
