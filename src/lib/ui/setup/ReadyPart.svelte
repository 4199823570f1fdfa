<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { Family } from '$lib/core/instruments';
  import { A_RANGE_HZ, OPEN_STRINGS, pitchOf, USUAL_A_HZ } from '$lib/core/tones';
  import { Tone } from '$lib/ui/tone.svelte';
  import { READY_LOOKS } from '$lib/words/ready';
  import { changeSettings, db, type Settings } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import TunerPart from './TunerPart.svelte';

  /** Instrument and bow before anything is played: the looks in order, a tone for each open string, and a tuner. */
  let { family, settings }: { family: Family; settings: Settings } = $props();

  const tone = new Tone();
  let tuner = $state<TunerPart>();
  const aHz = $derived(settings.aHz ?? USUAL_A_HZ);
  const [lowest, highest] = A_RANGE_HZ;

  function tuneTo(text: string) {
    const hz = Number(text.replace(',', '.'));
    if (!(hz >= lowest && hz <= highest)) return;
    tone.stop();
    void attempt(() => changeSettings(db, `Tuned to an A of ${hz} Hz`, { aHz: hz }));
  }
  onDestroy(() => {
    tone.stop();
    tuner?.stop();
  });
</script>

<ol>
  {#each READY_LOOKS[family] as look (look)}<li>{look}</li>{/each}
</ol>
<div class="flex flex-wrap items-center gap-2 mt-3" role="group" aria-label="Tones of the open strings">
  {#each OPEN_STRINGS[family] as string (string.name)}
    {@const hz = pitchOf(string, aHz)}
    <button
      type="button"
      class="btn act"
      class:sounds={tone.sounding === hz}
      aria-pressed={tone.sounding === hz}
      onclick={() => {
        tuner?.stop();
        tone.toggle(hz);
      }}
    >
      {string.name.slice(0, 1)} <span class="soft num">{hz.toFixed(0)} Hz</span>
    </button>
  {/each}
  <label>
    A at
    <input
      class="field num"
      type="number"
      min={lowest}
      max={highest}
      step="1"
      value={aHz}
      onchange={(event) => {
        tuneTo(event.currentTarget.value);
        event.currentTarget.value = String(aHz);
      }}
    />
    Hz
  </label>
</div>
<TunerPart bind:this={tuner} {family} {aHz} onstart={() => tone.stop()} />

<style>
  ol {
    list-style: decimal;
    padding-left: 1.5rem;
    display: grid;
    gap: 0.25rem;
    max-width: 44rem;
  }
  .sounds {
    background: var(--ink);
    color: var(--ground);
  }
  .sounds .soft {
    color: inherit;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    margin-left: 1rem;
  }
  label input {
    width: 5.5rem;
  }
</style>
