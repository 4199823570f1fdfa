<script lang="ts">
  import { deletePlayer, db, forget, type Player, UNDO_DELETION_MS } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { status } from '$lib/ui/shell/status.svelte';

  /** Asks before a player goes: for a moment it can be taken back, then nothing of the player is left. */
  let {
    player,
    oncancel,
    ondeleted
  }: { player: Player; oncancel: () => void; ondeleted: () => Promise<void> } = $props();

  const deleting = new Action();
  const MINUTES = UNDO_DELETION_MS / 60_000;

  async function remove(forGood: boolean) {
    const { id, name } = player;
    const done = await deleting.run(async () => {
      await deletePlayer(db, player);
      if (forGood) await forget(db, [id]);
    });
    if (!done) return;
    await ondeleted();
    status.say(
      forGood
        ? `${name} is deleted. Nothing is left but a random number and the day, so that no merge brings the child back.`
        : `Deleted ${name} with all records. Undo brings everything back for ${MINUTES} minutes.`
    );
  }
</script>

<div class="ask" role="alertdialog" aria-label="Delete {player.name}?">
  <p><b>Delete {player.name} with all records?</b></p>
  <p>
    Undo brings everything back for {MINUTES} minutes. After that nothing of this child is left on this device,
    neither in the records nor in the steps that can be taken back. What stays is a random number and the day, so
    that a colleague’s file does not bring the child back. Backups that you saved stay as they are.
  </p>
  <p class="ways">
    <button type="button" class="btn act" disabled={deleting.busy} onclick={() => remove(false)}
      >Delete</button
    >
    <button type="button" class="btn act" disabled={deleting.busy} onclick={() => remove(true)}
      >Delete and forget for good now</button
    >
    <button type="button" class="act-quiet" onclick={oncancel}>Keep {player.name}</button>
  </p>
</div>

<style>
  .ask {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.5rem;
    max-width: 48rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
  }
</style>
