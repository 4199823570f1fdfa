<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import { formatLength } from '$lib/core/length';
  import { isShoulderFamily, type Family } from '$lib/core/instruments';
  import { chosenOf } from '$lib/core/sizing';
  import type { Player } from '$lib/data';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { rowSentence } from '$lib/words/lengths';
  import { reasonSentences, verdictLine, warningSentence } from '$lib/words/sizing';
  import Arithmetic from './Arithmetic.svelte';
  import type { Bench } from './bench.svelte';
  import ChanceBar from './ChanceBar.svelte';
  import EvidenceList from './EvidenceList.svelte';
  import NothingProposed from './NothingProposed.svelte';
  import RealInstruments from './RealInstruments.svelte';
  import Limit from './Limit.svelte';

  /** The size, large, with its reason one step below and the arithmetic one further. */
  let {
    bench,
    player,
    withSchool = true
  }: {
    bench: Bench;
    player: Player;
    /** Whether the sizing school can be changed here. */
    withSchool?: boolean;
  } = $props();

  const unit = $derived(bench.settings.unit);
  const proposal = $derived(bench.proposal);
  const advice = $derived(bench.advice);
  const chosen = $derived(proposal ? chosenOf(proposal) : undefined);
  const byLanding = $derived(withSchool && isShoulderFamily(player.family));
  const sentences = $derived(proposal ? reasonSentences(proposal, unit) : []);

  /** What makes an answer from height alone surer. */
  const SURER: Readonly<Record<Family, (error: string) => string>> = {
    violin: (error) =>
      `Height alone gives an estimate. Arm to palm or arm to wrist makes it sure to about ${error}.`,
    viola: (error) =>
      `Height alone gives an estimate. Arm to palm or arm to wrist makes it sure to about ${error}.`,
    cello: () =>
      'Height alone gives a first guess. Arm reach, and seat to breastbone and ear, show this body.',
    bass: () => 'Height alone gives a first guess. How low the bow hand hangs, and the cheek, show this body.'
  };
</script>

{#if proposal && advice?.because === 'pain'}
  <div class="answer empty" aria-live="polite"><NothingProposed {advice} {proposal} /></div>
{:else if proposal && chosen}
  <div class="answer" class:with-school={byLanding} aria-live="polite">
    <div class="size">
      {#if proposal.between}
        <p class="between num">{proposal.between[0]}<span> or </span>{proposal.between[1]}</p>
        <p class="line">between sizes, by the tape</p>
      {:else}
        <p class="big num {chosen.verdict}">{chosen.size}</p>
        <p class="line {chosen.verdict}">
          <VerdictMark verdict={chosen.verdict} size={16} />
          {verdictLine(chosen, unit)}
        </p>
      {/if}
    </div>
    <div class="why">
      <p class="reason">{sentences[0]}</p>
      <ChanceBar candidates={proposal.candidates} />
      <p class="more soft">{sentences.slice(1).join(' ')}</p>
      {#each proposal.warnings as warning, index (index)}
        <p class="warning">{warningSentence(warning, unit)}</p>
      {/each}
    </div>
    {#if byLanding}
      <div class="school">
        <Limit {bench} />
      </div>
    {/if}
    <div class="more-ways">
      <Fold name="evidence" title="What speaks for and against" quiet>
        <EvidenceList candidate={chosen} {unit} />
      </Fold>
      <Fold name="arithmetic" title="Show the arithmetic" quiet>
        <Arithmetic {proposal} {unit} />
      </Fold>
      <RealInstruments {bench} {player} />
    </div>
  </div>
{:else}
  <div class="answer empty">
    <p class="big num" aria-hidden="true">?</p>
    <div class="why">
      <p class="reason">Measure the height or the arm, and a size appears here.</p>
      <p class="soft">{SURER[player.family](formatLength(6, unit))}</p>
      <p class="soft">{rowSentence(unit)}</p>
    </div>
  </div>
{/if}

<style>
  .answer {
    display: grid;
    grid-template-columns: minmax(9rem, auto) minmax(0, 1fr);
    gap: 0.75rem 1.5rem;
    align-items: start;
    border-top: 1px solid var(--ink);
    padding-top: 0.5rem;
  }
  .answer.with-school {
    grid-template-columns: minmax(9rem, auto) minmax(0, 1fr) minmax(13rem, 15rem);
  }
  .answer.empty {
    grid-template-columns: minmax(11rem, auto) 1fr;
    align-items: center;
  }
  .big {
    font-size: 5rem;
    line-height: 0.95;
    font-weight: 750;
    letter-spacing: -0.03em;
    white-space: nowrap;
  }
  .between {
    font-size: 3.1rem;
    line-height: 1.15;
    font-weight: 750;
    white-space: nowrap;
  }
  .between span {
    margin-inline: 0.5rem;
    font:
      400 1.25rem 'Atkinson Hyperlegible Next Variable',
      sans-serif;
    color: var(--ink-soft);
  }
  .empty .big {
    color: var(--line-strong);
  }
  .line {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    font-weight: 600;
    margin-top: 0.35rem;
  }
  .reason {
    font-size: 1.1rem;
    margin-bottom: 0.4rem;
  }
  .more {
    font-size: 0.95rem;
    margin-top: 0.25rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
    margin-top: 0.25rem;
  }
  .more-ways {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.5rem;
    margin-top: -0.5rem;
  }
  @media (max-width: 1100px) {
    .answer.with-school {
      grid-template-columns: auto 1fr;
    }
    .school {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 560px) {
    .answer,
    .answer.with-school,
    .answer.empty {
      grid-template-columns: 1fr;
    }
  }
</style>
