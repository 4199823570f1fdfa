<script lang="ts">
  import { onMount } from 'svelte';
  import { monthsLater } from '$lib/core/time';
  import { db, DEFAULT_SETTINGS, getSettings } from '$lib/data';
  import { bySoonest, outgrownUntil, wantedSizes } from '$lib/data/questions/wanted';
  import Choice from '$lib/ui/Choice.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { Roster } from '$lib/ui/roster.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { dayText } from '$lib/words/dates';
  import { outgrownBriefly } from '$lib/words/players';

  /** Who outgrows which size, and when: all players, worked out aside so that the page stays free. */
  const everybody = new Roster();
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);

  const PAGE_ROWS = 25;
  let shownRows = $state(PAGE_ROWS);
  const HORIZONS = { '3': '3 months', '6': '6 months', '12': 'A year', all: 'All' } as const;
  let horizon = $state<keyof typeof HORIZONS>('6');

  /** The place is there first and its choices a moment later: together they would keep the page silent too long. */
  let opened = $state(false);
  onMount(() => {
    const soon = setTimeout(() => (opened = true));
    return () => clearTimeout(soon);
  });

  const today = $derived(clock.today);
  const rows = $derived(bySoonest(everybody.entries, today));
  const until = $derived(horizon === 'all' ? null : monthsLater(today, Number(horizon)));
  const shown = $derived(outgrownUntil(rows, until, today));
  const wanted = $derived(wantedSizes(shown, settings.current, today));
</script>

<div class="place">
  <header>
    <div>
      <h1>Looking ahead</h1>
      <p class="soft">When each size in use is probably outgrown, by how the player has grown so far.</p>
    </div>
    {#if opened}
      <Choice
        label="Within"
        value={horizon}
        options={Object.entries(HORIZONS).map(([value, text]) => ({
          value: value as keyof typeof HORIZONS,
          text
        }))}
        onpick={(value) => (horizon = value)}
      />
    {/if}
  </header>

  {#if everybody.failed}
    <p class="problem" role="alert">Looking ahead did not work. Nothing was changed; try it again.</p>
    <p><button type="button" class="btn act" onclick={() => everybody.again()}>Try again</button></p>
  {:else if everybody.running}
    <div class="running">
      <label>
        <span
          >{everybody.total === 0
            ? 'Gathering the records…'
            : `${everybody.done} of ${everybody.total} players`}</span
        >
        <!-- The browser's own: a component would load the formats of numbers first, as the page is busiest. -->
        <progress
          class="progress"
          max={everybody.total || 1}
          value={everybody.total === 0 ? undefined : everybody.done}
        ></progress>
      </label>
      <button type="button" class="btn act" onclick={() => everybody.stop()}>Stop</button>
    </div>
  {:else if everybody.stopped && everybody.pending.length > 0}
    <p>
      Stopped, {everybody.pending.length} players are missing.
      <button type="button" class="btn act" onclick={() => everybody.again()}>Look ahead again</button>
    </p>
  {/if}
  {#if everybody.ready}
    {#if wanted.length > 0}
      <p class="flex flex-wrap gap-x-5 gap-y-1">
        Wanted then:
        {#each wanted as { family, size, count } (family + size)}
          <span><b class="num">{count} × {size}</b> {FAMILY_WORDS[family].toLowerCase()}</span>
        {/each}
      </p>
    {/if}
    {#if shown.length === 0 && everybody.pending.length > 0}
      <p class="soft">Nothing can be said yet: the players are still to be looked at.</p>
    {:else if shown.length === 0}
      <p class="soft">
        {rows.length === 0
          ? 'Nobody has a size yet. Decide one in a fit, and its outlook appears here.'
          : 'Nobody outgrows a size in this time.'}
      </p>
    {:else}
      <table>
        <caption class="sr-only">Players by when they outgrow their size</caption>
        <thead>
          <tr>
            <th scope="col">Player</th>
            <th scope="col">Now on</th>
            <th scope="col">Outgrown about</th>
            <th scope="col">Measure by</th>
          </tr>
        </thead>
        <tbody>
          {#each shown.slice(0, shownRows) as entry (entry.player.id)}
            {@const { player, group, foresight } = entry}
            <tr>
              <th scope="row">
                <a href="/players/{player.id}">{player.name}</a>
                <span class="soft">{FAMILY_WORDS[player.family]}{group ? ` · ${group}` : ''}</span>
              </th>
              <td class="num">{foresight.size}</td>
              <td>{outgrownBriefly(entry, today)}</td>
              <td
                >{entry.standing === 'pain'
                  ? '–'
                  : foresight.nextMeasure.date <= today
                    ? 'now'
                    : dayText(foresight.nextMeasure.date)}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      {#if shown.length > shownRows}
        <p>
          <button type="button" class="btn act" onclick={() => (shownRows += PAGE_ROWS)}
            >Show more of {shown.length}</button
          >
        </p>
      {/if}
    {/if}
  {/if}
</div>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: end;
    gap: 0.75rem;
    min-height: 4.6rem;
  }
  .running {
    display: flex;
    align-items: end;
    gap: 1rem;
    max-width: 40rem;
  }
  .running label {
    flex: 1;
    display: grid;
    gap: 0.25rem;
  }
  .problem {
    color: var(--stop);
    font-weight: 600;
  }
  table {
    width: 100%;
  }
  th,
  td {
    text-align: left;
    padding: 0.5rem 1rem 0.5rem 0;
    border-bottom: 1px solid var(--line);
    vertical-align: baseline;
  }
  thead th {
    font-weight: 400;
    color: var(--ink-soft);
    font-size: 0.9rem;
  }
  tbody th {
    font-weight: 600;
  }
  tbody th .soft {
    font-weight: 400;
    margin-left: 0.5rem;
  }
  tbody a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  @media (max-width: 640px) {
    th,
    td {
      padding-right: 0.4rem;
      overflow-wrap: anywhere;
    }
  }
</style>
