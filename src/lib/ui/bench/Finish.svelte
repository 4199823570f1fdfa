<script lang="ts">
  import { goto } from '$app/navigation';
  import { db, finishDraft, type Player } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';

  /** Ends a fit: its records stay, the next player can come. A player of a line leads back to the line. */
  let { player, primary = false }: { player: Player; primary?: boolean } = $props();

  async function finish() {
    if (!(await attempt(() => finishDraft(db, player)))) return;
    const line = await db.days
      .filter(
        ({ closedAt, entries }) =>
          closedAt === null &&
          entries.some(({ playerId, state }) => playerId === player.id && state === 'trial')
      )
      .first();
    await goto(line ? `/day/${line.id}` : '/');
  }
</script>

<button type="button" class="btn {primary ? 'act-next' : 'act'}" onclick={finish}
  >Finished, next player</button
>
