<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { onMount, tick } from 'svelte';
  import { looksFor, STOP, type TrialChoice } from '$lib/core/trial';
  import { answerTrial, beginTrial, db, dropTrial, notePain, stepBackInTrial, type Player } from '$lib/data';
  import { sizesUp } from '$lib/core/instruments';
  import { Action } from '$lib/ui/action.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import TrialSketch from '$lib/ui/figure/TrialSketch.svelte';
  import { isTyping } from '$lib/ui/shortcuts';
  import { attempt } from '$lib/ui/shell/attempt';
  import { TOUCH_CAUTION } from '$lib/words/checks';
  import { adviceSentence, trialVerdictSentence } from '$lib/words/trial';
  import type { Bench } from './bench.svelte';
  import TakeSize from './TakeSize.svelte';
  import TrialAnswers from './TrialAnswers.svelte';

  /** The trial on the body: one look at a time, large, answered by a digit or a tap. */
  let {
    bench,
    player,
    isNext,
    ondone,
    ontaken
  }: {
    bench: Bench;
    player: Player;
    isNext: boolean;
    ondone: () => void;
    /** The size that was tried on, or the one that followed from it, was taken. */
    ontaken: () => void;
  } = $props();

  const trial = $derived(bench.trial);
  const asking = $derived(trial?.kind === 'asking' ? trial : null);
  const tried = $derived(bench.tried);
  const advice = $derived(bench.advice);
  let picked = $state<string | null>(null);
  const size = $derived(picked ?? advice?.size ?? advice?.smaller ?? bench.proposal?.careful ?? null);
  let place: HTMLElement | undefined = $state();
  const acting = new Action();

  /** The heading that the trial stands at now has the focus, so that digits answer it. */
  async function toHeading() {
    await tick();
    place?.querySelector<HTMLElement>('[data-look], [data-end]')?.focus({ preventScroll: true });
  }

  async function begin() {
    if (!size || !(await acting.run(() => beginTrial(db, player, size)))) return;
    await toHeading();
  }

  /** Whoever comes to try on now does not ask for it twice. */
  onMount(() => {
    if (!page.url.searchParams.has('now')) return;
    const begun = bench.trial || tried ? Promise.resolve() : begin();
    void begun.then(() =>
      goto(`${page.url.pathname}#try`, { replaceState: true, keepFocus: true, noScroll: true })
    );
  });

  async function answer(choice: string) {
    if (!asking) return;
    const { look } = asking;
    const given = bench.draft.trial?.answers.length ?? 0;
    if (await acting.run(() => answerTrial(db, player, { look: look.id, choice }, given))) await toHeading();
  }

  async function back() {
    const given = bench.draft.trial?.answers.length ?? 0;
    if (await acting.run(() => stepBackInTrial(db, player, given))) await toHeading();
  }

  /** Pain is noted even where the answer before it has just ended the trial. */
  async function stop() {
    const trying = bench.draft.trial?.size ?? null;
    const noted = await acting.insist(() =>
      asking
        ? answerTrial(
            db,
            player,
            { look: asking.look.id, choice: STOP },
            bench.draft.trial?.answers.length ?? 0
          )
        : notePain(db, player, 'trial', trying)
    );
    if (noted) await toHeading();
  }

  function keydown(event: KeyboardEvent) {
    if (!asking || event.repeat || event.altKey || event.ctrlKey || event.metaKey) return;
    if (isTyping(event.target)) return;
    const choice: TrialChoice | undefined = asking.choices[Number(event.key) - 1];
    if (!choice && event.key !== '0') return;
    event.preventDefault();
    void (choice ? answer(choice.id) : stop());
  }
</script>

<svelte:window onkeydown={keydown} />
<div bind:this={place}>
  {#if !bench.proposal}
    <p class="soft">A size can be tried on as soon as the height or the arm is measured.</p>
  {:else if asking && bench.draft.trial}
    <section class="trial" aria-label="Trial on the body">
      <p class="soft top">
        <span
          >Trying a <b class="num">{bench.draft.trial.size}</b>, look {asking.number} of {looksFor(
            player.family
          ).length}</span
        >
        <span>{TOUCH_CAUTION}</span>
      </p>
      <div class="look">
        <TrialSketch
          look={asking.look.id}
          right={asking.look.right}
          wrong={asking.look.wrong}
          family={player.family}
          size={bench.draft.trial.size}
          readings={bench.readings}
          dimensions={bench.settings.dimensions}
        />
        <div class="ask">
          <h3 data-look tabindex="-1">
            {asking.look.title}{asking.again ? ', placed anew' : ''}
          </h3>
          <ol aria-label="Answers">
            {#each asking.choices as choice, index (choice.id)}
              <li>
                <button type="button" class="btn act answer" onclick={() => answer(choice.id)}>
                  <span class="key">{index + 1}</span>
                  {choice.text}
                </button>
              </li>
            {/each}
          </ol>
          <button type="button" class="btn act stop" onclick={stop}>
            <span class="key">0</span> Pain, tingling or numbness
          </button>
          <p class="actions">
            {#if bench.draft.trial.answers.length > 0}
              <button
                type="button"
                class="btn act"
                data-act="back-in-trial"
                disabled={acting.busy}
                onclick={back}>Back</button
              >
            {/if}
            <button type="button" class="act-quiet" onclick={() => attempt(() => dropTrial(db, player))}
              >Give up this trial</button
            >
          </p>
        </div>
      </div>
    </section>
  {:else}
    {#if tried}
      <div class="ended" class:stopped={tried.verdict === 'stopped'}>
        <p data-end tabindex="-1"><b>{trialVerdictSentence(tried.size, tried.verdict)}</b></p>
        {#if advice && bench.proposal}<p>{adviceSentence(advice, bench.proposal)}</p>{/if}
        {#if advice?.readAgain}
          <p class="soft">
            Tape and trial differ by a size: take the deciding lengths once more, then decide.
          </p>
        {/if}
        {#if bench.concerns.length > 0}
          <p data-concerns>
            Seen besides: {bench.concerns.map(({ choice }) => choice.text.toLowerCase()).join('; ')}. The
            set-up begins there.
          </p>
        {/if}
        {#if advice?.size && !bench.decided}
          <p class="actions"><TakeSize {bench} {player} size={advice.size} isNext ondone={ontaken} /></p>
        {/if}
        <TrialAnswers {bench} {player} {tried} />
      </div>
    {/if}
    <div class="flex flex-wrap items-end gap-x-8 gap-y-3">
      <Choice
        label={tried ? 'Try another' : 'Put one on the body'}
        value={size}
        options={sizesUp(
          player.family,
          bench.proposal.candidates.map((one) => one.size)
        ).map((one) => ({
          value: one,
          text: one
        }))}
        onpick={(one) => (picked = one)}
      />
      <div class="actions">
        <button
          type="button"
          class="btn {isNext && !tried ? 'act-next' : 'act'}"
          data-act="begin-trial"
          disabled={acting.busy}
          onclick={begin}>Try the {size} on</button
        >
        <button type="button" class="act-quiet" onclick={ondone}
          >{tried ? 'On to the decision' : 'Decide without a trial'}</button
        >
      </div>
    </div>
    {#if !tried}
      <ol class="to-come" aria-label="What is looked at">
        {#each looksFor(player.family) as { id, title, right } (id)}
          <li><b>{title}.</b> <span class="soft">{right}</span></li>
        {/each}
      </ol>
    {/if}
  {/if}
</div>

<style>
  .to-come {
    list-style: decimal;
    padding-left: 1.5rem;
    margin-top: 1.5rem;
    columns: 2 24rem;
    column-gap: 3rem;
  }
  .to-come li {
    break-inside: avoid;
    padding-block: 0.3rem;
  }
  .top {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 1.5rem;
    font-size: 0.95rem;
  }
  .look {
    display: grid;
    grid-template-columns: minmax(20rem, 1.2fr) minmax(18rem, 1fr);
    gap: 1.5rem;
    align-items: start;
    margin-top: 0.5rem;
  }
  .ask {
    display: grid;
    gap: 0.5rem;
    justify-items: stretch;
  }
  h3 {
    font-size: 1.6rem;
    font-weight: 700;
    line-height: 1.2;
  }
  h3:focus,
  [data-end]:focus {
    outline: none;
  }
  .ask ol {
    display: grid;
    gap: 0.4rem;
  }
  .answer {
    width: 100%;
    justify-content: flex-start;
    text-align: left;
    white-space: normal;
    min-height: 3.25rem;
    font-size: 1.1rem;
  }
  .stop {
    border: 2px solid var(--stop);
    color: var(--stop);
    font-weight: 650;
    justify-content: flex-start;
    margin-top: 0.5rem;
  }
  .ended {
    border-left: 4px solid var(--fits);
    padding: 0.25rem 1rem;
    margin-bottom: 1rem;
    display: grid;
    gap: 0.25rem;
  }
  .ended.stopped {
    border-left-color: var(--stop);
    background: color-mix(in oklab, var(--stop) 8%, transparent);
    padding-block: 0.5rem;
  }
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
  @media (max-width: 760px) {
    .look {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
