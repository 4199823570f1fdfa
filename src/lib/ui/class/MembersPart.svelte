<script lang="ts">
  import { goto } from '$app/navigation';
  import { db, type Group, type Player } from '$lib/data';
  import { moveToGroup, removeGroup, renameGroup } from '$lib/data/commands/groups';
  import { groupNames } from '$lib/data/questions/groups';
  import { allOf, playersIn } from '$lib/data/questions/records';
  import { GROUP_LENGTH } from '$lib/data/schema/player';
  import { Action } from '$lib/ui/action.svelte';
  import { live } from '$lib/ui/live.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** The name of a group and who is in it. */
  let { group }: { group: Group } = $props();

  /** The name as it is being typed; null while nobody changes it. */
  let typed = $state<string | null>(null);
  const renaming = new Action();
  const moving = new Action();

  const members = live<readonly Player[]>(
    async () => (await playersIn(db, group.id)).toSorted((a, b) => a.name.localeCompare(b.name)),
    [],
    () => group.id
  );
  const others = live(
    async () => {
      const [players, names] = [await allOf(db, 'players'), await groupNames(db)];
      return players
        .filter(({ groupId, archivedOn }) => groupId !== group.id && archivedOn === null)
        .map(({ id, name, groupId }) => {
          const from = groupId === null ? undefined : names.get(groupId);
          return { value: id, text: from ? `${name}, ${from}` : name };
        })
        .sort((a, b) => a.text.localeCompare(b.text));
    },
    [],
    () => group.id
  );

  async function rename(event: SubmitEvent) {
    event.preventDefault();
    const name = typed?.trim() ?? '';
    if (name === '' || name === group.name || (await renaming.run(() => renameGroup(db, group.id, name))))
      typed = null;
  }
  const move = (playerId: string, groupId: string | null) =>
    moving.run(() => moveToGroup(db, playerId, groupId));
  async function removeWhole() {
    if (await moving.run(() => removeGroup(db, group.id))) await goto('/class');
  }
</script>

<div class="members">
  <form onsubmit={rename}>
    <label>
      <span class="soft text-sm">Name of the group</span>
      <input
        class="field"
        maxlength={GROUP_LENGTH}
        value={typed ?? group.name}
        oninput={({ currentTarget }) => (typed = currentTarget.value)}
        onkeydown={(event) => event.key === 'Escape' && (typed = null)}
      />
    </label>
    <button class="btn act" disabled={renaming.busy || typed === null || typed.trim() === group.name}
      >Save the name</button
    >
  </form>
  <ul aria-label="Members">
    {#each members.current as player (player.id)}
      <li>
        <a class="underline" href="/players/{player.id}">{player.name}</a>
        <span class="soft">{FAMILY_WORDS[player.family]}{player.archivedOn ? ', archived' : ''}</span>
        <button
          type="button"
          class="act-quiet"
          disabled={moving.busy}
          aria-label="Take {player.name} out of the group"
          onclick={() => move(player.id, null)}>Take out</button
        >
      </li>
    {:else}
      <li class="soft">Nobody is in this group.</li>
    {/each}
  </ul>
  {#if others.current.length > 0}
    <PickOne label="Put in, or move here" options={others.current} onpick={(id) => void move(id, group.id)} />
  {/if}
  <p>
    <a class="btn act" href="/players/new?group={group.id}">New player here</a>
    <button
      type="button"
      class="btn act"
      data-act="remove-group"
      disabled={moving.busy}
      onclick={() => void removeWhole()}
      >Remove the group{members.current.length > 0 ? '; its players stay' : ''}</button
    >
  </p>
</div>

<style>
  .members {
    display: grid;
    gap: 1rem;
    max-width: 44rem;
  }
  form,
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.5rem;
  }
  input {
    width: 16rem;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 8rem auto;
    align-items: center;
    gap: 0 1rem;
    min-height: 2.75rem;
    border-bottom: 1px solid var(--line);
  }
</style>
