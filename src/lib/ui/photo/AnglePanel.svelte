<script lang="ts">
  import { needsLevel, viewFor } from '$lib/core/photo';
  import { VIEWS } from '$lib/core/figure/views';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import type { MeasuredAngle } from '$lib/data';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { angleName, angleText, bandText, errorText, HEIGHT_WORDS, VERDICT_WORDS } from '$lib/words/photo';
  import KeepPicture from './KeepPicture.svelte';
  import type { Measuring } from './measuring.svelte';

  /** What is measured on a still, from where it is taken, what was read, and how sure that is. */
  let {
    measuring,
    who,
    still,
    playerId,
    checkId,
    onkeep
  }: {
    measuring: Measuring;
    who: DrawnAs;
    still: ImageBitmap;
    playerId: string;
    checkId: string;
    onkeep: (measured: MeasuredAngle) => Promise<boolean>;
  } = $props();

  let kept = $state('');
  const { angle, kind, result } = $derived(measuring);
  const rounded = (value: number) => Math.round(value * 10) / 10;
  const said = $derived(
    result
      ? `${angleName(result.angle)}: ${angleText(result.angle, result.deg)} ${errorText(result.errorDeg)}`
      : ''
  );
  async function keep() {
    if (!result || kept === said) return;
    const { angle, deg, errorDeg } = result;
    const now = said;
    if (await onkeep({ angle, deg: rounded(deg), errorDeg: rounded(errorDeg) })) kept = now;
  }
</script>

<section class="measure" aria-label="Measure an angle" data-angle={angle}>
  {#if angle && kind}
    <div class="said">
      <div class="stand">
        <SeenPicture {...who} pose="playing" view={VIEWS[viewFor(angle, who.family)]} changes={[]} />
      </div>
      <div>
        {#if result}
          <p class="read" role="status">{said}</p>
          <p>
            {#if result.band && result.verdict}
              <b>{VERDICT_WORDS[result.verdict]}</b> ({bandText(result.band)} is right).
              {#if result.verdict === 'open' && !measuring.square}
                Taken from {HEIGHT_WORDS[kind.height]} and square to it, it can be told more nearly.
              {/if}
            {:else}
              Nothing is set up that it could be held against.
            {/if}
          </p>
          <button
            type="button"
            class="btn act-next"
            data-act="keep-angle"
            disabled={kept === said}
            onclick={keep}>{kept === said ? '✓ Kept with the look' : 'Keep with the look'}</button
          >
          <KeepPicture {measuring} {still} {playerId} {checkId} />
        {:else}
          <p class="read">
            Tap {measuring.names[measuring.next]}
            <span class="soft of">{measuring.next + 1} of {measuring.names.length}</span>
          </p>
          <p class="soft">The camera stands as in the picture, {HEIGHT_WORDS[kind.height]}.</p>
        {/if}
      </div>
    </div>
  {:else}
    <p class="soft">This picture is too small for an angle to be told from it.</p>
  {/if}
  <div class="row">
    <label>
      Angle
      <select
        class="field"
        data-part="angle"
        value={angle}
        onchange={({ currentTarget: { selectedIndex } }) => {
          const picked = measuring.offered[selectedIndex];
          if (picked) measuring.choose(picked);
        }}
      >
        {#each measuring.offered as id (id)}<option value={id}>{angleName(id)}</option>{/each}
      </select>
    </label>
    {#if angle && needsLevel(angle)}
      <button
        type="button"
        class="btn act"
        data-act="level-line"
        aria-pressed={measuring.levels}
        onclick={() => measuring.toggleLevel()}>{measuring.levels ? '✓ ' : ''}Level line</button
      >
    {/if}
    <button
      type="button"
      class="btn act"
      data-act="square"
      aria-pressed={measuring.square}
      onclick={() => (measuring.square = !measuring.square)}
      >{measuring.square ? '✓ ' : ''}Camera at its height, square to it</button
    >
    <label>
      Away, m
      <input
        type="number"
        class="field num"
        min="0.3"
        max="6"
        step="0.1"
        value={measuring.distanceMm / 1000}
        oninput={({ currentTarget: { valueAsNumber: metres } }) => {
          if (metres >= 0.3 && metres <= 6) measuring.distanceMm = 1000 * metres;
        }}
      />
    </label>
  </div>
</section>

<style>
  .measure {
    display: grid;
    gap: 0.6rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
  }
  label {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
  }
  input {
    width: 5rem;
  }
  .said {
    display: flex;
    gap: 1rem;
    align-items: start;
  }
  .stand {
    width: 7rem;
    flex: none;
  }
  .of {
    font-size: 1rem;
    font-weight: 400;
  }
  .read {
    font-size: 1.35rem;
    font-weight: 650;
  }
</style>
