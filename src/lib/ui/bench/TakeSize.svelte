<script lang="ts">
  import { db, decideFit, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import type { Bench } from './bench.svelte';

  /** Takes the size that is advised. */
  let {
    bench,
    player,
    size,
    isNext,
    ondone
  }: { bench: Bench; player: Player; size: string; isNext: boolean; ondone: () => void } = $props();

  const deciding = new Action();
  const take = () =>
    deciding.run(() => decideFit(db, player, { size, reason: null, after: bench.decided?.id ?? null }));
</script>

<button
  type="button"
  class="btn {isNext ? 'act-next' : 'act'} take"
  data-act="accept-size"
  disabled={deciding.busy}
  onclick={async () => (await take()) && ondone()}
>
  Take the {size} <span class="key">↵</span>
</button>

<style>
  .take {
    min-height: 3.5rem;
    font-size: 1.125rem;
  }
</style>
