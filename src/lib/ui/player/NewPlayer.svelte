<script lang="ts">
  import { goto } from '$app/navigation';
  import { addPlayer, db, EMPTY_PLAYER, type PlayerForm as Form } from '$lib/data';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import PlayerForm from './PlayerForm.svelte';

  const groups = live(
    async () => (await db.players.orderBy('group').uniqueKeys()).map(String).filter((group) => group !== ''),
    []
  );

  /** A new player goes straight to the bench. */
  async function save(form: Form) {
    await attempt(async () => {
      const id = await addPlayer(db, form);
      await goto(`/fit/${id}`);
    });
  }
</script>

<div class="px-6 pb-8">
  <h1 class="text-3xl font-bold mb-4">New player</h1>
  <PlayerForm start={EMPTY_PLAYER} groups={groups.current} action="Add and go to the bench" onsave={save} />
</div>
