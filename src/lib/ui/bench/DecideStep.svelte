<script lang="ts">
  import { sizesUp } from '$lib/core/instruments';
  import { beginTrial, changeDraft, db, decideFit, type Player } from '$lib/data';
  import { REASON_LENGTH } from '$lib/data/schema/fit';
  import { Action } from '$lib/ui/action.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { timeText } from '$lib/words/clock';
  import { dayText } from '$lib/words/dates';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { verdictLine } from '$lib/words/sizing';
  import { NEXT_MEASURE_WORDS, outlookSentences } from '$lib/words/growth';
  import { adviceSentence } from '$lib/words/trial';
  import type { Bench } from './bench.svelte';
  import Finish from './Finish.svelte';
  import TakeSize from './TakeSize.svelte';

  let {
    bench,
    player,
    isNext,
    ondone,
    ontry
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void; ontry: () => void } = $props();

  const proposal = $derived(bench.proposal);
  const advice = $derived(bench.advice);
  /** What tape, trial and growth advise; null after pain, or where nothing smaller is in use. */
  const advised = $derived(advice?.size ?? null);
  const decided = $derived(bench.standing);
  let again = $state(false);
  const open = $derived(!decided || again);
  let missing = $state(false);
  let reasonField: HTMLInputElement | undefined = $state();
  const deciding = new Action();

  const reason = $derived(bench.typed.of('reason') ?? '');
  const other = $derived(bench.draft.overrideSize);
  const others = $derived(
    proposal
      ? sizesUp(
          player.family,
          proposal.candidates.map(({ size }) => size)
        ).filter((size) => size !== advised)
      : []
  );
  const lookReason = $derived(
    decided?.betweenSizes
      ? ', since it was between two sizes'
      : bench.outlook
        ? `: ${NEXT_MEASURE_WORDS[bench.outlook.nextMeasure.reason]}`
        : ''
  );

  const tryOn = async (size: string) => (await deciding.run(() => beginTrial(db, player, size))) && ontry();

  async function decide(size: string, why: string) {
    const done = await deciding.run(async () => {
      await decideFit(db, player, { size, reason: why, after: bench.decided?.id ?? null });
      bench.typed.entered('reason', reason);
    });
    if (!done) return;
    again = false;
    ondone();
  }

  function decideOther() {
    missing = reason.trim() === '';
    if (missing) reasonField?.focus();
    else if (other) void decide(other, reason.trim());
  }
</script>

{#if decided}
  <p class="decided">
    <b class="num">{decided.size}</b>
    <span>
      decided {dayText(decided.day)} at {timeText(decided.at)}{decided.reason ? `: ${decided.reason}` : ''}.
      {#if decided.advised === null}No size was advised.{:else if decided.size !== decided.advised}Advised was {decided.advised}.{/if}
      Look again by {dayText(decided.nextLook)}{lookReason}.
    </span>
    {#if !again}
      <button type="button" class="act-quiet" onclick={() => (again = true)}>Decide anew</button>
    {/if}
  </p>
{/if}

{#if decided && bench.outlook}
  <p class="soft">{outlookSentences(decided.size, bench.outlook, bench.today).join(' ')}</p>
{/if}

{#if open && proposal && advice}
  <div class="flex flex-wrap gap-x-10 gap-y-4 items-start">
    {#if advised}
      <div class="actions">
        <TakeSize
          {bench}
          {player}
          size={advised}
          {isNext}
          ondone={() => {
            again = false;
            ondone();
          }}
        />
        {#if !bench.tried}
          <button type="button" class="btn act" disabled={deciding.busy} onclick={() => tryOn(advised)}
            >Try it on first</button
          >
        {/if}
      </div>
    {:else}
      <div class="leave" data-act="accept-size" tabindex="-1">
        <Finish {player} primary={isNext} label="Leave it for today" />
      </div>
    {/if}
    <div class="other">
      {#if bench.tried || proposal.betweenSizes}
        <p class={advised ? '' : 'stop'}>{adviceSentence(advice, proposal)}</p>
      {/if}
      <Choice
        label={advised ? 'Or another size, if you know better' : 'Take one all the same, with your reason'}
        value={other}
        options={others.map((size) => ({ value: size, text: size }))}
        onpick={(overrideSize) =>
          attempt(() => changeDraft(db, player, 'Thought of another size', { overrideSize }))}
      />
      {#if other && other !== advised}
        {@const candidate = proposal.candidates.find(({ size }) => size === other)}
        {#if candidate}
          <p class="note {candidate.verdict}">
            <VerdictMark verdict={candidate.verdict} />
            <span>{other} {verdictLine(candidate, bench.settings.unit)}</span>
          </p>
          <label class="reason">
            <span>Why, in a line</span>
            <input
              class="field"
              data-field="override-reason"
              bind:this={reasonField}
              maxlength={REASON_LENGTH}
              value={reason}
              aria-invalid={missing || undefined}
              oninput={(event) => {
                missing = false;
                bench.typed.type('reason', event.currentTarget.value);
              }}
              onkeydown={(event) => event.key === 'Enter' && !event.repeat && decideOther()}
            />
          </label>
          {#if missing}<p class="stop" role="alert">
              An own choice needs a line of reason, so that you know it next time.
            </p>{/if}
          <button type="button" class="btn act" disabled={deciding.busy} onclick={decideOther}
            >Decide {other}</button
          >
        {/if}
      {/if}
    </div>
  </div>
{:else if !proposal}
  <p class="soft">A size can be decided as soon as the height or the arm is measured.</p>
{/if}

<style>
  .decided {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 1rem;
  }
  .decided b {
    font-size: 2rem;
    color: var(--fits);
  }
  .decided span {
    flex: 1 1 20rem;
  }
  .actions {
    display: grid;
    gap: 0.5rem;
  }
  .other {
    flex: 1 1 24rem;
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
    align-items: flex-start;
  }
  .reason {
    width: 100%;
    max-width: 36rem;
  }
  .note {
    display: flex;
    align-items: center;
    gap: 0.4rem;
  }
  .stop {
    color: var(--stop);
    font-weight: 600;
    max-width: 44rem;
  }
</style>
