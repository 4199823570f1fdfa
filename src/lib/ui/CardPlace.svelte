<script lang="ts">
  import { tick } from 'svelte';
  import type { Card } from '$lib/print/card';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import CardPaper from './CardPaper.svelte';
  import CardView from './CardView.svelte';
  import { live } from './live.svelte';
  import { newestCard } from './newest-card';

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

<div class="place">
  <div class="no-print bar">
    <a class="btn act" href="/fit/{playerId}">Back to the bench</a>
    <button type="button" class="btn act-next" onclick={() => print()} disabled={!card.current}>Print</button>
    {#if card.current}
      <CardPaper card={card.current} unit={settings.current.unit} />
    {/if}
    <span class="soft">A6. On larger paper it stands in the corner: cut along the edge.</span>
  </div>
  {#if card.current}
    <h1 class="sr-only">Card of {card.current.player}</h1>
    <CardView card={card.current} ondrawn={drawn} />
  {:else if card.ready}
    <p>No card yet: it is ready once a set-up is kept.</p>
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
