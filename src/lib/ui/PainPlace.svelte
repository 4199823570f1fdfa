<script lang="ts">
  import { dimensionsOf } from '$lib/core/instruments';
  import { db, type Pain } from '$lib/data';
  import { describePain } from '$lib/data/commands/pains';
  import { PAIN_FEELS, PAIN_PLACES, type PainPlace } from '$lib/data/schema/check';
  import { PAIN_FEEL_WORDS, PAIN_PLACE_WORDS } from '$lib/words/pains';
  import Choice from './Choice.svelte';
  import SpottedFigure from './figure/SpottedFigure.svelte';
  import { attempt } from './shell/attempt';

  /** Where it hurts, tapped on a figure, and what it feels like. */
  let { pain }: { pain: Pain } = $props();

  const SPOTS: Readonly<Record<PainPlace, string>> = {
    jaw: 'jaw',
    neck: 'neckBack',
    collarbone: 'collar',
    back: 'belly',
    'left-shoulder': 'leftShoulder',
    'left-arm': 'leftElbow',
    'left-wrist': 'leftWrist',
    'left-hand': 'leftFourthFinger',
    'right-shoulder': 'rightShoulder',
    'right-arm': 'rightElbow',
    'right-wrist': 'rightWrist',
    'right-hand': 'rightFourthFinger'
  };
  /** Anybody, with nothing in the hands. */
  const ANYBODY = {
    family: 'bass',
    instrument: dimensionsOf('bass', '1/2'),
    pose: 'standing',
    readings: { height: [1400] }
  } as const;
  const spots = $derived(
    PAIN_PLACES.map((place) => ({
      id: place,
      spot: SPOTS[place],
      text: '',
      label: PAIN_PLACE_WORDS[place],
      mark: pain.place === place ? ('amiss' as const) : ('open' as const),
      isCurrent: pain.place === place
    }))
  );
  const put = (patch: Parameters<typeof describePain>[2]) =>
    void attempt(() => describePain(db, pain.id, patch));
</script>

<div class="where" data-pain-place={pain.place ?? ''}>
  <SpottedFigure
    question={ANYBODY}
    view="upperBody"
    {spots}
    onpick={(id) => put({ place: PAIN_PLACES.find((place) => place === id) })}
  >
    {#snippet caption()}{pain.place ? PAIN_PLACE_WORDS[pain.place] : 'Tap where it is'}{/snippet}
  </SpottedFigure>
  <Choice
    label="What it feels like"
    value={pain.feel ?? null}
    options={PAIN_FEELS.map((value) => ({ value, text: PAIN_FEEL_WORDS[value] }))}
    onpick={(feel) => put({ feel })}
  />
</div>

<style>
  .where {
    --scene-most: 24rem;
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1.5rem;
    align-items: center;
  }
  .where :global(.scene) {
    width: 20rem;
    max-width: 100%;
  }
</style>
