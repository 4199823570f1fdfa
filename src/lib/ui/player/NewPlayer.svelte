<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import {
    addPlayer,
    db,
    EMPTY_PLAYER,
    groupsApart,
    NEW_PLAYER,
    newId,
    type GroupNames,
    type PlayerForm as Form
  } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { TypedTexts } from '$lib/ui/typed.svelte';
  import { live } from '$lib/ui/live.svelte';
  import PlayerForm from './PlayerForm.svelte';

  const groups = live<GroupNames>(() => groupsApart(db), new Map());

  const typed = new TypedTexts(NEW_PLAYER);
  /** Of the player that this form adds: sent twice, it adds one. */
  const id = newId();
  const adding = new Action();

  /** A new player goes straight to the bench. */
  async function save(form: Form) {
    await adding.run(async () => {
      await addPlayer(db, form, id);
      await goto(`/fit/${id}`);
    });
  }
</script>

<div class="px-6 pb-8">
  <h1 class="text-3xl font-bold mb-4">New player</h1>
  {#if typed.ready && groups.ready}<PlayerForm
      start={{ ...EMPTY_PLAYER, groupId: page.url.searchParams.get('group') ?? undefined }}
      {typed}
      busy={adding.busy}
      groups={groups.current}
      action="Add and measure"
      onsave={save}
    />{/if}
</div>
