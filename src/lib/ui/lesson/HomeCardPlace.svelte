<script lang="ts">
  import type { HomeCard } from '$lib/print/home-card';
  import { fileNamePart } from '$lib/ui/download';
  import { live } from '$lib/ui/live.svelte';
  import PaperPlace from '$lib/ui/PaperPlace.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import HomeCardView from './HomeCardView.svelte';
  import { homeCards } from './home-cards';

  /** What a child takes home from the last lesson, to print. */
  let { playerId }: { playerId: string } = $props();

  const card = live<HomeCard | null>(async () => (await homeCards([playerId]))[0] ?? null, null);
</script>

<PaperPlace
  {playerId}
  back={{ href: `/lesson/${playerId}`, text: 'Back to the lesson' }}
  title={card.current && `Practice of ${card.current.player}`}
  empty="Nothing is set as practice yet: the lesson ends with it."
  ready={card.ready}
>
  {#snippet paper()}
    {#if card.current}{@const shown = card.current}
      <PdfButton
        text="Save as PDF"
        fileName="practice-{fileNamePart(shown.player)}.pdf"
        ask={(door, report) => door.home([shown], report)}
      />
    {/if}
  {/snippet}
  {#if card.current}<HomeCardView card={card.current} />{/if}
</PaperPlace>
