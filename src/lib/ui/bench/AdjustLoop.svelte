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
    spotOf,
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
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { SETTING_WORDS } from '$lib/words/setup';
  import { followsSentence, SEEN_WORDS, stepSentence } from '$lib/words/setup-looks';
  import type { Bench } from './bench.svelte';
  import LooksSoFar from './LooksSoFar.svelte';
  import LoopFigure from './LoopFigure.svelte';

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
  /** The place on the figure that was tapped; all of them without one. */
  let at = $state<string | null>(null);
  const shown = $derived(options.filter(({ id }) => at === null || spotOf(id) === at));
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
  let pictures: HTMLElement | undefined = $state();

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
    at = null;
    await tick();
    answer?.focus();
  }

  async function goTo(spot: string) {
    at = at === spot ? null : spot;
    await tick();
    pictures?.querySelector<HTMLElement>('[data-seen]:not([data-seen=holds])')?.focus();
  }

  function keydown(event: KeyboardEvent) {
    if (event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
    if (event.target instanceof HTMLInputElement) return;
    const option = options.find(({ id }) => keyOf(id) === event.key);
    if (event.key === '1') void see(HOLDS);
    else if (option) void see(option.id);
    else return;
    event.preventDefault();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section class="loop" aria-labelledby="loop-title" data-mend={asked} onkeydown={keydown}>
  <h3 id="loop-title">What do you see?</h3>
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
      <p class="soft">
        Play a few notes, look, tap the place on the figure and then what you see there. One change follows;
        then look again.
      </p>
    {/if}
    <div class="look">
      <LoopFigure
        {bench}
        family={player.family}
        {kind}
        options={options.map(({ id }) => id)}
        {at}
        step={last?.step ?? null}
        onpick={goTo}
      />
      <ul bind:this={pictures}>
        <li>
          <button type="button" class="btn act holds" data-seen="holds" onclick={() => see(HOLDS)}>
            <span><span class="key">1</span> Nothing: it holds</span>
          </button>
        </li>
        {#each shown as { id } (id)}
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
        {#if at !== null}
          <li>
            <button type="button" class="btn act holds" onclick={() => (at = null)}>Everything to see</button>
          </li>
        {/if}
      </ul>
    </div>
    {#if kind === 'seated'}
      <label class="missed">
        Peg away from its place behind the ear, if you read it
        <input
          class="field num"
          maxlength="12"
          placeholder={unit === 'cm' ? '25 mm' : '1 in'}
          bind:value={missed}
        />
      </label>
    {/if}
    <LooksSoFar {looks} {unit} nameOf={bench.setup.nameOf} />
  {/if}
</section>

<style>
  .asked {
    border-width: 3px;
    scroll-margin-block: 12rem;
  }
  .loop {
    border-top: 1px solid var(--line);
    padding-top: 0.75rem;
    display: grid;
    gap: 0.6rem;
  }
  h3 {
    font-weight: 700;
    font-size: 1.1rem;
  }
  .look {
    --scene-most: 26rem;
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 1rem 1.5rem;
    align-items: start;
  }
  @media (max-width: 640px) {
    .look {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 0.5rem;
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
    font-size: 0.9rem;
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
  .missed {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.75rem;
  }
  .missed input {
    width: 7rem;
  }
</style>
