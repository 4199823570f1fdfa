<script lang="ts">
  import { RATINGS, sceneOf } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import OutcomePart from '$lib/ui/lesson/OutcomePart.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { outcomeText, RATING_WORDS } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import type { ClassRoom, Sitter } from './class-room.svelte';

  /** One player of the class: how far, what is amiss, away or there. */
  let { room, sitter, onaway }: { room: ClassRoom; sitter: Sitter; onaway: (away: boolean) => void } =
    $props();

  const check = $derived(sitter.check);
  const rating = $derived(sitter.result?.outcome.kind === 'rating' ? sitter.result.outcome.rating : null);
  /** Anybody's figure shows a fault; no lengths are read for a whole class. */
  const who = $derived(drawnAs(sitter.player.family, {}, null, null, room.settings));
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
    <div class="faults">
      {#each check.faults as fault (fault.id)}
        {@const scene = sceneOf(check, sitter.player.family, fault)}
        <button
          type="button"
          aria-pressed={sitter.result?.faults.includes(fault.id) ?? false}
          data-fault={fault.id}
          onclick={() => room.toggle(sitter, fault.id)}
        >
          <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
          {fault.text}
        </button>
      {/each}
    </div>
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
  .faults {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.35rem;
  }
  .faults button {
    display: grid;
    gap: 0.2rem;
    padding: 0.25rem;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    font-size: 0.9rem;
    line-height: 1.2;
  }
  .faults [aria-pressed='true'] {
    border: 3px solid var(--large);
    color: var(--large);
    font-weight: 650;
  }
  .stop {
    color: var(--stop);
  }
</style>
