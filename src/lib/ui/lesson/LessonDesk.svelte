<script lang="ts">
  import { faultsShown, type Rating } from '$lib/core/checks';
  import { db, notePain, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { focusSoon } from '$lib/ui/focus';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import { shortcuts } from '$lib/ui/shortcuts';
  import { TypedTexts } from '$lib/ui/typed.svelte';
  import { TOUCH_CAUTION } from '$lib/words/checks';
  import type { Lesson } from './lesson.svelte';
  import LessonEnd from './LessonEnd.svelte';
  import LessonHead from './LessonHead.svelte';
  import LookFigure from './LookFigure.svelte';
  import LookPanel from './LookPanel.svelte';
  import WalkBar from './WalkBar.svelte';
  import { FAULT_KEYS, RATING_KEYS } from './keys';

  /** One player, one minute: the figure from where the teacher stands, a spot for each look, a tap each. */
  let { lesson, player, fromFit }: { lesson: Lesson; player: Player; fromFit: boolean } = $props();

  // The lesson is keyed by its player.
  // svelte-ignore state_referenced_locally
  const typed = new TypedTexts(player.id);
  const noting = new Action();
  const stopped = $derived(lesson.pains.length > 0);
  const current = $derived(lesson.current);
  const seenCount = $derived(lesson.looks.filter(({ id }) => lesson.seen[id]).length);

  /** The camera stands in for the drawing. */
  let mirroring = $state(false);
  /** The pictures of the look fill the screen. */
  let showing = $state(false);
  let place: HTMLElement | undefined = $state();
  /** A test that comes has the focus on its clock or counter; the end has it on what comes next. */
  $effect(() => {
    const wanted = lesson.ended
      ? '[data-end] .act-next'
      : current?.result === 'seconds'
        ? '[data-watch]'
        : current?.result === 'count'
          ? '[data-count]'
          : null;
    if (wanted && !stopped) focusSoon(() => place?.querySelector<HTMLElement>(wanted) ?? null);
  });

  const stopForPain = () => noting.insist(() => notePain(db, player, 'lesson', lesson.fit?.size ?? null));

  /** Keys act unless something is being typed. */
  const free = (act: () => void) => (event: KeyboardEvent) => {
    const { target } = event;
    const typing =
      target instanceof HTMLElement && target.closest('input, textarea, select, dialog, [role=dialog]');
    if (typing || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    act();
  };
  const rateBy = (rating: Rating) => () => {
    if (current?.result === 'rating' && !lesson.ended && !stopped)
      void lesson.rate(current, { kind: 'rating', rating });
  };
  const answer = (yes: boolean) => () => {
    if (current?.result === 'yes-no' && !lesson.ended && !stopped)
      void lesson.rate(current, { kind: 'yes-no', yes });
  };
  /** Single letters, which can be switched off: whoever speaks to the device would type them. */
  const letterKeys = {
    ...Object.fromEntries(
      Object.entries(RATING_KEYS).map(([rating, key]) => [key, free(rateBy(rating as Rating))])
    ),
    y: free(answer(true)),
    x: free(answer(false)),
    ...Object.fromEntries(
      FAULT_KEYS.map((key, i) => [
        key,
        free(() => {
          const fault = current && faultsShown(current, player.family)[i];
          if (current && fault && !lesson.ended && !stopped) void lesson.toggle(current, fault.id);
        })
      ])
    ),
    e: free(() => (lesson.ended = true)),
    p: free(() => void stopForPain())
  };
  $effect(() =>
    shortcuts(window, {
      ...Object.fromEntries(
        Array.from({ length: 9 }, (_, i) => [String(i + 1), free(() => lesson.goTo(lesson.looks[i]))])
      ),
      ...(lesson.settings.noLetterKeys ? {} : letterKeys)
    })
  );
</script>

<div class="lesson" class:no-letters={lesson.settings.noLetterKeys} data-lesson bind:this={place}>
  <LessonHead {lesson} {player} />
  <PainNotes {player} pains={lesson.pains} {typed} />
  <WalkBar {lesson} {player} />
  {#if stopped}
    <p class="stopped"><b>Stopped for pain.</b> The looks go on once its note is closed.</p>
  {:else if lesson.looks.length === 0}
    <p class="soft flex flex-wrap items-center gap-x-4 gap-y-2">
      Everything here rests: it was secure twice, two weeks apart. Choose another category above, or look at
      all of it.
      <button type="button" class="btn act" onclick={() => (lesson.all = true)}>Look at all</button>
    </p>
  {:else if lesson.ended}
    <LessonEnd {lesson} {player} {typed} {fromFit} />
  {:else if current && lesson.who}
    <div class="desk">
      {#if mirroring}
        {#await import('$lib/ui/mirror/MirrorView.svelte') then { default: MirrorView }}
          <MirrorView
            check={current}
            who={lesson.who}
            playerId={player.id}
            letterKeys={!lesson.settings.noLetterKeys}
            onmeasure={(measured) => lesson.measure(current, measured)}
            onclose={() => (mirroring = false)}
          />
        {/await}
      {:else}
        <div class="seen">
          <LookFigure {lesson} check={current} who={lesson.who} />
          <p class="closer">
            <button type="button" class="btn act" data-act="mirror" onclick={() => (mirroring = true)}
              >Mirror with lines</button
            >
            <button type="button" class="btn act" data-act="show-child" onclick={() => (showing = true)}
              >Show the child</button
            >
          </p>
        </div>
      {/if}
      <LookPanel {lesson} check={current} who={lesson.who} />
    </div>
    {#if showing}
      {#await import('./ShowChild.svelte') then { default: ShowChild }}
        <ShowChild
          check={current}
          who={lesson.who}
          faults={lesson.seen[current.id]?.faults ?? []}
          onclose={() => (showing = false)}
        />
      {/await}
    {/if}
  {/if}
</div>

<footer class="foot no-print" class:no-letters={lesson.settings.noLetterKeys}>
  <p class="soft">
    {seenCount} of {lesson.looks.length} seen. {TOUCH_CAUTION}
  </p>
  <span class="flex flex-wrap gap-2">
    {#if !lesson.ended && !stopped && lesson.looks.length > 0}
      <button
        type="button"
        class="btn {seenCount > 0 ? 'act-next' : 'act'}"
        data-act="end-looks"
        onclick={() => (lesson.ended = true)}>To the practice <span class="key">E</span></button
      >
    {/if}
    {#if !stopped}
      <button type="button" class="btn act pain" disabled={noting.busy} onclick={stopForPain}
        >Pain, tingling or numbness <span class="key">P</span></button
      >
    {/if}
  </span>
</footer>

<style>
  .lesson {
    padding: 0.25rem 1.5rem 1rem;
    max-width: 90rem;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.6rem;
  }
  .no-letters :global(.key) {
    display: none;
  }
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
    gap: 1rem 2rem;
    align-items: start;
  }
  .seen {
    position: relative;
  }
  /** Beside the figure, which takes the height of the screen. */
  .closer {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  @media (min-width: 700px) {
    .closer {
      position: absolute;
      inset: 0 auto auto 0;
      flex-direction: column;
      align-items: start;
    }
    .closer :global(.btn) {
      background: var(--ground);
    }
  }
  .stopped {
    color: var(--stop);
  }
  .foot {
    position: sticky;
    bottom: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 0.25rem 1.5rem;
    padding: 0.25rem 1.5rem;
    background: var(--ground);
    border-top: 1px solid var(--line-strong);
  }
  .foot p {
    flex: 1 1 22rem;
  }
  .pain {
    border: 2px solid var(--stop);
    color: var(--stop);
    font-weight: 650;
  }
  @media (max-width: 900px) {
    .lesson {
      padding-inline: 1rem;
    }
    .desk {
      grid-template-columns: minmax(0, 1fr);
    }
    .foot {
      padding-inline: 1rem;
    }
    .foot p {
      display: none;
    }
    .foot .key {
      display: none;
    }
    .foot .btn {
      padding-inline: 0.6rem;
    }
  }
</style>
