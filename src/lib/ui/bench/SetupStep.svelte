<script lang="ts">
  import {
    changesBetween,
    toNotch,
    withOwn,
    type Adjustments,
    type AdjustmentsOf,
    type Arrangement,
    type OwnOrigin,
    type SettingId,
    type SetupKind
  } from '$lib/core/setup';
  import { changeSetup, db, keepSetup, type Draft, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import { changeSentences } from '$lib/words/setup';
  import { warningSentences } from '$lib/words/setup-warnings';
  import { setupReviewSentence } from '$lib/words/setup-review';
  import AdjustLoop from './AdjustLoop.svelte';
  import type { Bench } from './bench.svelte';
  import KitPart from './KitPart.svelte';
  import ReadyPart from './ReadyPart.svelte';
  import RestSetup from './RestSetup.svelte';
  import SeatedSetup from './SeatedSetup.svelte';
  import SettingsTable from './SettingsTable.svelte';
  import TapesPart from './TapesPart.svelte';
  import StandingSetup from './StandingSetup.svelte';
  import VersionsPart from './VersionsPart.svelte';

  /** The set-up of any family: worked out, drawn, changed by hand or by looks, and kept as a version. */
  let {
    bench,
    player,
    isNext,
    ondone
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void } = $props();

  const unit = $derived(bench.settings.unit);
  const laid = $derived(bench.setup.laid);
  const instrument = $derived(bench.setup.instrument);
  const kept = $derived(bench.setup.kept);
  const earlier = $derived(bench.setup.earlier);
  const changes = $derived(
    laid && earlier ? changeSentences(changesBetween(earlier, laid.arrangement), unit) : []
  );
  const keeping = new Action();

  /** Changes the adjustments as they are stored at that moment. */
  const changeAs =
    <Kind extends SetupKind>(kind: Kind) =>
    (
      label: string,
      patch: (before: AdjustmentsOf<Kind>) => Partial<AdjustmentsOf<Kind>>,
      joins?: SettingId
    ): Promise<boolean> =>
      attempt(() =>
        changeSetup(
          db,
          player,
          label,
          (setup) => {
            const before =
              setup?.kind === kind ? (setup as AdjustmentsOf<Kind>) : bench.setup.adjustments(kind);
            return { ...before, ...patch(before) } as Draft['setup'];
          },
          new Date(),
          joins
        )
      );

  /** A pin with notches goes from one to the next; one that is typed, to the nearest. */
  const asItGoes = (id: SettingId, value: number | undefined, origin?: OwnOrigin) =>
    id === 'pin' && value !== undefined && laid?.kind === 'standing'
      ? toNotch(
          laid.arrangement.notchesMm ?? [],
          origin === 'typed' ? value : laid.arrangement.settings.pin.value,
          value
        )
      : value;

  const adjust = (id: SettingId, value: number | undefined, origin?: OwnOrigin): Promise<boolean> =>
    laid
      ? changeAs(laid.kind)(
          `Adjusted ${bench.setup.nameOf(id).toLowerCase()}`,
          (before) => withOwn(before, id, asItGoes(id, value, origin), bench.setup.values, origin),
          id
        )
      : Promise.resolve(false);

  const takeOver = (label: string, setup: Adjustments): Promise<boolean> =>
    attempt(() => changeSetup(db, player, label, () => setup as Draft['setup']));

  async function mark(id: SettingId, text: string) {
    if (!laid) return;
    const written = await changeAs(laid.kind)(
      `Marked ${bench.setup.nameOf(id).toLowerCase()}`,
      ({ marks }) => ({ marks: { ...marks, [id]: text.trim() } })
    );
    if (written) bench.typed.entered(`mark.${id}`, text);
  }

  /** A mark that is typed and not left yet is kept with the rest. */
  function withTypedMarks(arrangement: Arrangement): Arrangement {
    const settings = Object.fromEntries(
      Object.entries(arrangement.settings).map(([id, setting]) => [
        id,
        { ...setting, mark: bench.typed.of(`mark.${id}`)?.trim() ?? setting.mark }
      ])
    );
    return { ...arrangement, settings } as Arrangement;
  }

  async function keep() {
    const { fit } = bench.setup;
    if (!fit || !laid) return;
    const done = await keeping.run(() =>
      keepSetup(db, player, {
        fit,
        arrangement: withTypedMarks(laid.arrangement),
        ...bench.setup.basis,
        after: bench.setups[0]?.id ?? null
      })
    );
    if (done) ondone();
  }
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
  <p class="keep">
    {#if kept && !bench.setup.changed}
      <span><b>Set-up {kept.version} is kept.</b> Change anything and keep it as a new version.</span>
      <a class="show-large" href="/set-up/{player.id}">Show it large</a>
      {#if bench.setup.review}
        <span class="soft" data-review>{setupReviewSentence(bench.setup.review, unit, bench.today)}</span>
      {/if}
    {:else}
      <button
        type="button"
        class="btn {isNext ? 'act-next' : 'act'}"
        data-act="keep-setup"
        disabled={keeping.busy}
        onclick={keep}
      >
        Keep this set-up{kept ? ` as version ${kept.version + 1}` : ''}
        <span class="key">↵</span>
      </button>
      <span class="soft">A starting point from the tape. Look, change one thing, look again.</span>
    {/if}
  </p>
  <div class="setup">
    {#if laid.kind === 'rest'}
      <RestSetup
        {laid}
        {player}
        {instrument}
        {unit}
        readings={bench.setup.readings}
        rests={bench.settings.rests ?? []}
        onchange={changeAs('rest')}
        onadjust={adjust}
      />
    {:else if laid.kind === 'seated'}
      <SeatedSetup
        {laid}
        {instrument}
        {unit}
        readings={bench.setup.readings}
        own={bench.setup.adjustments('seated').values}
        onchange={changeAs('seated')}
        onadjust={adjust}
      />
    {:else}
      <StandingSetup
        {laid}
        {instrument}
        {unit}
        readings={bench.setup.readings}
        own={bench.setup.adjustments('standing').values}
        onchange={changeAs('standing')}
        onadjust={adjust}
      />
    {/if}
    <div class="numbers">
      {#each warningSentences(laid.plan.warnings, unit) as sentence (sentence)}
        <p class="warning">{sentence}</p>
      {/each}
      <SettingsTable
        arrangement={laid.arrangement}
        {unit}
        typed={bench.typed}
        onadjust={(id, value, origin) => void adjust(id, value, origin)}
        onmark={mark}
      />
      {#if changes.length > 0 && earlier}
        <p class="text-sm soft">
          Since set-up {earlier.version} of {dayText(earlier.day)}: {changes.join('; ')}.
        </p>
      {/if}
    </div>
    <div class="numbers">
      <AdjustLoop {bench} {player} kind={laid.kind} />
      <ReadyPart family={player.family} settings={bench.settings} />
      <KitPart {player} />
      <VersionsPart {bench} {laid} {instrument} ontake={takeOver} />
      <TapesPart {player} family={player.family} {instrument} {unit} />
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
  .numbers {
    grid-column: 2;
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
  .show-large {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
  @media (max-width: 900px) {
    .setup {
      grid-template-columns: minmax(0, 1fr);
    }
    .numbers {
      grid-column: 1;
    }
  }
</style>
