<script lang="ts">
  import { fittingTape, onTape } from '$lib/core/fitting-tape';
  import { isShoulderFamily, type Family } from '$lib/core/instruments';
  import type { Instrument, Settings } from '$lib/data';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { sizesInUse } from '$lib/data/questions/settings';
  import { printedTape } from '$lib/print/fitting-tape';
  import { paperOf } from '$lib/print/papers';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import ProofLine from '$lib/ui/ProofLine.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { tapePlace } from '$lib/words/fitting-tape';
  import { instrumentLabel, loanPapers } from '$lib/print/loan';

  import InstrumentList from './InstrumentList.svelte';

  /** Papers of the cupboard: labels for the cases, loans to sign, and a tape to fit by. */
  let {
    family,
    cupboard,
    settings,
    nameOf
  }: { family: Family; cupboard: Cupboard; settings: Settings; nameOf: (id: string) => string } = $props();

  const own = $derived(
    cupboard.instruments
      .filter((one) => one.family === family)
      .sort((a, b) => a.number.localeCompare(b.number, 'en', { numeric: true }))
  );
  const name = $derived(FAMILY_WORDS[family].toLowerCase());
  const paper = $derived(paperOf(settings.unit));
  let proofMm = $state<number | null>(100);

  const byId = $derived(new Map<string | null, Instrument>(own.map((one) => [one.id, one])));
  const loans = $derived(
    cupboard.loans.filter(({ to, instrumentId }) => to === null && byId.has(instrumentId))
  );
  const papers = () => loanPapers(loans, own, { nameOf, settings });
  const tape = () => {
    if (!isShoulderFamily(family)) throw new RangeError('a tape is for violin and viola');
    const marks = fittingTape({
      family,
      sizes: sizesInUse(settings, family),
      own: onTape(own, family),
      overrides: settings.dimensions
    });
    return printedTape(family, marks, settings.rule);
  };
</script>

<section aria-label="Papers" data-papers>
  <div class="row">
    <PdfButton
      text="Labels for {own.length} {own.length === 1 ? 'case' : 'cases'}"
      fileName="labels-{name}.pdf"
      pieces={own.length}
      ask={(door, report) =>
        door.instrumentLabels(
          own.map((one) => instrumentLabel(one, settings.unit)),
          paper,
          report
        )}
    />
    {#if loans.length > 0}
      <PdfButton
        text="{loans.length} loan {loans.length === 1 ? 'paper' : 'papers'}"
        fileName="loans-{name}.pdf"
        pieces={loans.length}
        ask={(door, report) => door.loans(papers(), paper, report)}
      />
    {/if}
    {#if isShoulderFamily(family)}
      <PdfButton
        text="Fitting tape"
        fileName="fitting-tape-{name}.pdf"
        disabled={proofMm === null}
        ask={(door) => door.fittingTape(tape(), paper, proofMm ?? 100)}
      />
      <ProofLine onread={(mm) => (proofMm = mm)} />
    {/if}
    <InstrumentList instruments={cupboard.instruments} />
  </div>
  {#if isShoulderFamily(family)}
    <p class="soft text-sm">
      The tape lies along the arm and shows the size without a number: your instruments at their lengths, read
      at
      {tapePlace(settings.rule)}.
    </p>
  {/if}
</section>

<style>
  section {
    padding-block: 0.75rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem 1rem;
    align-items: end;
  }
</style>
