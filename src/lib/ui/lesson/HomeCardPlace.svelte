<script lang="ts">
  import type { HomeCard } from '$lib/print/home-card';
  import { fileNamePart } from '$lib/ui/download';
  import { live } from '$lib/ui/live.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import HomeCardView from './HomeCardView.svelte';
  import { homeCards } from './home-cards';

  /** What a child takes home from the last lesson, to print. */
  let { playerId }: { playerId: string } = $props();

  const card = live<HomeCard | null>(async () => (await homeCards([playerId]))[0] ?? null, null);
</script>

<div class="place">
  <div class="no-print bar">
    <a class="btn act" href="/lesson/{playerId}">Back to the lesson</a>
    <button type="button" class="btn act-next" onclick={() => print()} disabled={!card.current}>Print</button>
    {#if card.current}{@const shown = card.current}
      <PdfButton
        text="Save as PDF"
        fileName="practice-{fileNamePart(shown.player)}.pdf"
        ask={(door, report) => door.home([shown], report)}
      />
    {/if}
    <span class="soft">A6. On larger paper it stands in the corner: cut along the edge.</span>
  </div>
  {#if card.current}
    <h1 class="sr-only">Practice of {card.current.player}</h1>
    <HomeCardView card={card.current} />
  {:else if card.ready}
    <p>Nothing is set as practice yet: the lesson ends with it.</p>
  {/if}
</div>

<style>
  .place {
    padding: 0.5rem 1.5rem 2rem;
    display: grid;
    gap: 1rem;
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 1rem;
  }
  @media print {
    .place {
      padding: 0;
    }
  }
</style>
