<script lang="ts">
  /** A big counter for counted tests. The button has the focus: Space counts; what was counted is then kept. */
  let {
    goal,
    best,
    last,
    stopped = false,
    onrecord
  }: {
    goal: string;
    best: number | null;
    last: number | null;
    stopped?: boolean;
    onrecord: (count: number) => void;
  } = $props();

  const MOST = 999;
  let count = $state(0);
  let counting = $state(false);

  function add(by: number) {
    count = Math.min(MOST, Math.max(0, count + by));
    counting = true;
  }

  function record() {
    if (stopped) return;
    onrecord(count);
    [count, counting] = [0, false];
  }
</script>

<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
  <button type="button" class="add" data-count disabled={stopped} onclick={() => add(1)}>
    <span class="num">{counting ? count : (last ?? 0)}</span>
    <span>Count <span class="key">Space</span></span>
  </button>
  <span class="flex flex-wrap gap-2">
    <button type="button" class="btn act" disabled={!counting} onclick={() => add(-1)}>One less</button>
    <button
      type="button"
      class="btn act"
      data-act="keep-count"
      disabled={stopped || !counting}
      onclick={record}>Keep {count}</button
    >
    {#if !counting}<button
        type="button"
        class="act-quiet"
        disabled={stopped}
        onclick={() => (counting = true)}>None at all</button
      >{/if}
  </span>
  <p class="soft">
    {goal}
    {#if best !== null}Best <b class="num">{best}</b>, last <b class="num">{last}</b>.{/if}
  </p>
</div>

<style>
  .add {
    display: flex;
    align-items: center;
    gap: 1.25rem;
    padding: 0.5rem 1.5rem;
    border: 2px solid var(--next);
    border-radius: var(--radius-container);
    background: var(--panel);
    font-weight: 650;
    font-size: 1.1rem;
  }
  .add .num {
    font-size: 4rem;
    line-height: 1.1;
    font-weight: 700;
    min-width: 2ch;
    text-align: right;
  }
</style>
