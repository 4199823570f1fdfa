<script lang="ts">
  import {
    CHIN_REST_MOUNTS,
    highEndOf,
    REST_SCHOOLS,
    SCROLL_SCHOOLS,
    supportOf,
    TILT_RANGE_DEG,
    withOwn,
    type OwnRest
  } from '$lib/core/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';
  import { HIGH_END_WORDS, MOUNT_WORDS, REST_SCHOOL_WORDS, SCROLL_WORDS } from '$lib/words/setup';
  import OwnRests from './OwnRests.svelte';
  import type { SetupWaysProps } from './setup-part';

  /** What fills the gap between collarbone and jaw, and how the instrument lies on it. */
  let { laid, unit, onchange, rests }: SetupWaysProps<'rest'> & { rests: readonly OwnRest[] } = $props();

  const rest = $derived(laid.arrangement);
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
  />
  <Choice
    label="Seen from above"
    value={rest.choices.scroll}
    options={SCROLL_SCHOOLS.map((value) => ({ value, text: SCROLL_WORDS[value] }))}
    onpick={(scroll) => onchange('Turned the scroll', ({ choices }) => ({ choices: { ...choices, scroll } }))}
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
