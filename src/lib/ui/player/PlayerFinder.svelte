<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import { goto } from '$app/navigation';
  import { archivePlayer, db, type Player } from '$lib/data';
  import { archivedPlayers } from '$lib/data/questions/records';
  import { Roster } from '$lib/ui/roster.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { plainText } from '$lib/ui/plain-text';
  import PlayerEntries from './PlayerEntries.svelte';

  /** Players in lines, found while typing. Enter opens the first. */
  let { title }: { title: string } = $props();

  const PAGE = 100;
  const everybody = new Roster();
  const archived = live<readonly Player[]>(() => archivedPlayers(db), []);

  let wanted = $state('');
  let shown = $state(PAGE);

  const words = $derived(
    plainText(wanted)
      .split(/\s+/)
      .filter((word) => word !== '')
  );
  const matches = ({ name, family }: Player, group = '') => {
    const text = plainText(`${name} ${group} ${FAMILY_WORDS[family]}`);
    return words.every((word) => text.includes(word));
  };
  const found = $derived(everybody.entries.filter(({ player, group }) => matches(player, group)));
  /** Who is looked for may have left. */
  const left = $derived(words.length > 0 ? archived.current.filter((player) => matches(player)) : []);

  function open(event: KeyboardEvent) {
    const first = found[0]?.player ?? left[0];
    if (event.key === 'Enter' && first) void goto(`/players/${first.id}`);
  }
</script>

{#snippet away(players: readonly Player[])}
  <ul>
    {#each players as player (player.id)}
      <li>
        <a class="underline" href="/players/{player.id}">{player.name}</a>
        <button type="button" class="act-quiet" onclick={() => attempt(() => archivePlayer(db, player, null))}
          >Bring back {player.name}</button
        >
      </li>
    {/each}
  </ul>
{/snippet}

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
    {:else if everybody.ready && left.length === 0}
      <p>Nobody matches. <a class="underline" href="/players/new">Add a new player</a>?</p>
    {/if}
    {#if left.length > 0}
      <p data-archived-found><b>Archived, found too:</b></p>
      {@render away(left)}
    {/if}
  {/if}

  {#if archived.current.length > 0 && left.length === 0}
    <Fold name="archived" title="Archived ({archived.current.length})" quiet>
      {@render away(archived.current)}
    </Fold>
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
  li {
    display: flex;
    align-items: center;
    gap: 1rem;
  }
</style>
