<script lang="ts">
  import { changesBetween } from '$lib/core/setup';
  import { kitGaps, type Player } from '$lib/data';
  import type { Bench } from '$lib/ui/bench/bench.svelte';
  import { dayText } from '$lib/words/dates';
  import { changeSentences } from '$lib/words/setup';
  import { setupReviewSentence } from '$lib/words/setup-review';
  import { warningSentences } from '$lib/words/setup-warnings';
  import AdjustLoop from './AdjustLoop.svelte';
  import KitPart from './KitPart.svelte';
  import ReadyPart from './ReadyPart.svelte';
  import RestDrawing from './RestDrawing.svelte';
  import RestWays from './RestWays.svelte';
  import SeatedDrawing from './SeatedDrawing.svelte';
  import SeatedWays from './SeatedWays.svelte';
  import SettingsTable from './SettingsTable.svelte';
  import { SetupHand } from './setup-hand';
  import TabParts from '$lib/ui/TabParts.svelte';
  import StandingDrawing from './StandingDrawing.svelte';
  import StandingWays from './StandingWays.svelte';
  import TapesPart from './TapesPart.svelte';
  import VersionsPart from './VersionsPart.svelte';

  /** The set-up of any family: drawn at one side, and beside it what is seen and set, or what else belongs to it. */
  let { bench, player }: { bench: Bench; player: Player } = $props();

  const unit = $derived(bench.settings.unit);
  const laid = $derived(bench.setup.laid);
  const instrument = $derived(bench.setup.instrument);
  const kept = $derived(bench.setup.kept);
  const earlier = $derived(bench.setup.earlier);
  const changes = $derived(
    laid && earlier ? changeSentences(changesBetween(earlier, laid.arrangement), unit) : []
  );
  // svelte-ignore state_referenced_locally
  const hand = new SetupHand(bench, () => player);

  const gaps = $derived(kitGaps(player).length);
  let part = $state<PartId>('look');
  type PartId = (typeof PARTS)[number][0];
  const PARTS = $derived([
    ['look', 'Look and set'],
    ['ways', 'Ways'],
    ['tune', 'Tune'],
    ['kit', gaps === 0 ? 'Kit' : `Kit: ${gaps} not there`],
    ['tapes', 'Tapes'],
    ['versions', kept ? `Versions: ${kept.version}` : 'Versions']
  ] as const);
</script>

{#if !bench.setup.fit}
  <p class="soft">The set-up starts from the decided size.</p>
{:else if !laid || !instrument}
  <p class="soft">
    {bench.setup.kind === 'rest'
      ? 'Measure the neck gap or the height, and a starting point appears here.'
      : 'Measure the height, and a starting point appears here.'}
  </p>
{:else}
  {@const given = { instrument, unit, readings: bench.setup.readings }}
  <div class="setup">
    <div class="drawn">
      {#if laid.kind === 'rest'}
        <RestDrawing onadjust={hand.adjust} {...given} {laid} family={player.family} />
      {:else if laid.kind === 'seated'}
        <SeatedDrawing
          onadjust={hand.adjust}
          {...given}
          {laid}
          own={bench.setup.adjustments('seated').values}
        />
      {:else}
        <StandingDrawing
          onadjust={hand.adjust}
          {...given}
          {laid}
          own={bench.setup.adjustments('standing').values}
        />
      {/if}
      {#if kept && !bench.setup.changed}
        <p class="text-sm soft" data-review>
          {bench.setup.review ? setupReviewSentence(bench.setup.review, unit, bench.today) : ''}
          <a class="underline no-print" href="/set-up/{player.id}">Show it large</a>
        </p>
      {/if}
    </div>
    <div class="beside">
      <TabParts label="Beside the drawing" parts={PARTS} at={part} onpick={(value) => (part = value)}>
        {#snippet children(value)}
          {#if value === 'look'}
            <AdjustLoop {bench} {player} kind={laid.kind} />
            {#each warningSentences(laid.plan.warnings, unit) as sentence (sentence)}
              <p class="warning">{sentence}</p>
            {/each}
            <SettingsTable
              arrangement={laid.arrangement}
              {unit}
              typed={bench.typed}
              onadjust={(id, value, origin) => void hand.adjust(id, value, origin)}
              onmark={hand.mark}
            />
          {:else if value === 'ways'}
            {#if laid.kind === 'rest'}
              <RestWays
                {...given}
                {laid}
                rests={bench.settings.rests ?? []}
                onchange={hand.changeAs('rest')}
              />
            {:else if laid.kind === 'seated'}
              <SeatedWays {...given} {laid} onchange={hand.changeAs('seated')} />
            {:else}
              <StandingWays {...given} {laid} onchange={hand.changeAs('standing')} />
            {/if}
          {:else if value === 'tune'}
            <ReadyPart family={player.family} settings={bench.settings} />
          {:else if value === 'kit'}
            <KitPart {player} />
          {:else if value === 'tapes'}
            <TapesPart {player} family={player.family} {instrument} {unit} />
          {:else}
            {#if changes.length > 0 && earlier}
              <p class="text-sm soft">
                Since set-up {earlier.version} of {dayText(earlier.day)}: {changes.join('; ')}.
              </p>
            {/if}
            <VersionsPart {bench} {laid} {instrument} ontake={hand.takeOver} />
          {/if}
        {/snippet}
      </TabParts>
    </div>
  </div>
{/if}

<style>
  .setup {
    display: grid;
    grid-template-columns: minmax(16rem, 5fr) minmax(0, 7fr);
    gap: 0.5rem 1.75rem;
    align-items: start;
  }
  .drawn {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
    margin-block: 0.35rem;
  }
  @media (max-width: 1200px) {
    .setup {
      grid-template-columns: minmax(14rem, 4fr) minmax(0, 8fr);
      column-gap: 1rem;
    }
  }
  @media (max-width: 700px) {
    .setup {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
