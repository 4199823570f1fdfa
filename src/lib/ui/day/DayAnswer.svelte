<script lang="ts">
  import type { LengthUnit } from '$lib/core/length';
  import { chosenOf, type Proposal } from '$lib/core/sizing';
  import type { Advice } from '$lib/core/trial';
  import ChanceBar from '$lib/ui/bench/ChanceBar.svelte';
  import NothingProposed from '$lib/ui/bench/NothingProposed.svelte';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { rowSentence } from '$lib/words/lengths';
  import { reasonSentences, verdictLine, warningSentence } from '$lib/words/sizing';

  /** The size for the player at hand, large enough to be read from the queue. */
  let { proposal, advice, unit }: { proposal: Proposal | null; advice: Advice | null; unit: LengthUnit } =
    $props();

  const chosen = $derived(proposal ? chosenOf(proposal) : undefined);
</script>

{#if proposal && advice?.because === 'pain'}
  <NothingProposed {advice} {proposal} />
{:else if proposal && chosen}
  {#if proposal.between}
    <p class="between num">{proposal.between[0]}<span> or </span>{proposal.between[1]}</p>
    <p class="verdict">between sizes: a try on the body settles it</p>
  {:else}
    <p class="big num {chosen.verdict}">{chosen.size}</p>
    <p class="verdict {chosen.verdict}">
      <VerdictMark verdict={chosen.verdict} size={16} />
      {verdictLine(chosen, unit)}
    </p>
  {/if}
  <ChanceBar candidates={proposal.candidates} />
  <p class="soft">{reasonSentences(proposal, unit)[0]}</p>
  {#each proposal.warnings as warning, index (index)}
    <p class="warning">{warningSentence(warning, unit)}</p>
  {/each}
{:else}
  <p class="big num nothing" aria-hidden="true">?</p>
  <p class="soft">The first number gives a first answer.</p>
  <p class="soft">{rowSentence(unit)}</p>
{/if}

<style>
  .big {
    font-size: 6.5rem;
    line-height: 1;
    font-weight: 750;
    letter-spacing: -0.03em;
    white-space: nowrap;
  }
  .between {
    font-size: 4rem;
    line-height: 1.2;
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
  .nothing {
    color: var(--line-strong);
  }
  .verdict {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    font-weight: 600;
    font-size: 1.1rem;
    margin-bottom: 0.75rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
