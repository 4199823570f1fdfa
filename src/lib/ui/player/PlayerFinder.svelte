<script lang="ts">
  import { goto } from '$app/navigation';
  import { archivePlayer, db, groupsApart, type Player } from '$lib/data';
  import { archivedPlayers } from '$lib/data/questions/records';
  import { Roster } from '$lib/ui/roster.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/families';
  import PlayerEntries from './PlayerEntries.svelte';

  /** Players in lines, found while typing. Enter opens the first. */
  let { title }: { title: string } = $props();

  const PAGE = 100;
  const everybody = new Roster();
  const archived = live<readonly Player[]>(() => archivedPlayers(db), []);

  const groups = live<readonly (readonly [id: string, name: string])[]>(
    async () => [...(await groupsApart(db))].sort(([, a], [, b]) => a.localeCompare(b)),
    []
  );

  let wanted = $state('');
  let shown = $state(PAGE);

  const plain = (text: string) =>
    text
      .normalize('NFKD')
      .replace(/\p{Mark}/gu, '')
      .toLowerCase();
  const words = $derived(
    plain(wanted)
      .split(/\s+/)
      .filter((word) => word !== '')
  );
  const found = $derived(
    everybody.entries.filter(({ player, group }) => {
      const text = plain(`${player.name} ${group} ${FAMILY_WORDS[player.family]}`);
      return words.every((word) => text.includes(word));
    })
  );

  function open(event: KeyboardEvent) {
    const first = found[0];
    if (event.key === 'Enter' && first) void goto(`/players/${first.player.id}`);
  }
</script>

<div class="place" style:--between="0.75rem">
  <header>
    <h1>{title}</h1>
    <div class="flex flex-wrap gap-3">
      <a class="btn act" href="/ahead">Look ahead</a>
      <a class="btn act-next" href="/players/new">New player</a>
    </div>
  </header>
  {#if everybody.ready && everybody.entries.length === 0}
    <p class="soft">
      No players yet. Add the first one, or bring a class list in through <a class="underline" href="/files"
        >Files</a
      >.
    </p>
  {:else}
    <label class="find">
      <span>Find by name, group or instrument</span>
      <input
        class="field"
        type="search"
        bind:value={wanted}
        onkeydown={open}
        oninput={() => (shown = PAGE)}
        use:focusOnOpen
      />
    </label>
    <p class="soft text-sm" role="status">
      {found.length}
      {found.length === 1 ? 'player' : 'players'}{wanted === '' ? '' : ' found'}{found.length > 0
        ? ' · Enter opens the first'
        : ''}
    </p>
    {#if found.length > 0}
      <PlayerEntries entries={found.slice(0, shown)} />
      {#if found.length > shown}
        <button type="button" class="btn act" onclick={() => (shown += PAGE)}
          >Show more of {found.length}</button
        >
      {/if}
    {:else if everybody.ready}
      <p>Nobody matches. <a class="underline" href="/players/new">Add a new player</a>?</p>
    {/if}
  {/if}

  {#if groups.current.length > 0}
    <details>
      <summary>Room sheets</summary>
      <ul>
        {#each groups.current as [id, name] (id)}
          <li><a class="underline" href="/room/{id}">{name}</a></li>
        {/each}
      </ul>
    </details>
  {/if}
  {#if archived.current.length > 0}
    <details>
      <summary>Archived ({archived.current.length})</summary>
      <ul>
        {#each archived.current as player (player.id)}
          <li>
            <a class="underline" href="/players/{player.id}">{player.name}</a>
            <button
              type="button"
              class="act-quiet"
              onclick={() => attempt(() => archivePlayer(db, player, null))}>Bring back {player.name}</button
            >
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</div>

<style>
  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 1rem;
  }
  .find {
    max-width: 28rem;
  }
  .find span {
    font-size: 0.9rem;
  }
  summary {
    min-height: 2.75rem;
    display: inline-flex;
    align-items: center;
    cursor: pointer;
    font-weight: 600;
  }
  details li {
    display: flex;
    align-items: center;
    gap: 1rem;
  }
</style>
