<script lang="ts">
  import {
    CHIN_REST_MOUNTS,
    highEndOf,
    REST_SCHOOLS,
    SCROLL_SCHOOLS,
    SETTING_IDS,
    supportOf,
    TILT_RANGE_DEG,
    withOwn,
    type OwnRest,
    type RestAdjustments,
    type SettingId
  } from '$lib/core/setup';
  import type { Readings } from '$lib/core/body';
  import type { NominalInstrument } from '$lib/core/instruments';
  import type { Player } from '$lib/data';
  import type { LengthUnit } from '$lib/core/length';
  import Choice from '$lib/ui/Choice.svelte';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';
  import BackFigure from '$lib/ui/figure/BackFigure.svelte';
  import GapFigure from '$lib/ui/figure/GapFigure.svelte';
  import RestViews from '$lib/ui/figure/RestViews.svelte';
  import { HIGH_END_WORDS, MOUNT_WORDS, REST_SCHOOL_WORDS, SCROLL_WORDS } from '$lib/words/setup';
  import { Dragging } from './dragging.svelte';
  import OwnRests from './OwnRests.svelte';
  import type { Laid } from './setup.svelte';

  /** What fills the gap between collarbone and jaw: the ways to fill it, and the two drawings. */
  let {
    laid,
    player,
    instrument,
    unit,
    readings,
    rests,
    onchange,
    onadjust
  }: {
    laid: Extract<Laid, { kind: 'rest' }>;
    player: Player;
    instrument: NominalInstrument;
    unit: LengthUnit;
    readings: Readings;
    /** What the teacher has to choose from. */
    rests: readonly OwnRest[];
    onchange: (
      label: string,
      patch: (before: RestAdjustments) => Partial<RestAdjustments>,
      joins?: SettingId
    ) => Promise<boolean>;
    onadjust: (id: SettingId, value: number | undefined) => Promise<boolean>;
  } = $props();

  const dragging = new Dragging((id, value) => onadjust(id, value));
  const rest = $derived.by(() => {
    const { arrangement } = laid;
    const dragged = dragging.current;
    const id = dragged && SETTING_IDS.rest.find((one) => one === dragged.id);
    if (!id) return arrangement;
    const moved = { ...arrangement.settings[id], value: dragged.value };
    return { ...arrangement, settings: { ...arrangement.settings, [id]: moved } };
  });
  const ends = $derived(
    HIGH_END_WORDS[highEndOf(rest.settings.shoulderFoot.value, rest.settings.chestFoot.value)]
  );
  const hasFeet = $derived(supportOf(rest) === 'shoulder-rest');
</script>

<div class="flex flex-col gap-3">
  <Choice
    label="What fills the gap"
    value={rest.choices.school}
    options={REST_SCHOOLS.map((value) => ({ value, text: REST_SCHOOL_WORDS[value].name }))}
    onpick={(school) =>
      onchange('Changed the set-up school', ({ choices }) => ({ choices: { ...choices, school } }))}
    stacked
  />
  <p class="text-sm soft">{REST_SCHOOL_WORDS[rest.choices.school].why}</p>
  {#if supportOf(rest) === 'sponge'}
    <p class="text-sm">The band lies close to the wood: no loop that a hand or a neck could catch in.</p>
  {/if}
  <Choice
    label="Chin rest mounted"
    value={rest.choices.mount}
    options={CHIN_REST_MOUNTS.map((value) => ({ value, text: MOUNT_WORDS[value] }))}
    onpick={(mount) => onchange('Moved the chin rest', ({ choices }) => ({ choices: { ...choices, mount } }))}
    stacked
  />
  <Choice
    label="Seen from above"
    value={rest.choices.scroll}
    options={SCROLL_SCHOOLS.map((value) => ({ value, text: SCROLL_WORDS[value] }))}
    onpick={(scroll) => onchange('Turned the scroll', ({ choices }) => ({ choices: { ...choices, scroll } }))}
    stacked
  />
  <SteadySlider
    value={Math.round(rest.settings.tilt.value)}
    min={TILT_RANGE_DEG[0]}
    max={TILT_RANGE_DEG[1]}
    label={(tiltDeg) => `Tilt of the strings: ${tiltDeg}°${hasFeet ? `, ${ends}` : ''}`}
    onmove={(tilt) => onchange('Changed the tilt', (before) => withOwn(before, 'tilt', tilt, {}), 'tilt')}
  />
  <OwnRests {rest} {rests} {unit} {onchange} />
</div>
<div class="figures">
  <figure>
    <GapFigure stack={laid.plan} {rest} {unit} onmove={dragging.move} />
    <figcaption>From the side: what fills the gap</figcaption>
  </figure>
  <figure>
    <BackFigure family={player.family} {instrument} {rest} {unit} onmove={dragging.move} />
    <figcaption>
      From the back: the chin-rest side is on the right{hasFeet ? `; ${ends} (filled)` : ''}
    </figcaption>
  </figure>
  <RestViews family={player.family} {readings} {instrument} {rest} />
</div>

<style>
  .figures {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem 2rem;
    justify-content: space-around;
  }
  /* On a narrow screen the drawings come before the ways to change them. */
  @media (max-width: 900px) {
    .figures {
      order: -1;
    }
  }
  .figures > :global(figure) {
    min-width: 0;
    max-width: 100%;
  }
  figcaption {
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-align: center;
    max-width: 26rem;
    margin-inline: auto;
  }
</style>
