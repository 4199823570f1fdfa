<script lang="ts">
  import { changeDraft, db, decideFit, type Player } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText, timeText } from '$lib/words/dates';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { verdictLine } from '$lib/words/sizing';
  import { NEXT_MEASURE_WORDS, outlookSentences } from '$lib/words/growth';
  import { adviceSentence } from '$lib/words/trial';
  import type { Bench } from './bench.svelte';

  let { bench, player, ondone }: { bench: Bench; player: Player; ondone: () => void } = $props();

  const proposal = $derived(bench.proposal);
  /** What tape, trial and growth advise; the tape's word where pain leaves no smaller size. */
  const advised = $derived(bench.advice?.size ?? proposal?.advised ?? '');
  const decided = $derived(bench.decided);
  let deciding = $state(false);
  let reason = $derived(bench.draft.overrideReason);
  let missing = $state(false);

  const other = $derived(bench.draft.overrideSize);
  const lookReason = $derived(
    decided?.betweenSizes
      ? ', since it was between two sizes'
      : bench.outlook
        ? `: ${NEXT_MEASURE_WORDS[bench.outlook.nextMeasure.reason]}`
        : ''
  );
  const open = $derived(!decided || deciding);

  async function decide(size: string, why: string | null) {
    if (!proposal) return;
    const written = await attempt(() =>
      decideFit(db, player, {
        proposal,
        readings: bench.readings,
        advised,
        size,
        reason: why,
        instruments: bench.draft.instruments,
        trialId: bench.tried?.id ?? null
      })
    );
    if (!written) return;
    deciding = false;
    ondone();
  }

  function decideOther() {
    missing = reason.trim() === '';
    if (missing) document.getElementById('override-reason')?.focus();
    else if (other) void decide(other, reason.trim());
  }
</script>

{#if decided}
  <p class="decided">
    <b class="num">{decided.size}</b>
    <span>
      decided {dayText(decided.day)} at {timeText(decided.at)}{decided.reason ? `: ${decided.reason}` : ''}.
      {#if decided.size !== decided.advised}Advised was {decided.advised}.{/if}
      Look again by {dayText(decided.nextLook)}{lookReason}.
    </span>
    {#if !deciding}
      <button type="button" class="act-quiet" onclick={() => (deciding = true)}>Decide anew</button>
    {/if}
  </p>
{/if}

{#if decided && bench.outlook}
  <p class="soft">{outlookSentences(decided.size, bench.outlook, bench.today).join(' ')}</p>
{/if}

{#if open && proposal}
  <div class="decide">
    <button id="accept-size" type="button" class="btn act-next text-lg" onclick={() => decide(advised, null)}>
      Take the {advised} <span class="key">↵</span>
    </button>
    <div class="other">
      {#if bench.tried && bench.advice}<p>{adviceSentence(bench.advice, proposal)}</p>{/if}
      <Choice
        label="Or another size, if you know better"
        value={other}
        options={proposal.candidates
          .filter(({ size }) => size !== advised)
          .map(({ size }) => ({ value: size, text: size }))}
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
        {/if}
        <label class="reason">
          <span>Why, in a line</span>
          <input
            id="override-reason"
            class="field"
            maxlength="160"
            value={reason}
            aria-invalid={missing || undefined}
            oninput={(event) => {
              missing = false;
              reason = event.currentTarget.value;
            }}
            onchange={() =>
              attempt(() => changeDraft(db, player, 'Gave a reason', { overrideReason: reason }))}
            onkeydown={(event) => event.key === 'Enter' && decideOther()}
          />
        </label>
        {#if missing}<p class="stop" role="alert">
            An own choice needs a line of reason, so that you know it next time.
          </p>{/if}
        <button type="button" class="btn act" onclick={decideOther}>Decide {other}</button>
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
  .decide {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem 2.5rem;
    align-items: flex-start;
  }
  #accept-size {
    min-height: 3.5rem;
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
  }
</style>
