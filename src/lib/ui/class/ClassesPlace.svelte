<script lang="ts">
  import { db } from '$lib/data';
  import { removeGroup } from '$lib/data/commands/groups';
  import { doors } from '$lib/data/questions/groups';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';

  /** The groups, each a door to its room. */
  const PAGE = 40;
  let shown = $state(PAGE);
  const found = live(() => doors(db), null);
  const groups = $derived(found.current?.groups ?? []);
  /** Who comes alone: each a door to a lesson. */
  const alone = $derived(found.current?.alone ?? []);
</script>

<div class="place" style:--wide="48rem" style:--between="0.75rem">
  <h1>Class</h1>
  <p class="soft">One look goes round the room: a tap for each player where they sit.</p>
  {#if found.ready && groups.length === 0}
    <p>No group yet. Give players a group in their record, and it stands here.</p>
    <p><a class="btn act-next" href="/players">To the players</a></p>
  {:else}
    <ul>
      {#each groups as { id, name, isEmpty, count, last } (id)}
        <li>
          <a href="/class/{id}">
            <b>{name}</b>
            <span class="soft"
              >{count}
              {count === 1 ? 'player' : 'players'}{last ? ` · last looked at on ${dayText(last)}` : ''}</span
            >
          </a>
          {#if isEmpty}
            <button
              type="button"
              class="act-quiet"
              data-remove-group={id}
              onclick={() => attempt(() => removeGroup(db, id))}>Remove {name}</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#if alone.length > 0}
    <h2>One by one</h2>
    <ul>
      {#each alone.slice(0, shown) as { id, name } (id)}
        <li><a href="/lesson/{id}"><b>{name}</b></a></li>
      {/each}
    </ul>
    {#if alone.length > shown}
      <p>
        <button type="button" class="btn act" onclick={() => (shown += PAGE)}
          >Show more of {alone.length}</button
        >
      </p>
    {/if}
  {/if}
</div>

<style>
  a:not(.btn) {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
    min-height: 3.25rem;
    border-bottom: 1px solid var(--line);
  }
  h2 {
    font-weight: 700;
    margin-top: 0.5rem;
  }
  b {
    font-size: 1.1rem;
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
</style>
