<script lang="ts">
  import type { Counted } from '$lib/core/ear';
  import Tick from '$lib/ui/Tick.svelte';
  import { hasMicrophone, madeUpPlucks, microphone } from '$lib/ui/sound-source';
  import { CountByEar } from './by-ear.svelte';

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
  const DOUBTS: Readonly<Record<Counted['doubt'], string>> = {
    none: '',
    uneven: 'Not sure: it came unevenly, or two played. Count yourself.',
    faint: 'Not sure: it hardly stood out of the room. Count yourself.',
    'too-loud': ''
  };
  let madeUp = $state(false);
  const ear = new CountByEar(() => (madeUp ? Promise.resolve(madeUpPlucks()) : microphone()));
  /** What is heard stands in the counter as it comes. */
  $effect(() => {
    if (ear.phase !== 'counts') return;
    count = ear.heard.count;
    counting = true;
  });
  $effect(() => {
    if (stopped) ear.stop();
  });
  const doubt = $derived(counting ? DOUBTS[ear.heard.doubt] : '');

  function add(by: number) {
    ear.stop();
    ear.heard = { count: 0, doubt: 'none' };
    count = Math.min(MOST, Math.max(0, count + by));
    counting = true;
  }

  function record() {
    if (stopped) return;
    ear.stop();
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
{#if hasMicrophone()}
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2" data-by-ear={ear.phase}>
    <button
      type="button"
      class="btn act"
      data-act="by-ear"
      disabled={stopped}
      aria-pressed={ear.phase !== 'off'}
      onclick={() => (ear.phase === 'off' ? ear.start() : ear.stop())}
      >{ear.phase === 'off'
        ? 'Count by ear'
        : ear.phase === 'room'
          ? 'Quiet, please'
          : 'Stop listening'}</button
    >
    {#if ear.phase === 'off'}
      <Tick bind:checked={madeUp}>In a made-up room</Tick>
    {:else}
      <p class="soft">One player alone; nothing that is heard is kept.</p>
    {/if}
    {#if doubt || ear.refusal}<p class="doubt" role="alert">{ear.refusal || doubt}</p>{/if}
  </div>
{/if}

<style>
  .doubt {
    border-left: 3px solid var(--stop);
    padding-left: 0.75rem;
  }
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
