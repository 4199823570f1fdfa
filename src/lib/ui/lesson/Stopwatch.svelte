<script lang="ts">
  import { LONG_CLOCK_S } from '$lib/data/schema/check';

  /** A big clock for timed tests. The button has the focus, so Space starts and stops it; so does a tap. */
  let {
    goal,
    best,
    last,
    stopped = false,
    onstop
  }: {
    /** What is aimed at, in a sentence. */
    goal: string;
    best: number | null;
    last: number | null;
    /** Pain stopped the test: a clock that runs is given up and nothing is recorded. */
    stopped?: boolean;
    onstop: (seconds: number) => void;
  } = $props();

  let startedAt = $state<number | null>(null);
  let elapsed = $state(0);
  /** Ran so long that it was probably forgotten: asked about before it counts, s. */
  let doubtful = $state<number | null>(null);
  let frame = 0;

  const shown = $derived((startedAt === null ? (doubtful ?? last ?? 0) : elapsed).toFixed(1));

  function tick() {
    if (startedAt === null) return;
    elapsed = (performance.now() - startedAt) / 1000;
    frame = requestAnimationFrame(tick);
  }

  function giveUp() {
    startedAt = null;
    cancelAnimationFrame(frame);
  }

  $effect(() => {
    if (stopped) giveUp();
  });

  function toggle() {
    if (startedAt === null) {
      doubtful = null;
      startedAt = performance.now();
      elapsed = 0;
      tick();
      return;
    }
    const seconds = Math.round((performance.now() - startedAt) / 100) / 10;
    giveUp();
    if (seconds > LONG_CLOCK_S) doubtful = seconds;
    else onstop(seconds);
  }

  function answer(counts: boolean) {
    if (counts && doubtful !== null) onstop(doubtful);
    doubtful = null;
  }

  $effect(() => () => cancelAnimationFrame(frame));
</script>

<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
  <button type="button" data-watch class:running={startedAt !== null} onclick={toggle}>
    <span class="num time" aria-hidden="true">{shown}</span>
    <span class="what">{startedAt === null ? 'Start' : 'Stop'} <span class="key">Space</span></span>
  </button>
  <p class="soft">
    {goal}
    {#if best !== null}Best <b class="num">{best.toFixed(1)} s</b>, last
      <b class="num">{last?.toFixed(1)} s</b>.{/if}
  </p>
  {#if doubtful !== null}
    <div class="doubt" role="alert">
      <p>The clock ran {Math.round(doubtful / 60)} minutes. Was it forgotten?</p>
      <button type="button" class="btn act" onclick={() => answer(false)}>Yes, leave it out</button>
      <button type="button" class="btn act" onclick={() => answer(true)}>No, record it</button>
    </div>
  {/if}
</div>

<style>
  [data-watch] {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1.25rem;
    max-width: 100%;
    padding: 0.5rem 1.5rem;
    border: 2px solid var(--next);
    border-radius: var(--radius-container);
    background: var(--panel);
    color: var(--ink);
  }
  [data-watch].running {
    background: var(--next);
    color: var(--next-ink);
  }
  .time {
    font-size: 4rem;
    line-height: 1.1;
    font-weight: 700;
    min-width: 4ch;
    text-align: right;
  }
  .what {
    font-weight: 650;
    font-size: 1.1rem;
    min-width: 8rem;
    text-align: left;
  }
  .doubt {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
    color: var(--stop);
    font-weight: 550;
  }
</style>
