<script lang="ts">
  import { db, type Group } from '$lib/data';
  import { renameGroup } from '$lib/data/commands/groups';
  import { GROUP_LENGTH } from '$lib/data/schema/player';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';

  /** The name of a group, which can be changed: two teachers who merge may have two of one name. */
  let { group }: { group: Group } = $props();

  /** The name as it is being typed; null while nobody changes it. */
  let typed = $state<string | null>(null);
  const renaming = new Action();

  async function rename(event: SubmitEvent) {
    event.preventDefault();
    const name = typed?.trim() ?? '';
    if (name === '' || name === group.name || (await renaming.run(() => renameGroup(db, group.id, name))))
      typed = null;
  }
</script>

{#if typed === null}
  <h1>{group.name}</h1>
  <button type="button" class="act-quiet" data-act="rename-group" onclick={() => (typed = group.name)}
    >Rename</button
  >
{:else}
  <h1 class="sr-only">{group.name}</h1>
  <form onsubmit={rename}>
    <input
      class="field"
      aria-label="Name of the group"
      maxlength={GROUP_LENGTH}
      bind:value={typed}
      onkeydown={(event) => event.key === 'Escape' && (typed = null)}
      use:focusOnOpen
    />
    <button class="btn act" disabled={renaming.busy}>Save the name</button>
  </form>
{/if}

<style>
  h1:not(.sr-only) {
    font-size: 1.6rem;
    font-weight: 750;
  }
  form {
    display: flex;
    gap: 0.5rem;
  }
  input {
    width: 12rem;
  }
  form .btn {
    white-space: nowrap;
  }
</style>
