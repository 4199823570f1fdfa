<script lang="ts">
  import { db, decideFit, type Player } from '$lib/data';
  import { finishFit, lineAtHand } from '$lib/ui/day/line';
  import { Action } from '$lib/ui/action.svelte';
  import type { Bench } from './bench.svelte';

  /** Takes the size that is advised; a player of a line can go straight back to it. */
  let {
    bench,
    player,
    size,
    isNext,
    ondone
  }: { bench: Bench; player: Player; size: string; isNext: boolean; ondone: () => void } = $props();

  const line = lineAtHand(() => player.id);

  const deciding = new Action();
  /** @param back to the line, for a player who came from there */
  function take(back: boolean): Promise<boolean> {
    // Once it is decided this button is gone, and with it what it was told.
    const who = player;
    return deciding.run(async () => {
      await decideFit(db, who, { size, reason: null, after: bench.decided?.id ?? null });
      if (back) await finishFit(who);
    });
  }
</script>

<button
  type="button"
  class="btn {isNext ? 'act-next' : 'act'} take"
  data-act="accept-size"
  disabled={deciding.busy}
  onclick={async () => (await take(false)) && ondone()}
>
  Take the {size} <span class="key">↵</span>
</button>
{#if line.current}
  <button
    type="button"
    class="btn act take"
    data-act="accept-and-back"
    disabled={deciding.busy}
    onclick={() => take(true)}
  >
    Take the {size}, back to the line
  </button>
{/if}

<style>
  .take {
    min-height: 3.5rem;
    font-size: 1.125rem;
  }
</style>
