<script lang="ts">
  import { dimensionsOf } from '$lib/core/instruments';
  import {
    changesBetween,
    CHIN_REST_MOUNTS,
    REST_SCHOOLS,
    TILT_RANGE_DEG,
    type RestSettingId
  } from '$lib/core/setup';
  import { changeDraft, db, keepSetup, type Player } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';
  import BackFigure from '$lib/ui/figure/BackFigure.svelte';
  import GapFigure from '$lib/ui/figure/GapFigure.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import {
    changeSentence,
    HIGH_END_WORDS,
    MOUNT_WORDS,
    REST_SCHOOL_WORDS,
    restWarningSentence,
    SETTING_WORDS
  } from '$lib/words/setup';
  import type { Bench } from './bench.svelte';
  import RestSettingsTable from './RestSettingsTable.svelte';

  let { bench, player, ondone }: { bench: Bench; player: Player; ondone: () => void } = $props();

  const unit = $derived(bench.settings.unit);
  const stack = $derived(bench.stack);
  const rest = $derived(bench.rest);
  const instrument = $derived(
    bench.family && bench.decided
      ? dimensionsOf(bench.family, bench.decided.size, bench.settings.dimensions)
      : null
  );
  const changes = $derived(rest && bench.earlierSetup ? changesBetween(bench.earlierSetup.rest, rest) : []);

  function adjust(id: RestSettingId, mm: number | undefined) {
    void attempt(() =>
      changeDraft(db, player, `Adjusted ${SETTING_WORDS[id].name.toLowerCase()}`, ({ adjustments }) => {
        const { [id]: _old, ...others } = adjustments.values;
        return {
          adjustments: { ...adjustments, values: mm === undefined ? others : { ...others, [id]: mm } }
        };
      })
    );
  }

  function mark(id: RestSettingId, text: string) {
    void attempt(() =>
      changeDraft(db, player, `Marked ${SETTING_WORDS[id].name.toLowerCase()}`, ({ adjustments }) => ({
        adjustments: { ...adjustments, marks: { ...adjustments.marks, [id]: text.trim() } }
      }))
    );
  }

  async function keep() {
    const { decided } = bench;
    if (!decided || !stack || !rest) return;
    if (await attempt(() => keepSetup(db, player, decided, stack, rest))) ondone();
  }
</script>

{#if !bench.decided}
  <p class="soft">The set-up starts from the decided size.</p>
{:else if !stack || !rest || !instrument}
  <p class="soft">Measure the neck gap or the height, and a starting point appears here.</p>
{:else}
  <p class="keep">
    {#if bench.kept && !bench.setupChanged}
      <b>Set-up {bench.kept.version} is kept.</b> Change anything and keep it as a new version.
    {:else}
      <button id="keep-setup" type="button" class="btn act-next" onclick={keep}>
        Keep this set-up{bench.kept ? ` as version ${bench.kept.version + 1}` : ''} <span class="key">↵</span>
      </button>
      <span class="soft">A starting point from the tape. Look, change one thing, look again.</span>
    {/if}
  </p>
  <div class="setup">
    <div class="choices">
      <Choice
        label="What fills the gap"
        value={rest.school}
        options={REST_SCHOOLS.map((value) => ({ value, text: REST_SCHOOL_WORDS[value].name }))}
        onpick={(restSchool) =>
          attempt(() => changeDraft(db, player, 'Changed the set-up school', { restSchool }))}
        stacked
      />
      <p class="text-sm soft">{REST_SCHOOL_WORDS[rest.school].why}</p>
      <Choice
        label="Chin rest mounted"
        value={rest.mount}
        options={CHIN_REST_MOUNTS.map((value) => ({ value, text: MOUNT_WORDS[value] }))}
        onpick={(mount) => attempt(() => changeDraft(db, player, 'Moved the chin rest', { mount }))}
        stacked
      />
      <SteadySlider
        value={Math.round(bench.draft.tiltDeg ?? stack.tiltDeg)}
        min={TILT_RANGE_DEG[0]}
        max={TILT_RANGE_DEG[1]}
        label={(tiltDeg) => `Tilt of the strings: ${tiltDeg}°, ${HIGH_END_WORDS[rest.highEnd]}`}
        onmove={(tiltDeg) => attempt(() => changeDraft(db, player, 'Changed the tilt', { tiltDeg }))}
      />
    </div>

    <div class="numbers">
      <div class="figures">
        <figure>
          <GapFigure {stack} {rest} {unit} />
          <figcaption>From the side: what fills the gap</figcaption>
        </figure>
        <figure>
          <BackFigure {instrument} {rest} {unit} />
          <figcaption>
            From the back: the chin-rest side is on the right; {HIGH_END_WORDS[rest.highEnd]} (filled)
          </figcaption>
        </figure>
      </div>
      {#each stack.warnings as warning (warning.code)}
        <p class="warning">{restWarningSentence(warning, unit)}</p>
      {/each}

      <RestSettingsTable {rest} {unit} onadjust={adjust} onmark={mark} />

      {#if changes.length > 0 && bench.earlierSetup}
        <p class="text-sm soft">
          Since set-up {bench.earlierSetup.version} of {dayText(bench.earlierSetup.day)}:
          {changes.map((change) => changeSentence(change, unit)).join('; ')}.
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
