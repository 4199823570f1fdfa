<script lang="ts">
  import type { Card } from '$lib/print/card';
  import { live } from './live.svelte';
  import ChildHead from './player/ChildHead.svelte';
  import { newestCard } from './newest-card';

  /** A player's newest set-up as large as the screen allows: to put back what was lent or knocked out of place. */
  let { playerId }: { playerId: string } = $props();

  const card = live<Card | null>(() => newestCard(playerId), null);
</script>

<div class="place" style:--wide="none">
  <ChildHead {playerId} here="papers" />
  {#if card.current}
    <header>
      <h2 class="num size">{card.current.instrument} {card.current.size}</h2>
    </header>
    <dl>
      {#each card.current.settings as { name, value, mark } (name)}
        <div>
          <dt>{name}</dt>
          <dd class="num">{value}</dd>
          {#if mark}<dd class="how-marked">{mark}</dd>{/if}
        </div>
      {/each}
    </dl>
    <p class="notes">{card.current.notes.join(' ')}</p>
    <p class="soft">{card.current.signed}</p>
    <p><a class="btn act" href="/fit/{playerId}#set-up">To the set-up</a></p>
  {:else if card.ready}
    <h2>No set-up yet</h2>
    <p>It stands here as soon as one is kept. <a href="/fit/{playerId}">To the fit</a></p>
  {/if}
</div>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 0 2rem;
  }
  .size {
    font-size: 2rem;
    font-weight: 700;
  }
  dl {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 0.75rem 2rem;
  }
  dl div {
    border-top: 2px solid var(--ink);
    padding-top: 0.35rem;
  }
  dt {
    font-size: 1.15rem;
  }
  dd.num {
    font-size: 3rem;
    font-weight: 700;
    line-height: 1.1;
  }
  .how-marked {
    font-size: 1.6rem;
    font-weight: 650;
    color: var(--next);
    overflow-wrap: anywhere;
  }
  .notes {
    font-size: 1.25rem;
  }
  a:not(.btn) {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
</style>
