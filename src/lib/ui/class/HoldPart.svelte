<script lang="ts">
  import type { Check } from '$lib/core/checks';
  import Toggles from '$lib/ui/Toggles.svelte';
  import type { ClassHold } from './class-hold.svelte';

  /** The clock of a class that holds together. */
  let { hold, check }: { hold: ClassHold; check: Check } = $props();

  const WAYS = { tap: 'A tap', beeps: 'Three beeps' } as const;
  const { watch } = $derived(hold);
  const does = $derived(
    hold.runs
      ? 'Stop for all who hold'
      : watch.waits?.kind === 'beeps'
        ? `In ${watch.waits.left}`
        : 'All hold'
  );
</script>

<section class="hold" aria-label="All hold together" data-hold={hold.runs ? 'runs' : 'rests'}>
  <button
    type="button"
    class="btn {hold.runs ? 'act' : 'act-next'}"
    data-act="class-clock"
    disabled={!hold.runs && !watch.waits && hold.holding.length === 0 && hold.done.size === 0}
    onclick={() => hold.press()}
  >
    <span class="num time">{hold.runs ? watch.elapsed.toFixed(1) : ''}</span>
    {does}
  </button>
  {#if hold.runs}
    <p role="status">{hold.holding.length} hold. Tap the seat of who lets go.</p>
  {:else}
    <Toggles
      label="What starts the clock"
      as="class-watch-way"
      look="framed"
      options={(['tap', 'beeps'] as const).map((value) => ({ value, text: WAYS[value] }))}
      picked={[watch.way]}
      onpick={(way) => {
        hold.giveUp();
        watch.way = way;
      }}
    />
    {#if check.goal}<p class="soft">{check.goal.stops}</p>{/if}
    {#if check.id === 'hold-hands-off'}<p class="soft">
        Somebody stands by each of them, ready to catch.
      </p>{/if}
  {/if}
  {#if watch.doubtful !== null}
    <p role="alert" class="row">
      The clock ran {Math.round(watch.doubtful / 60)} minutes. Was it forgotten?
      <button type="button" class="btn act" onclick={() => watch.answer(false)}>Yes, leave it out</button>
      <button type="button" class="btn act" onclick={() => watch.answer(true)}>No, record it</button>
    </p>
  {/if}
</section>

<style>
  .hold,
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
  }
  .hold {
    padding-top: 0.5rem;
  }
  .time {
    font-size: 1.6rem;
  }
</style>
