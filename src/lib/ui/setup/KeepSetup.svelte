<script lang="ts">
  import type { Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import type { Bench } from '$lib/ui/bench/bench.svelte';
  import { SetupHand } from './setup-hand';

  /** Keeps the set-up that is on the screen as a version. */
  let {
    bench,
    player,
    isNext,
    ondone
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void } = $props();

  const kept = $derived(bench.setup.kept);
  const keeping = new Action();
  // svelte-ignore state_referenced_locally
  const hand = new SetupHand(bench, () => player);
</script>

{#if bench.setup.laid && (!kept || bench.setup.changed)}
  <button
    type="button"
    class="btn {isNext ? 'act-next' : 'act'}"
    data-act="keep-setup"
    disabled={keeping.busy}
    onclick={async () => (await keeping.run(() => hand.keep())) && ondone()}
  >
    Keep this set-up{kept ? ` as version ${kept.version + 1}` : ''} <span class="key">↵</span>
  </button>
{:else if kept}
  <b>Set-up {kept.version} is kept.</b>
{/if}
