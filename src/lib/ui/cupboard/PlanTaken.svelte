<script lang="ts">
  import type { PlanLine } from '$lib/core/cupboard';
  import type { Settings } from '$lib/data';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { loanPapers } from '$lib/print/loan';
  import { paperOf } from '$lib/print/papers';
  import Fold from '$lib/ui/Fold.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import { planText } from '$lib/words/cupboard';
  import { dayText } from '$lib/words/dates';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { planLetterText } from '$lib/words/plan-letter';

  /** What follows from a plan that was taken over: the papers of the new loans, and a letter to each home. */
  let {
    lines,
    cupboard,
    settings,
    nameOf
  }: {
    lines: readonly PlanLine[];
    cupboard: Cupboard;
    settings: Settings;
    nameOf: (id: string) => string;
  } = $props();

  /** Their loans; none of what was undone since. */
  const loans = $derived(
    lines.flatMap(({ playerId, to }) =>
      cupboard.loans.filter(
        (loan) => loan.playerId === playerId && loan.instrumentId === to && loan.to === null
      )
    )
  );
  const named = (id: string | null) => {
    const one = cupboard.instruments.find((instrument) => instrument.id === id);
    return one ? `no. ${one.number}, a ${FAMILY_WORDS[one.family].toLowerCase()} ${one.size}` : '';
  };
  const letters = $derived(
    loans.flatMap((loan) => {
      const line = lines.find(({ playerId }) => playerId === loan.playerId);
      if (!line) return [];
      return planLetterText({
        player: nameOf(loan.playerId),
        from: dayText(loan.from),
        instrument: named(loan.instrumentId),
        back: line.from === null ? null : named(line.from),
        why: planText(line, (id) => named(id))[1],
        teacher: settings.teacherName
      });
    })
  );
  const papers = () => loanPapers(loans, cupboard.instruments, { nameOf, settings });
</script>

{#if loans.length > 0}
  <div data-taken>
    <div class="no-print">
      <PdfButton
        text="{loans.length} loan {loans.length === 1 ? 'paper' : 'papers'} of this plan"
        fileName="loans-of-the-plan.pdf"
        pieces={loans.length}
        ask={(door, report) => door.loans(papers(), paperOf(settings.unit), report)}
      />
    </div>
    <Fold name="plan-letters" title="Letters home: {letters.length}" quiet>
      {#each letters as letter (letter)}
        <article>{letter}</article>
      {/each}
      <button type="button" class="btn act no-print" onclick={() => print()}>Print the letters</button>
    </Fold>
  </div>
{/if}

<style>
  article {
    white-space: pre-line;
    max-width: 40rem;
    padding-block: 0.75rem;
    border-bottom: 1px solid var(--line);
  }
  @media print {
    article {
      border: 0;
      break-after: page;
    }
  }
  div {
    display: grid;
    gap: 0.5rem;
  }
</style>
