<script lang="ts">
  import type { Player } from '$lib/data';
  import { cardOf } from '$lib/print/card';
  import CardView from '$lib/ui/CardView.svelte';
  import { drawCard } from '$lib/ui/figure/card-drawing';
  import { download, fileNamePart } from '$lib/ui/download';
  import { status } from '$lib/ui/shell/status.svelte';
  import type { Bench } from './bench.svelte';
  import Finish from './Finish.svelte';

  let { bench, player, isNext }: { bench: Bench; player: Player; isNext: boolean } = $props();

  const card = $derived(
    bench.setup.fit && bench.setup.kept
      ? cardOf({
          player,
          fit: bench.setup.fit,
          setup: bench.setup.kept,
          focus: bench.focus,
          unit: bench.settings.unit,
          overrides: bench.settings.dimensions,
          teacherName: bench.settings.teacherName
        })
      : null
  );
  let making = $state(false);
  /** Characters that the PDF had to leave out. */
  let missing = $state.raw<readonly string[]>([]);

  async function savePdf() {
    if (!card) return;
    making = true;
    try {
      const { cardPdf } = await import('$lib/print/card-pdf');
      const made = await cardPdf(card, await drawCard(card.drawing));
      missing = made.missing;
      download(`card-${fileNamePart(player.name)}.pdf`, 'application/pdf', made.bytes.slice());
    } catch {
      status.say('The PDF could not be made. Printing the page works without it.');
    } finally {
      making = false;
    }
  }
</script>

{#if card}
  <div class="step">
    <CardView {card} />
    <div class="actions">
      <a data-act="print-card" class="btn {isNext ? 'act-next' : 'act'}" href="/card/{player.id}?print"
        >Print it <span class="key">↵</span></a
      >
      <button type="button" class="btn act" onclick={savePdf} disabled={making}>
        {making ? 'Making the PDF…' : 'Save as PDF'}
      </button>
      {#if missing.length > 0}
        <p class="missing" role="alert">
          The PDF’s fonts do not have {missing.join(' ')}; question marks stand there. “Print it” writes them
          with this device’s own fonts, also into a PDF.
        </p>
      {/if}
      <Finish {player} />
      {#if bench.setup.changed}
        <p class="soft">
          The card shows set-up {bench.setup.kept?.version}. What you changed since is not kept yet.
        </p>
      {/if}
      {#if !bench.focus && bench.checks.length > 0}
        <p class="soft">
          No focus yet: rate at least one check below secure, and the weakest comes onto the card.
        </p>
      {/if}
    </div>
  </div>
{:else}
  <p class="soft">The card is ready once a set-up is kept.</p>
{/if}

<style>
  .step {
    display: flex;
    flex-wrap: wrap;
    gap: 1.5rem 2.5rem;
  }
  .actions {
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
    align-items: flex-start;
    max-width: 22rem;
  }
  .missing {
    color: var(--stop);
    font-weight: 550;
  }
</style>
