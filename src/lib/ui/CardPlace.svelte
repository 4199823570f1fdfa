<script lang="ts">
  import { tick } from 'svelte';
  import type { Card } from '$lib/print/card';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import CardPaper from './CardPaper.svelte';
  import CardView from './CardView.svelte';
  import { live } from './live.svelte';
  import { newestCard } from './newest-card';
  import PaperPlace from './PaperPlace.svelte';

  /** A player's newest card on a page of its own, to print. */
  let { playerId, printNow }: { playerId: string; printNow: boolean } = $props();

  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const card = live<Card | null>(() => newestCard(playerId), null);

  let printed = false;
  function drawn() {
    if (!printNow || printed) return;
    printed = true;
    void tick().then(() => print());
  }
</script>

<PaperPlace
  {playerId}
  back={{ href: `/fit/${playerId}`, text: 'Back to the fit' }}
  title={card.current && `Card of ${card.current.player}`}
  empty="No card yet: it is ready once a set-up is kept."
  ready={card.ready}
>
  {#snippet paper()}
    {#if card.current}<CardPaper card={card.current} unit={settings.current.unit} />{/if}
  {/snippet}
  {#if card.current}<CardView card={card.current} ondrawn={drawn} />{/if}
</PaperPlace>
