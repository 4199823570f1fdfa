<script lang="ts">
  import { dimensionsOf } from '$lib/core/instruments';
  import {
    changesBetween,
    CHIN_REST_MOUNTS,
    highEndOf,
    NO_REST_ADJUSTMENTS,
    REST_SCHOOLS,
    TILT_RANGE_DEG,
    type RestAdjustments,
    type SettingId
  } from '$lib/core/setup';
  import { changeDraft, db, keepSetup, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';
  import BackFigure from '$lib/ui/figure/BackFigure.svelte';
  import GapFigure from '$lib/ui/figure/GapFigure.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import {
    changeSentences,
    HIGH_END_WORDS,
    MOUNT_WORDS,
    REST_SCHOOL_WORDS,
    restWarningSentence,
    SETTING_WORDS
  } from '$lib/words/setup';
  import type { Bench } from './bench.svelte';
  import RestSettingsTable from './RestSettingsTable.svelte';

  let {
    bench,
    player,
    isNext,
    ondone
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void } = $props();

  const unit = $derived(bench.settings.unit);
  const stack = $derived(bench.rest.stack);
  const rest = $derived(bench.rest.arrangement);
  const instrument = $derived(
    bench.decided ? dimensionsOf(player.family, bench.decided.size, bench.settings.dimensions) : null
  );
  const changes = $derived(
    rest && bench.rest.earlier ? changeSentences(changesBetween(bench.rest.earlier, rest), unit) : []
  );
  const highEnd = $derived(
    rest ? highEndOf(rest.settings.shoulderFoot.value, rest.settings.chestFoot.value) : 'even'
  );
  const keeping = new Action();

  /** Changes the adjustments as they are stored at that moment. */
  const change = (label: string, patch: (before: RestAdjustments) => Partial<RestAdjustments>) =>
    attempt(() =>
      changeDraft(db, player, label, ({ setup }) => {
        const before = setup?.kind === 'rest' ? setup : NO_REST_ADJUSTMENTS;
        return { setup: { ...before, ...patch(before) } };
      })
    );

  function adjust(id: SettingId<'rest'>, value: number | undefined) {
    void change(`Adjusted ${SETTING_WORDS[id].name.toLowerCase()}`, ({ values }) => {
      const { [id]: _old, ...others } = values;
      return { values: value === undefined ? others : { ...others, [id]: value } };
    });
  }

  async function mark(id: SettingId<'rest'>, text: string) {
    const written = await change(`Marked ${SETTING_WORDS[id].name.toLowerCase()}`, ({ marks }) => ({
      marks: { ...marks, [id]: text.trim() }
    }));
    if (written) bench.typed.entered(`mark.${id}`, text);
  }

  async function keep() {
    const { decided, setups } = bench;
    if (!decided || !rest) return;
    const kept = await keeping.run(() =>
      keepSetup(db, player, {
        fit: decided,
        arrangement: rest,
        ...bench.rest.basis,
        after: setups[0]?.id ?? null
      })
    );
    if (kept) ondone();
  }
</script>

{#if !bench.decided}
  <p class="soft">The set-up starts from the decided size.</p>
{:else if !stack || !rest || !instrument}
  <p class="soft">Measure the neck gap or the height, and a starting point appears here.</p>
{:else}
  <p class="keep">
    {#if bench.rest.kept && !bench.rest.changed}
      <b>Set-up {bench.rest.kept.version} is kept.</b> Change anything and keep it as a new version.
    {:else}
      <button
        type="button"
        class="btn {isNext ? 'act-next' : 'act'}"
        data-act="keep-setup"
        disabled={keeping.busy}
        onclick={keep}
      >
        Keep this set-up{bench.rest.kept ? ` as version ${bench.rest.kept.version + 1}` : ''}
        <span class="key">↵</span>
      </button>
      <span class="soft">A starting point from the tape. Look, change one thing, look again.</span>
    {/if}
  </p>
  <div class="setup">
    <div class="choices">
      <Choice
        label="What fills the gap"
        value={rest.choices.school}
        options={REST_SCHOOLS.map((value) => ({ value, text: REST_SCHOOL_WORDS[value].name }))}
        onpick={(school) =>
          change('Changed the set-up school', ({ choices }) => ({ choices: { ...choices, school } }))}
        stacked
      />
      <p class="text-sm soft">{REST_SCHOOL_WORDS[rest.choices.school].why}</p>
      <Choice
        label="Chin rest mounted"
        value={rest.choices.mount}
        options={CHIN_REST_MOUNTS.map((value) => ({ value, text: MOUNT_WORDS[value] }))}
        onpick={(mount) =>
          change('Moved the chin rest', ({ choices }) => ({ choices: { ...choices, mount } }))}
        stacked
      />
      <SteadySlider
        value={Math.round(bench.rest.adjustments.values.tilt ?? stack.tiltDeg)}
        min={TILT_RANGE_DEG[0]}
        max={TILT_RANGE_DEG[1]}
        label={(tiltDeg) => `Tilt of the strings: ${tiltDeg}°, ${HIGH_END_WORDS[highEnd]}`}
        onmove={(tilt) => change('Changed the tilt', ({ values }) => ({ values: { ...values, tilt } }))}
      />
    </div>

    <div class="numbers">
      <div class="figures">
        <figure>
          <GapFigure {stack} {rest} {unit} />
          <figcaption>From the side: what fills the gap</figcaption>
        </figure>
        <figure>
          <BackFigure family={player.family} {instrument} {rest} {unit} />
          <figcaption>
            From the back: the chin-rest side is on the right; {HIGH_END_WORDS[highEnd]} (filled)
          </figcaption>
        </figure>
      </div>
      {#each stack.warnings as warning (warning.code)}
        <p class="warning">{restWarningSentence(warning, unit)}</p>
      {/each}

      <RestSettingsTable {rest} {unit} typed={bench.typed} onadjust={adjust} onmark={mark} />

      {#if changes.length > 0 && bench.rest.earlier}
        <p class="text-sm soft">
          Since set-up {bench.rest.earlier.version} of {dayText(bench.rest.earlier.day)}:
          {changes.join('; ')}.
        </p>
      {/if}
    </div>
  </div>
{/if}

<style>
  .setup {
    display: grid;
    grid-template-columns: minmax(13rem, 16rem) minmax(0, 1fr);
    gap: 1rem 2.5rem;
    align-items: start;
    margin-top: 1rem;
  }
  .choices {
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
  }
  .figures {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem 2rem;
    justify-content: space-around;
  }
  figcaption {
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-align: center;
    max-width: 26rem;
    margin-inline: auto;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
    margin-block: 0.35rem;
  }
  .keep {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
  }
  @media (max-width: 900px) {
    .setup {
      grid-template-columns: 1fr;
    }
  }
</style>
