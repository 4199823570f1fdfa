<script lang="ts">
  import { combineReadings, FIT_ORDER, type MeasurementId, MEASUREMENTS } from '$lib/core/body';
  import { dimensionTable } from '$lib/core/instruments';
  import { sizeLadder } from '$lib/core/outlook';
  import { newestFirst, newestFitOf, outlookFor, sizesInUse, type PlayerCase } from '$lib/data';
  import { heightsOf, sexOf } from '$lib/data/questions/lengths';
  import Choice from '$lib/ui/Choice.svelte';
  import { dayText } from '$lib/words/dates';
  import { NEXT_MEASURE_WORDS, NO_FORECAST_WORDS, outlookSentences } from '$lib/words/growth';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import SizeLadder from './SizeLadder.svelte';

  /** How a player grows: lengths over time, when the size is outgrown, when to measure next, the size ladder. */
  let { of }: { of: PlayerCase } = $props();

  const player = $derived(of.player);
  const measurements = $derived(of.measurements);
  const settings = $derived(of.settings);
  const today = $derived(of.today);
  const fits = $derived(newestFirst(of.fits));
  const current = $derived(newestFitOf(player, of.fits));
  const heights = $derived(heightsOf(measurements));
  const ahead = $derived(current && heights.length > 0 ? outlookFor(of, current.size) : null);

  /** Kinds that were read at least once, as choices of what to draw. */
  const kinds = $derived(
    FIT_ORDER[player.family].filter((kind) =>
      measurements.some((one) => one.kind === kind && one.readings.length > 0)
    )
  );
  let picked = $state<MeasurementId>('height');
  const kind = $derived(kinds.includes(picked) ? picked : (kinds[0] ?? 'height'));
  const readings = $derived(
    measurements
      .filter((one) => one.kind === kind && one.readings.length > 0)
      .map((one) => ({
        date: one.day,
        mm: combineReadings(
          kind,
          one.readings.map(({ mm }) => mm)
        ).mm
      }))
      .sort((a, b) => a.date.localeCompare(b.date))
  );
  const isHeight = $derived(kind === 'height');

  const rungs = $derived(
    sizeLadder(
      sizesInUse(settings, player.family).toReversed(),
      fits.filter(({ family }) => family === player.family).toReversed(),
      (size) => (ahead ? (outlookFor(of, size).outgrown?.middle ?? null) : null)
    )
  );

  const sentences = $derived(current && ahead ? outlookSentences(current.size, ahead, today) : []);
</script>

<section class="growth" aria-labelledby="growth">
  <h2 id="growth">Growth</h2>
  {#if kinds.length === 0}
    <p class="soft">Nothing measured yet. Two heights some months apart show how this player grows.</p>
  {:else}
    {#if current && ahead}
      <div class="ahead">
        {#each sentences as sentence (sentence)}<p>{sentence}</p>{/each}
        <p>
          <b
            >{ahead.nextMeasure.date <= today
              ? 'Measure now'
              : `Measure next by ${dayText(ahead.nextMeasure.date)}`}</b
          >: {NEXT_MEASURE_WORDS[ahead.nextMeasure.reason]}.
        </p>
      </div>
    {:else if player.birthMonth === null}
      <p class="soft">{NO_FORECAST_WORDS['no-age']}</p>
    {:else if !current}
      <p class="soft">When a size is decided, its forecast stands here.</p>
    {/if}
    {#if kinds.length > 1}
      <Choice
        label="Length"
        hideLabel
        value={kind}
        options={kinds.map((value) => ({ value, text: MEASUREMENT_WORDS[value].name }))}
        onpick={(value) => (picked = value)}
      />
    {/if}
    {#await import('./GrowthChart.svelte')}
      <p class="soft chart-place">Drawing…</p>
    {:then { default: GrowthChart }}
      <GrowthChart
        name={MEASUREMENT_WORDS[MEASUREMENTS[kind].id].name}
        {readings}
        unit={settings.unit}
        {today}
        reference={isHeight && player.birthMonth !== null && ahead?.why !== 'grown'
          ? { sex: sexOf(player), birthMonth: player.birthMonth }
          : null}
        followed={isHeight && ahead?.why !== 'grown' ? (ahead?.followed ?? null) : null}
        outgrownAtMm={isHeight ? (ahead?.outgrownAtMm ?? null) : null}
        size={current?.size ?? null}
      />
    {/await}
    {#if rungs.length > 0}
      <h3>Sizes, past and coming</h3>
      <SizeLadder
        {rungs}
        instruments={dimensionTable(player.family, settings.dimensions)}
        unit={settings.unit}
        {today}
      />
    {/if}
  {/if}
</section>

<style>
  .growth {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.75rem;
  }
  h3 {
    font-weight: 650;
  }
  .chart-place {
    height: 320px;
  }
</style>
