<script lang="ts">
  import type { Standing } from '$lib/core/roster';
  import { currentDay } from '$lib/ui/clock';
  import { db } from '$lib/data';
  import { roster, type RosterLine } from '$lib/data/roster';
  import { live } from '$lib/ui/live.svelte';
  import { dayText } from '$lib/words/dates';
  import Welcome from './Welcome.svelte';
  import PlayerLines from '$lib/ui/player/PlayerLines.svelte';

  const today = currentDay();
  const lines = live<readonly RosterLine[]>(() => roster(db, today), []);
  const anyPlayer = live(() => db.players.count(), 0);

  const inState = (...standings: Standing[]) =>
    lines.current.filter(({ standing }) => standings.includes(standing));
  const underWay = $derived(
    [...inState('under-way')].sort((a, b) =>
      (b.draft?.updatedAt ?? '').localeCompare(a.draft?.updatedAt ?? '')
    )
  );
  const due = $derived(
    inState('outgrown', 'due').sort((a, b) => (a.fit?.nextLook ?? '').localeCompare(b.fit?.nextLook ?? ''))
  );
  const fresh = $derived(inState('new'));
  const first = $derived(underWay[0] ?? due[0] ?? fresh[0]);
</script>

{#if !lines.ready || !anyPlayer.ready}
  <p class="p-6 soft">Opening your records…</p>
{:else if anyPlayer.current === 0}
  <Welcome />
{:else}
  <div class="today">
    <header>
      <div>
        <h1>Today</h1>
        <p class="soft">{dayText(today)}</p>
      </div>
      <div class="actions">
        {#if first}
          <a class="btn act-next" href="/fit/{first.player.id}">
            {first.standing === 'under-way' ? 'Go on with' : 'Fit'}
            {first.player.name.length > 24 ? `${first.player.name.slice(0, 23)}…` : first.player.name}
          </a>
        {/if}
        <a class="btn act" href="/players/new">New player</a>
      </div>
    </header>

    {#if underWay.length > 0}
      <section aria-labelledby="under-way">
        <h2 id="under-way">Where you stopped</h2>
        <PlayerLines lines={underWay} />
      </section>
    {/if}
    <section aria-labelledby="due">
      <h2 id="due">Look again</h2>
      {#if due.length > 0}
        <PlayerLines lines={due} />
      {:else}
        <p class="soft">Nobody is due. The next dates come from the decisions you make.</p>
      {/if}
    </section>
    {#if fresh.length > 0}
      <section aria-labelledby="fresh">
        <h2 id="fresh">No size yet</h2>
        <PlayerLines lines={fresh} />
      </section>
    {/if}
  </div>
{/if}

<style>
  .today {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 64rem;
    display: grid;
    gap: 1.5rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.75rem;
  }
  .actions {
    display: flex;
    align-items: start;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
</style>
