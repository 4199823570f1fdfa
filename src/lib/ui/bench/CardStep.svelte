<script lang="ts">
  import type { Player } from '$lib/data';
  import { cardOf } from '$lib/print/card';
  import CardView from '$lib/ui/CardView.svelte';
  import CardPaper from '$lib/ui/CardPaper.svelte';
  import type { Bench } from './bench.svelte';
  import Finish from './Finish.svelte';

  let { bench, player, isNext }: { bench: Bench; player: Player; isNext: boolean } = $props();

  const card = $derived(
    bench.setup.fit && bench.setup.kept
      ? cardOf({
          player,
          fit: bench.setup.fit,
          setup: bench.setup.kept,
          focus: bench.focus,
          unit: bench.settings.unit,
          overrides: bench.settings.dimensions,
          teacherName: bench.settings.teacherName
        })
      : null
  );
</script>

{#if card}
  <div class="flex flex-wrap gap-x-10 gap-y-6">
    <CardView {card} />
    <div class="actions">
      <a data-act="print-card" class="btn {isNext ? 'act-next' : 'act'}" href="/card/{player.id}?print"
        >Print it <span class="key">↵</span></a
      >
      <CardPaper {card} unit={bench.settings.unit} />
      <Finish {player} />
      {#if bench.setup.changed}
        <p class="soft">
          The card shows set-up {bench.setup.kept?.version}. What you changed since is not kept yet.
        </p>
      {/if}
      {#if !bench.focus}
        <p class="soft">No focus yet: look at the hold, and what needs it most comes onto the card.</p>
      {/if}
    </div>
  </div>
{:else}
  <p class="soft">The card is ready once a set-up is kept.</p>
{/if}

<style>
  .actions {
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
    align-items: flex-start;
    max-width: 22rem;
  }
</style>
