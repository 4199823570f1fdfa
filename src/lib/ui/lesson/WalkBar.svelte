<script lang="ts">
  import { CHECK_CATEGORIES } from '$lib/core/checks';
  import type { Player } from '$lib/data';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { categoryName, focusText, STANDPOINT_NAMES } from '$lib/words/checks';
  import type { Lesson } from './lesson.svelte';

  /** The category at work with its reason, the others at will; then the way round the player. */
  let { lesson, player }: { lesson: Lesson; player: Player } = $props();

  const stations = $derived(
    [...new Set(lesson.looks.map(({ standpoint }) => standpoint))].map((standpoint) => {
      const looks = lesson.looks.filter((check) => check.standpoint === standpoint);
      return { standpoint, looks, seen: looks.filter(({ id }) => lesson.seen[id]).length };
    })
  );
  const hidden = $derived(lesson.own.filter((check) => !lesson.looks.includes(check)).length);
  /** What is got ready first, while nothing was looked at yet. */
  const READY_SHOWN = 3;
  const toReady = $derived.by(() => {
    if (lesson.category === 'ready' || Object.keys(lesson.seen).length > 0) return [];
    const amiss = lesson.toReady.filter((one) => one.amiss);
    return (amiss.length > 0 ? amiss : lesson.toReady).slice(0, READY_SHOWN);
  });
</script>

<div class="bar">
  <Toggles
    label="Category"
    as="category"
    options={CHECK_CATEGORIES.map((value) => ({ value, text: categoryName(value, player.family) }))}
    picked={[lesson.category]}
    onpick={(category) => lesson.choose(category)}
  />
  <p class="soft why">
    {#if lesson.chosen !== null}Your choice.{:else if lesson.planned !== null && lesson.planned === lesson.focus.category}Planned
      for {lesson.group?.name} this week.{:else}{focusText(lesson.focus.reason)}{/if}
    {#if hidden > 0 || lesson.all}
      <button type="button" class="more" onclick={() => (lesson.all = !lesson.all)}
        >{lesson.all ? 'Only what needs it' : `All ${lesson.own.length} looks`}</button
      >
    {/if}
  </p>
  {#if toReady.length > 0}
    <p class="soft ready" data-ready>
      {toReady[0]?.amiss ? 'Amiss last time' : 'Ready?'}:
      {toReady.map(({ title }) => title.toLowerCase()).join(', ')}.
      <button type="button" class="more" onclick={() => lesson.choose('ready')}>Look at it</button>
    </p>
  {/if}
  {#if stations.length > 0}
    <ol class="walk" aria-label="The way round the player">
      {#each stations as { standpoint, looks, seen } (standpoint)}
        <li>
          <button
            type="button"
            aria-current={!lesson.ended && lesson.current?.standpoint === standpoint ? 'step' : undefined}
            onclick={() => lesson.goTo(looks.find(({ id }) => !lesson.seen[id]) ?? looks[0])}
            >{STANDPOINT_NAMES[standpoint]}
            <span class="num">{seen}/{looks.length}</span></button
          >
        </li>
      {/each}
    </ol>
  {/if}
</div>

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1.5rem;
    align-items: center;
    border-top: 1px solid var(--line);
    padding-top: 0.35rem;
  }
  .ready {
    flex: 1 1 20rem;
    order: 1;
    font-size: 0.9rem;
  }
  .walk {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem;
  }
  .why {
    font-size: 0.95rem;
    flex: 1 1 16rem;
  }
  .more {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    min-height: 2.75rem;
    padding-inline: 0.25rem;
  }
  .walk {
    flex: 0 1 auto;
  }
  .walk li {
    display: flex;
    align-items: center;
  }
  .walk li + li::before {
    content: '→';
    color: var(--ink-soft);
    padding-inline: 0.35rem;
  }
  .walk button {
    min-height: 2.75rem;
    padding-inline: 0.6rem;
    border-bottom: 3px solid transparent;
  }
  .walk [aria-current] {
    border-bottom-color: var(--next);
    font-weight: 700;
  }
  .walk .num {
    color: var(--ink-soft);
    font-size: 0.85rem;
  }
</style>
