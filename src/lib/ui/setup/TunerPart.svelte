<script lang="ts">
  import type { Family } from '$lib/core/instruments';
  import { OPEN_STRINGS } from '$lib/core/tones';
  import { IN_TUNE_CENTS } from '$lib/core/tuner';
  import { hasMicrophone } from '$lib/ui/sound-source';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { Tuner } from '$lib/ui/tuner.svelte';
  import { stringLetter, tuningSentence, tuningState } from '$lib/words/tuner';

  /** Tells of each open string how far it is from its pitch. The microphone is open only while it runs. */
  let { family, aHz, onstart }: { family: Family; aHz: number; onstart: () => void } = $props();

  const tuner = new Tuner(
    () => family,
    () => aHz
  );
  export const stop = () => tuner.stop();

  const WIDEST_CENTS = 50;
  const heard = $derived(tuner.heard);
  const how = $derived(tuningState(heard));
  const needle = $derived(
    heard.kind === 'tone' ? Math.max(-WIDEST_CENTS, Math.min(WIDEST_CENTS, heard.cents)) : null
  );
  const strings = $derived(OPEN_STRINGS[family]);
  const shown = $derived(tuner.string || (strings[0]?.name ?? ''));

  function start(kind: 'microphone' | 'made-up') {
    onstart();
    void tuner.start(kind);
  }
</script>

<div class="mt-3 max-w-[44rem]" data-tuner={tuner.source ?? 'off'}>
  {#if tuner.source === null}
    <p class="row">
      <button
        type="button"
        class="btn act"
        disabled={tuner.starting || !hasMicrophone()}
        onclick={() => start('microphone')}
      >
        {tuner.starting ? 'Asking for the microphone…' : 'Tune by the microphone'}
      </button>
      <button type="button" class="btn act" onclick={() => start('made-up')}>
        Practise with a made-up string
      </button>
    </p>
    {#if tuner.refusal}<p class="warning" role="alert">{tuner.refusal}</p>{/if}
    {#if !hasMicrophone()}
      <p class="soft text-sm">
        Browsers give the microphone only to pages that come over https or from this computer itself.
      </p>
    {/if}
  {:else}
    <div class="heard {how}">
      <span class="string" aria-hidden="true">
        {heard.kind === 'tone' ? stringLetter(heard.string) : '·'}
      </span>
      <svg viewBox="-60 0 120 24" role="img" aria-label="How far the string is from its pitch, in cents">
        <rect class="good" x={-IN_TUNE_CENTS} width={2 * IN_TUNE_CENTS} y="2" height="11" />
        <path class="scale" d="M-50 13H50" />
        {#each [-50, -40, -30, -20, -10, 0, 10, 20, 30, 40, 50] as cents (cents)}
          <path class="scale" d="M{cents} 13v{cents % 50 === 0 ? -6 : -3}" />
        {/each}
        <text x="-50" y="20">50 low</text>
        <text x="0" y="20">in tune</text>
        <text x="50" y="20">50 high</text>
        {#if needle !== null}<path class="needle" d="M{needle} 13l-2.2 -11h4.4z" />{/if}
      </svg>
      <span class="cents num" data-cents={heard.kind === 'tone' ? heard.cents.toFixed(1) : ''}>
        {#if heard.kind === 'tone'}{heard.cents > 0 ? '+' : heard.cents < 0 ? '−' : ''}{Math.abs(
            heard.cents
          ).toFixed(0)} cents{/if}
      </span>
    </div>
    <p class="sentence" role="status">{tuningSentence(heard, family)}</p>
    {#if tuner.source === 'made-up'}
      <div class="row">
        <Toggles
          label="The made-up string"
          as="string"
          look="framed"
          options={strings.map(({ name }) => ({ value: name, text: stringLetter(name) }))}
          picked={[shown]}
          onpick={(name) => (tuner.string = name)}
        />
        <label>
          Its fine tuner
          <input type="range" min="-60" max="60" step="1" bind:value={tuner.offCents} />
        </label>
      </div>
    {/if}
    <p class="row">
      <button type="button" class="btn act" onclick={() => tuner.stop()}>Stop the tuner</button>
      {#if tuner.source === 'microphone'}
        <span class="soft text-sm">The sound stays on this machine and is not kept.</span>
      {/if}
    </p>
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
    margin-block: 0.5rem;
  }
  .heard {
    display: grid;
    grid-template-columns: 3.5rem minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.75rem;
  }
  .string {
    font-size: 3rem;
    font-weight: 750;
    text-align: center;
    line-height: 1;
  }
  .cents {
    font-size: 1.25rem;
    min-width: 8.5rem;
    white-space: nowrap;
  }
  .row .btn {
    min-width: 2.75rem;
  }
  .in-tune .string,
  .in-tune .cents {
    color: var(--fits);
  }
  .low .string,
  .low .cents {
    color: var(--small);
  }
  .high .string,
  .high .cents {
    color: var(--large);
  }
  .scale {
    fill: none;
    stroke: var(--line-strong);
    stroke-width: 0.6;
  }
  .good {
    fill: var(--fits);
    opacity: 0.3;
  }
  .needle {
    fill: currentColor;
  }
  text {
    font-size: 4px;
    text-anchor: middle;
    fill: var(--ink-soft);
  }
  .sentence {
    font-weight: 650;
    font-size: 1.1rem;
    min-height: 1.75rem;
  }
  .sounds {
    background: var(--ink);
    color: var(--ground);
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  input[type='range'] {
    width: 14rem;
    min-height: 2.75rem;
    accent-color: var(--next);
  }
  @media (max-width: 600px) {
    .heard {
      grid-template-columns: 3.5rem minmax(0, 1fr);
    }
    .heard svg {
      grid-area: 2 / 1 / auto / -1;
    }
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
