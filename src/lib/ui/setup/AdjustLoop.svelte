<script lang="ts">
  import { page } from '$app/state';
  import { tick } from 'svelte';
  import { VIEWS } from '$lib/core/figure/views';
  import {
    followsOf,
    HOLDS,
    mendedBy,
    pinForPeg,
    SEEN_PICTURES,
    seenAtLook,
    seenFor,
    stepAfter,
    type Follows,
    type SettingId,
    type SetupKind,
    type Step
  } from '$lib/core/setup';
  import { parseLength } from '$lib/core/length';
  import { db, noteLook, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { isTyping } from '$lib/ui/shortcuts';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { SETTING_WORDS } from '$lib/words/setup';
  import { followsSentence, SEEN_WORDS, stepSentence } from '$lib/words/setup-looks';
  import type { Bench } from '$lib/ui/bench/bench.svelte';
  import LooksSoFar from './LooksSoFar.svelte';

  /** Look, change one thing, look again: what is seen is picked from pictures, and one change follows. */
  let { bench, player, kind }: { bench: Bench; player: Player; kind: SetupKind } = $props();

  const unit = $derived(bench.settings.unit);
  /** The setting that a fault asks for, where the teacher comes from one. */
  const asked = $derived(page.url.searchParams.get('mend'));
  const isAsked = (id: string): boolean =>
    (asked !== null && seenAtLook(id).mends?.setting === asked) ||
    concerns.some(({ choice }) => choice.seen === id);
  /** What the trial of this size saw amiss, until a look of the set-up was noted. */
  const concerns = $derived(bench.setup.looks.length === 0 ? bench.concerns : []);
  /** What the setting mends comes first. */
  const options = $derived(seenFor(kind).toSorted((a, b) => Number(isAsked(b.id)) - Number(isAsked(a.id))));
  const askedName = $derived(
    asked !== null && asked in SETTING_WORDS ? bench.setup.nameOf(asked as SettingId).toLowerCase() : null
  );
  /** That all is well is the first answer, here as in the trial. */
  const keyOf = (id: string) => String((options.findIndex((option) => option.id === id) + 2) % 10);
  const looks = $derived(bench.setup.looks);
  const stopped = $derived(bench.pains.length > 0);
  const noting = new Action();
  /** What followed from a look of this page, by its id: the record keeps what was changed, not why. */
  let followed = $state.raw<{
    readonly id: string;
    readonly step: Step;
    readonly follows: readonly Follows[];
  } | null>(null);
  /** The newest look on record, and what followed from it; a look that was undone says nothing any more. */
  const last = $derived.by(() => {
    const newest = looks.at(-1);
    return newest && followed?.id === newest.id ? { ...followed, seen: newest.seen } : null;
  });
  let missed = $state('');
  let answer: HTMLElement | undefined = $state();

  /** A peg whose distance from the ear was read needs no search. */
  function exactFor(seen: string): number | null {
    const question = bench.setup.seatedQuestion;
    const parsed = parseLength(missed, unit);
    if (!question || !parsed.ok || !seen.startsWith('seated-peg')) return null;
    return pinForPeg(question, seen === 'seated-peg-high' ? -parsed.mm : parsed.mm);
  }

  async function see(seen: string) {
    const { values, lookQuestion } = bench.setup;
    if (!lookQuestion) return;
    const step = stepAfter(seen, { ...lookQuestion, exact: exactFor(seen) });
    const mends = seen === HOLDS ? null : seenAtLook(seen).mends;
    const setting =
      step.kind === 'hint' ? null : (step.setting ?? (mends && mendedBy(lookQuestion.setup, mends.setting)));
    const seated = bench.setup.seatedQuestion;
    const follows =
      seated && step.kind === 'change' ? followsOf(seated, step.setting as SettingId<'seated'>, step.to) : [];
    const noted = await noting.run(async () => {
      const look = await noteLook(db, player, {
        kind,
        seen,
        step,
        at: setting === null ? null : { setting, value: values[setting] ?? 0 },
        base: bench.setup.adjustments(kind),
        standing: values,
        after: looks.length
      });
      if (look) followed = { id: look.id, step, follows };
    });
    if (!noted) return;
    missed = '';
    await tick();
    answer?.focus();
  }

  function keydown(event: KeyboardEvent) {
    if (event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
    if (stopped || isTyping(event.target)) return;
    const option = options.find(({ id }) => keyOf(id) === event.key);
    if (event.key === '1') void see(HOLDS);
    else if (option) void see(option.id);
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keydown} />
{#snippet pegMissed()}
  <label class="missed soft">
    Peg off the ear by
    <input
      class="field num"
      maxlength="12"
      placeholder={unit === 'cm' ? '25 mm' : '1 in'}
      bind:value={missed}
    />
  </label>
{/snippet}

<section class="loop" aria-labelledby="loop-title" data-mend={asked}>
  <h3 id="loop-title" class="sr-only">What do you see?</h3>
  {#if stopped}
    <p class="stop">
      Stopped for pain. Another rest, support or size, or a wait, comes first; close the note below when it is
      settled.
    </p>
  {:else}
    {#if askedName !== null && !last}
      <p><b>The fault in the lesson points at {askedName}.</b> What it mends comes first.</p>
    {/if}
    {#if concerns.length > 0}
      <p data-concerns>
        <b>In the trial: {concerns.map(({ choice }) => choice.text.toLowerCase()).join('; ')}.</b> Look at that
        first.
      </p>
    {/if}
    {#if last}
      {#if kind === 'seated'}{@render pegMissed()}{/if}
      <p class="answer" data-step={last.step.kind} tabindex="-1" bind:this={answer} role="status">
        {stepSentence(last.step, last.seen, unit, bench.setup.nameOf)}
        {#if last.follows.length > 0}
          <span class="soft">{followsSentence(last.step, last.follows, unit, bench.setup.nameOf)}</span>
        {/if}
        {#if last.step.kind !== 'hint' && SEEN_WORDS[last.seen]?.hint}
          <span class="soft">{SEEN_WORDS[last.seen]?.hint}</span>
        {/if}
      </p>
    {:else}
      <p class="first">
        <b>What do you see?</b> <span class="soft">Play a few notes, look, tap.</span>
        {#if kind === 'seated'}{@render pegMissed()}{/if}
      </p>
    {/if}
    <ul>
      <li>
        <button type="button" class="btn act holds" data-seen="holds" onclick={() => see(HOLDS)}>
          <span><span class="key">1</span> Nothing: it holds</span>
        </button>
      </li>
      {#each options as { id } (id)}
        {@const picture = SEEN_PICTURES[id]}
        <li>
          <button
            type="button"
            class="btn act"
            class:asked={isAsked(id)}
            data-seen={id}
            onclick={() => see(id)}
          >
            {#if picture && bench.setup.instrument}
              <SeenPicture
                family={player.family}
                readings={bench.setup.readings}
                instrument={bench.setup.instrument}
                pose={picture.pose}
                view={VIEWS[picture.view]}
                changes={picture.changes}
              />
            {/if}
            <span><span class="key">{keyOf(id)}</span> {SEEN_WORDS[id]?.text}</span>
          </button>
        </li>
      {/each}
    </ul>
    <LooksSoFar {looks} {unit} nameOf={bench.setup.nameOf} />
  {/if}
</section>

<style>
  .asked {
    border-width: 3px;
    scroll-margin-block: 12rem;
  }
  .loop {
    display: grid;
    gap: 0.4rem;
    --seen-high: 4.25rem;
  }
  h3 {
    font-weight: 700;
    font-size: 1.1rem;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(7.25rem, 1fr));
    gap: 0.4rem;
  }
  ul .btn {
    width: 100%;
    height: 100%;
    display: grid;
    grid-template-rows: 1fr auto;
    gap: 0.35rem;
    padding: 0.35rem;
    white-space: normal;
    text-align: left;
    font-size: 0.8rem;
    line-height: 1.15;
    justify-items: start;
  }
  .holds {
    align-content: center;
    font-weight: 650;
  }
  .answer {
    font-size: 1.15rem;
    font-weight: 650;
    border-left: 3px solid var(--next);
    padding-left: 0.75rem;
  }
  .answer .soft {
    display: block;
    font-size: 0.95rem;
    font-weight: 400;
  }
  .stop {
    color: var(--stop);
    font-weight: 600;
  }
  .first {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.75rem;
  }
  .missed {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    margin-left: auto;
    font-size: 0.9rem;
  }
  .missed input {
    width: 5.5rem;
    min-height: 2.25rem;
  }
</style>
