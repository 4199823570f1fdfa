<script lang="ts">
  import { Slider } from '@skeletonlabs/skeleton-svelte';
  import { dimensionsOf } from '$lib/core/instruments';
  import { MM_PER_INCH, parseLength } from '$lib/core/length';
  import {
    changesBetween,
    CHIN_REST_MOUNTS,
    chinRestClass,
    REST_SCHOOLS,
    REST_SETTINGS,
    TILT_RANGE_DEG,
    type RestSettingId
  } from '$lib/core/setup';
  import { changeDraft, db, keepSetup, type Player } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import BackFigure from '$lib/ui/figure/BackFigure.svelte';
  import GapFigure from '$lib/ui/figure/GapFigure.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import {
    changeSentence,
    CHIN_CLASS_WORDS,
    HIGH_END_WORDS,
    MOUNT_WORDS,
    REST_SCHOOL_WORDS,
    restWarningSentence,
    SETTING_WORDS,
    settingText
  } from '$lib/words/setup';
  import type { Bench } from './bench.svelte';

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
  let problem = $state<{ id: RestSettingId; text: string } | null>(null);

  const stepMm = $derived(unit === 'cm' ? 1 : MM_PER_INCH / 16);
  const TILT_STEP = 1;

  function adjust(id: RestSettingId, mm: number | undefined) {
    const { [id]: _old, ...others } = bench.adjustments.values;
    const values = mm === undefined ? others : { ...others, [id]: mm };
    void attempt(() =>
      changeDraft(db, player, `Adjusted ${SETTING_WORDS[id].name.toLowerCase()}`, {
        adjustments: { ...bench.adjustments, values }
      })
    );
  }

  function typeValue(id: RestSettingId, text: string) {
    const alongEdge = id === 'restWidth' || id.endsWith('Along');
    const bare = /^[\d.,]+$/.test(text.trim()) && unit === 'cm' && !alongEdge ? `${text} mm` : text;
    const parsed = parseLength(bare.replace('−', '-'), unit);
    const zero = /^0+([.,]0+)? *(mm|cm|in)?$/.test(text.trim());
    if (zero || parsed.ok) {
      problem = null;
      adjust(id, parsed.ok ? parsed.mm : 0);
    } else {
      problem = {
        id,
        text: `${SETTING_WORDS[id].name}: type a length such as ${unit === 'cm' ? '12 mm' : '1/2 in'}.`
      };
    }
  }

  function mark(id: RestSettingId, text: string) {
    const marks = { ...bench.adjustments.marks, [id]: text.trim() };
    void attempt(() =>
      changeDraft(db, player, `Marked ${SETTING_WORDS[id].name.toLowerCase()}`, {
        adjustments: { ...bench.adjustments, marks }
      })
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
      <Slider
        value={[Math.round(bench.draft.tiltDeg ?? stack.tiltDeg)]}
        min={TILT_RANGE_DEG[0]}
        max={TILT_RANGE_DEG[1]}
        step={TILT_STEP}
        onValueChange={({ value: [tiltDeg] }) =>
          tiltDeg !== undefined &&
          tiltDeg !== bench.draft.tiltDeg &&
          attempt(() => changeDraft(db, player, 'Changed the tilt', { tiltDeg }))}
      >
        <Slider.Label class="text-sm"
          >Tilt of the strings: {Math.round(stack.tiltDeg)}°, {HIGH_END_WORDS[rest.highEnd]}</Slider.Label
        >
        <Slider.Control class="py-3">
          <Slider.Track><Slider.Range /></Slider.Track>
          <Slider.Thumb index={0}><Slider.HiddenInput /></Slider.Thumb>
        </Slider.Control>
      </Slider>
    </div>

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

  <table>
    <caption class="sr-only">Settings and their marks</caption>
    <thead>
      <tr>
        <th scope="col">Setting</th>
        <th scope="col">Value</th>
        <th scope="col">Mark, to find it again</th>
      </tr>
    </thead>
    <tbody>
      {#each REST_SETTINGS as id (id)}
        {@const setting = rest.settings[id]}
        {@const name = SETTING_WORDS[id].name}
        <tr>
          <th scope="row">
            {name}
            <span class="soft">
              {#if id === 'chinRest'}{CHIN_CLASS_WORDS[chinRestClass(setting.mm)]}, {MOUNT_WORDS[
                  rest.mount
                ]}{:else}{SETTING_WORDS[id].hint}{/if}
            </span>
          </th>
          <td>
            <span class="value">
              <button
                type="button"
                class="btn act"
                aria-label="{name} lower"
                onclick={() => adjust(id, Math.max(0, setting.mm - stepMm))}>−</button
              >
              <input
                class="num"
                aria-label={name}
                value={settingText(id, setting.mm, unit)}
                inputmode={unit === 'cm' ? 'decimal' : 'text'}
                onchange={(event) => {
                  typeValue(id, event.currentTarget.value);
                  event.currentTarget.value = settingText(id, rest.settings[id].mm, unit);
                }}
              />
              <button
                type="button"
                class="btn act"
                aria-label="{name} higher"
                onclick={() => adjust(id, setting.mm + stepMm)}>+</button
              >
              {#if setting.origin === 'adjusted'}
                <button type="button" class="act-quiet" onclick={() => adjust(id, undefined)}
                  >as computed</button
                >
              {/if}
            </span>
          </td>
          <td>
            <input
              class="field"
              aria-label="Mark for {name}"
              maxlength="60"
              placeholder={id.endsWith('Along') ? 'such as: sticker at the foot' : ''}
              value={setting.mark}
              onchange={(event) => mark(id, event.currentTarget.value)}
            />
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  {#if problem}<p class="warning" role="alert">{problem.text}</p>{/if}

  {#if changes.length > 0 && bench.earlierSetup}
    <p class="text-sm soft">
      Since set-up {bench.earlierSetup.version} of {dayText(bench.earlierSetup.day)}:
      {changes.map((change) => changeSentence(change, unit)).join('; ')}.
    </p>
  {/if}

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
{/if}

<style>
  .setup {
    display: grid;
    grid-template-columns: minmax(13rem, 16rem) auto auto;
    gap: 1rem 2rem;
    align-items: start;
    justify-content: space-between;
  }
  .choices {
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
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
  table {
    width: 100%;
    margin-block: 0.75rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.2rem 0.5rem 0.2rem 0;
    border-bottom: 1px solid var(--line);
    vertical-align: middle;
  }
  tbody th {
    font-weight: 600;
  }
  tbody th span {
    display: block;
    font-weight: 400;
    font-size: 0.85rem;
  }
  thead th {
    font-size: 0.85rem;
    font-weight: 400;
    color: var(--ink-soft);
  }
  .value {
    display: inline-flex;
    align-items: center;
    gap: 0.35rem;
  }
  .value .btn {
    min-width: 2.75rem;
    padding: 0;
  }
  .value input {
    width: 6rem;
    min-height: 2.75rem;
    text-align: center;
    font-weight: 650;
    background: transparent;
    border: 0;
    border-bottom: 1px solid var(--line-strong);
    color: var(--ink);
  }
  .keep {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
  }
  @media (max-width: 1180px) {
    .setup {
      grid-template-columns: 1fr 1fr;
    }
    .choices {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 700px) {
    .setup {
      grid-template-columns: 1fr;
    }
  }
</style>
