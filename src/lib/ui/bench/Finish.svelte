<script lang="ts">
  import { goto } from '$app/navigation';
  import { db, finishDraft, type Player } from '$lib/data';
  import { lineOf } from '$lib/data/questions/records';
  import { Action } from '$lib/ui/action.svelte';

  /** Ends a fit: its records stay, the next player can come. A player of a line leads back to the line. */
  let {
    player,
    primary = false,
    label = 'Finished, next player'
  }: { player: Player; primary?: boolean; label?: string } = $props();

  const finishing = new Action();

  async function finish() {
    if (!(await finishing.run(() => finishDraft(db, player)))) return;
    const line = await lineOf(db, player.id);
    await goto(line ? `/day/${line.id}` : '/');
  }
</script>

<button type="button" class="btn {primary ? 'act-next' : 'act'}" disabled={finishing.busy} onclick={finish}
  >{label}</button
>
