<script lang="ts">
  import { tick } from 'svelte';
  import { STOP, type TrialChoice } from '$lib/core/trial';
  import { answerTrial, beginTrial, db, dropTrial, type Player } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import TrialSketch from '$lib/ui/figure/TrialSketch.svelte';
  import { untilSo } from '$lib/ui/focus';
  import { attempt } from '$lib/ui/shell/attempt';
  import { PAIN_CAUTION, TOUCH_CAUTION } from '$lib/words/checks';
  import { adviceSentence, trialVerdictSentence } from '$lib/words/trial';
  import type { Bench } from './bench.svelte';

  /** The trial on the body: one look at a time, large, answered by a digit or a tap. */
  let { bench, player, ondone }: { bench: Bench; player: Player; ondone: () => void } = $props();

  const trial = $derived(bench.trial);
  const asking = $derived(trial?.kind === 'asking' ? trial : null);
  const tried = $derived(bench.tried);
  const advice = $derived(bench.advice);
  let picked = $state<string | null>(null);
  const size = $derived(picked ?? advice?.size ?? bench.proposal?.advised ?? null);

  async function begin() {
    if (!size || !(await attempt(() => beginTrial(db, player, size)))) return;
    await untilSo(() => document.getElementById('trial-look') !== null);
    document.getElementById('try')?.scrollIntoView({ block: 'start' });
    document.getElementById('trial-look')?.focus({ preventScroll: true });
  }

  async function answer(choice: string) {
    if (!asking) return;
    const { look } = asking;
    const given = bench.draft.trial?.answers.length;
    if (!(await attempt(() => answerTrial(db, player, { look: look.id, choice })))) return;
    await untilSo(() => bench.draft.trial?.answers.length !== given);
    await tick();
    const next = document.getElementById('trial-look') ?? document.getElementById('trial-end');
    next?.focus({ preventScroll: true });
  }

  function keydown(event: KeyboardEvent) {
    if (!asking || event.altKey || event.ctrlKey || event.metaKey) return;
    const choice: TrialChoice | undefined = asking.choices[Number(event.key) - 1];
    if (choice) {
      event.preventDefault();
      void answer(choice.id);
    } else if (event.key === '0') {
      event.preventDefault();
      void answer(STOP);
    }
  }
</script>

{#if !bench.proposal}
  <p class="soft">A size can be tried on as soon as the height or the arm is measured.</p>
{:else if asking && bench.draft.trial}
  <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
  <section class="trial" aria-labelledby="trial-look" onkeydown={keydown}>
    <p class="soft top">
      <span>Trying a <b class="num">{bench.draft.trial.size}</b>, look {asking.number}</span>
      <span>{TOUCH_CAUTION}</span>
    </p>
    <div class="look">
      <TrialSketch look={asking.look.id} right={asking.look.right} wrong={asking.look.wrong} />
      <div class="ask">
        <h3 id="trial-look" tabindex="-1">
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
        <button type="button" class="btn act stop" onclick={() => answer(STOP)}>
          <span class="key">0</span> Pain, tingling or numbness
        </button>
        <button type="button" class="act-quiet" onclick={() => attempt(() => dropTrial(db, player))}
          >Give up this trial</button
        >
      </div>
    </div>
  </section>
{:else}
  {#if tried}
    <div
      class="ended"
      class:stopped={tried.verdict === 'stopped'}
      role={tried.verdict === 'stopped' ? 'alert' : undefined}
    >
      <p id="trial-end" tabindex="-1"><b>{trialVerdictSentence(tried.size, tried.verdict)}</b></p>
      {#if tried.verdict === 'stopped'}<p>{PAIN_CAUTION}</p>{/if}
      {#if advice && bench.proposal}<p>{adviceSentence(advice, bench.proposal)}</p>{/if}
      {#if advice?.readAgain}
        <p class="soft">Tape and trial differ by a size: take the deciding lengths once more, then decide.</p>
      {/if}
    </div>
  {/if}
  <div class="begin">
    <Choice
      label={tried ? 'Try another' : 'Put one on the body'}
      value={size}
      options={bench.proposal.candidates.toReversed().map((one) => ({ value: one.size, text: one.size }))}
      onpick={(one) => (picked = one)}
    />
    <div class="actions">
      <button id="begin-trial" type="button" class="btn {tried ? 'act' : 'act-next'}" onclick={begin}
        >Try the {size} on</button
      >
      <button type="button" class="act-quiet" onclick={ondone}
        >{tried ? 'On to the decision' : 'Decide without a trial'}</button
      >
    </div>
  </div>
{/if}

<style>
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
  #trial-end:focus {
    outline: none;
  }
  ol {
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
  .begin {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.75rem 2rem;
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
