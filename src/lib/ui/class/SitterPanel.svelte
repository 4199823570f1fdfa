<script lang="ts">
  import { RATINGS } from '$lib/core/checks';
  import OutcomePart from '$lib/ui/lesson/OutcomePart.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { outcomeText, RATING_WORDS } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import LookPictures from './LookPictures.svelte';
  import type { ClassRoom, Sitter } from './class-room.svelte';

  /** One player of the class: how far, what is amiss, away or there. */
  let { room, sitter, onaway }: { room: ClassRoom; sitter: Sitter; onaway: (away: boolean) => void } =
    $props();

  const check = $derived(sitter.check);
  const rating = $derived(sitter.result?.outcome.kind === 'rating' ? sitter.result.outcome.rating : null);
</script>

<section data-sitter={sitter.playerId} aria-labelledby="sitter">
  <h2 id="sitter">{sitter.player.name}</h2>
  {#if sitter.hurts}
    <p class="stop"><b>Pain was noted.</b> Nothing is looked at until its note is closed in the lesson.</p>
  {:else if !check}
    <p class="soft">This look is not for the {sitter.player.family}.</p>
  {:else}
    {#if sitter.last}<p class="soft">
        Last time {outcomeText(sitter.last.outcome).toLowerCase()}, {dayText(sitter.last.day)}.
      </p>{/if}
    {#if check.result === 'rating'}
      <Toggles
        label="How far: {check.title}"
        as="rate"
        look="tall"
        options={RATINGS.slice(1).map((value) => ({ value, text: RATING_WORDS[value] }))}
        picked={[rating]}
        onpick={(value) => room.rate(sitter, { kind: 'rating', rating: value })}
      />
    {:else}
      <OutcomePart
        player={sitter.player}
        {check}
        results={sitter.results}
        outcome={sitter.result?.outcome ?? null}
        today={room.today}
        stopped={sitter.hurts}
        onrate={(outcome) => room.rate(sitter, outcome)}
      />
    {/if}
    <LookPictures
      {check}
      family={sitter.player.family}
      settings={room.settings}
      picked={sitter.result?.faults}
      onpick={(fault) => room.toggle(sitter, fault)}
    />
  {/if}
  <p class="flex flex-wrap gap-2">
    <button type="button" class="btn act" onclick={() => onaway(sitter.state !== 'away')}
      >{sitter.state === 'away' ? 'There after all' : 'Away today'}</button
    >
    <a class="btn act" href="/lesson/{sitter.playerId}">Lesson</a>
  </p>
</section>

<style>
  section {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }
  h2 {
    font-size: 1.1rem;
    font-weight: 700;
    border-bottom: 1px solid var(--ink);
    overflow-wrap: anywhere;
  }
  .stop {
    color: var(--stop);
  }
</style>
