<script lang="ts">
  /** A big clock for timed tests. The button has the focus, so Space starts and stops it; so does a tap. */
  let {
    goals,
    best,
    last,
    onstop
  }: {
    goals: readonly number[];
    best: number | null;
    last: number | null;
    onstop: (seconds: number) => void;
  } = $props();

  let startedAt = $state<number | null>(null);
  let elapsed = $state(0);
  let frame = 0;

  const shown = $derived((startedAt === null ? (last ?? 0) : elapsed).toFixed(1));

  function tick() {
    if (startedAt === null) return;
    elapsed = (performance.now() - startedAt) / 1000;
    frame = requestAnimationFrame(tick);
  }

  function toggle() {
    if (startedAt === null) {
      startedAt = performance.now();
      elapsed = 0;
      tick();
      return;
    }
    const seconds = Math.round((performance.now() - startedAt) / 100) / 10;
    startedAt = null;
    cancelAnimationFrame(frame);
    onstop(seconds);
  }

  $effect(() => () => cancelAnimationFrame(frame));
</script>

<div class="watch">
  <button id="stopwatch" type="button" class:running={startedAt !== null} onclick={toggle}>
    <span class="num time" aria-hidden="true">{shown}</span>
    <span class="what">{startedAt === null ? 'Start' : 'Stop'} <span class="key">Space</span></span>
  </button>
  <p class="soft">
    Goal {goals.join(' s, later ')} s.
    {#if best !== null}Best <b class="num">{best.toFixed(1)} s</b>, last
      <b class="num">{last?.toFixed(1)} s</b>.{/if}
  </p>
</div>

<style>
  .watch {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1.25rem;
  }
  button {
    display: flex;
    align-items: center;
    gap: 1.25rem;
    padding: 0.5rem 1.5rem;
    border: 2px solid var(--next);
    border-radius: var(--radius-container);
    background: var(--panel);
    color: var(--ink);
  }
  button.running {
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
</style>
