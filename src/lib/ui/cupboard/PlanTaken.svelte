<script lang="ts">
  import type { PlanLine } from '$lib/core/cupboard';
  import type { Settings } from '$lib/data';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { loanPaper } from '$lib/print/loan';
  import { paperOf } from '$lib/print/papers';
  import PdfButton from '$lib/ui/PdfButton.svelte';

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
  const papers = () =>
    loans.flatMap((loan) => {
      const instrument = cupboard.instruments.find(({ id }) => id === loan.instrumentId);
      const { unit, teacherName: teacher } = settings;
      return instrument
        ? [loanPaper(instrument, loan, { player: nameOf(loan.playerId), unit, teacher })]
        : [];
    });
</script>

{#if loans.length > 0}
  <div data-taken>
    <PdfButton
      text="{loans.length} loan {loans.length === 1 ? 'paper' : 'papers'} of this plan"
      fileName="loans-of-the-plan.pdf"
      pieces={loans.length}
      ask={(door, report) => door.loans(papers(), paperOf(settings.unit), report)}
    />
    <p>
      Letters home:
      {#each loans as { id, playerId }, at (id)}
        {at > 0 ? ', ' : ''}<a href="/letter/{playerId}">{nameOf(playerId)}</a>
      {/each}
    </p>
  </div>
{/if}

<style>
  div {
    display: grid;
    gap: 0.5rem;
  }
</style>
