<script lang="ts">
  import Tick from '$lib/ui/Tick.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { hasMicrophone, madeUpRoom, microphone } from '$lib/ui/sound-source';
  import { Watch, WATCH_WAYS, type WatchWay } from './watch.svelte';

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

  let madeUp = $state(false);
  const watch = new Watch(
    (seconds) => onstop(seconds),
    () => (madeUp ? Promise.resolve(madeUpRoom()) : microphone())
  );
  const shown = $derived(
    (watch.startedAt === null ? (watch.doubtful ?? last ?? 0) : watch.elapsed).toFixed(1)
  );
  const WAYS: Readonly<Record<WatchWay, string>> = {
    tap: 'A tap',
    beeps: 'Three beeps',
    sound: 'A clap or a word',
    silence: 'As long as it sounds'
  };
  const does = $derived.by(() => {
    if (watch.startedAt !== null) return 'Stop';
    if (!watch.waits) return watch.listens ? 'Listen' : 'Start';
    if (watch.waits.kind === 'beeps') return `In ${watch.waits.left}`;
    if (watch.waits.kind === 'room') return 'Quiet, please';
    return watch.way === 'silence' ? 'Play' : 'Clap or speak';
  });

  $effect(() => {
    if (stopped) watch.giveUp();
  });
</script>

<div class="flex flex-wrap items-center gap-x-5 gap-y-2">
  <button
    type="button"
    data-watch
    class:running={watch.startedAt !== null}
    class:waits={watch.waits !== null}
    onclick={() => watch.press()}
  >
    <span class="num time" aria-hidden="true">{shown}</span>
    <span class="what" aria-live="polite">{does} <span class="key">Space</span></span>
  </button>
  <p class="soft">
    {goal}
    {#if best !== null}Best <b class="num">{best.toFixed(1)} s</b>, last
      <b class="num">{last?.toFixed(1)} s</b>.{/if}
  </p>
  {#if watch.doubtful !== null}
    <div class="doubt" role="alert">
      <p>The clock ran {Math.round(watch.doubtful / 60)} minutes. Was it forgotten?</p>
      <button type="button" class="btn act" onclick={() => watch.answer(false)}>Yes, leave it out</button>
      <button type="button" class="btn act" onclick={() => watch.answer(true)}>No, record it</button>
    </div>
  {/if}
</div>
<div class="flex flex-wrap items-center gap-x-4 gap-y-2" data-watch-ways>
  <Toggles
    label="What starts and stops the clock"
    as="watch-way"
    look="framed"
    options={WATCH_WAYS.filter((way) => hasMicrophone() || way === 'tap' || way === 'beeps').map((value) => ({
      value,
      text: WAYS[value]
    }))}
    picked={[watch.way]}
    onpick={(way) => {
      watch.giveUp();
      watch.way = way;
    }}
  />
  {#if watch.listens}
    <Tick bind:checked={madeUp}>In a made-up room</Tick>
    <p class="soft">Nothing that is heard is kept. Whoever holds the child stops by a word.</p>
  {:else}
    <Tick bind:checked={watch.aloud}>Count aloud</Tick>
  {/if}
  {#if watch.refusal}<p class="doubt" role="alert">{watch.refusal}</p>{/if}
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
  .waits {
    border-style: dashed;
  }
  /* Read across the room while both hands are on the child. */
  .running .time {
    font-size: 7rem;
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
