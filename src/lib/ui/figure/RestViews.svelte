<script lang="ts">
  import { heightOf, type Readings } from '$lib/core/body';
  import { VIEWS } from '$lib/core/figure/views';
  import type { Family, NominalInstrument } from '$lib/core/instruments';
  import { asDrawn, type RestArrangement } from '$lib/core/setup';
  import { SCROLL_WORDS } from '$lib/words/setup';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureView from './PictureView.svelte';

  /** This player with the instrument as it is set: from behind, and from above with the way the scroll points. */
  let {
    family,
    readings,
    instrument,
    rest
  }: {
    family: Family;
    readings: Readings;
    instrument: NominalInstrument;
    rest: RestArrangement;
  } = $props();

  type SeenFrom = 'headBehind' | 'bodyAbove';
  const WIDE_PX = 300;
  /** Where only an arm or a gap was measured, somebody of a usual height stands in. */
  const ANY_HEIGHT_MM = 1400;
  const known = $derived(
    heightOf(readings) === null
      ? { ...readings, height: [instrument.heightFromMm ?? ANY_HEIGHT_MM] }
      : readings
  );
  const question = $derived({
    family,
    readings: known,
    instrument: { ...instrument, chinRestMm: rest.settings.chinRest.value },
    setup: asDrawn(rest)
  });
  const heightMm = $derived(known.height?.[0] ?? ANY_HEIGHT_MM);
  const cropOf = (view: SeenFrom) => VIEWS[view].crop ?? { width: 1, height: 1 };
  const drawnFrom = (view: SeenFrom) =>
    new Drawn(
      () => ({
        question,
        options: { view: VIEWS[view], detail: WIDE_PX / (cropOf(view).width * heightMm) }
      }),
      ({ question: asked, options }) => drawPicture(asked, options)
    );
  const behind = drawnFrom('headBehind');
  const above = drawnFrom('bodyAbove');
  const seen = $derived([
    {
      view: 'headBehind' as const,
      drawn: behind,
      label: 'The player from behind with the rest as it is set',
      text: 'From behind'
    },
    {
      view: 'bodyAbove' as const,
      drawn: above,
      label: `The player from above: ${SCROLL_WORDS[rest.choices.scroll].toLowerCase()}`,
      text: `From above: ${SCROLL_WORDS[rest.choices.scroll].toLowerCase()}`
    }
  ]);
</script>

{#each seen as { view, drawn, label, text } (view)}
  <figure>
    <div>
      <PictureView picture={drawn.current} {label} shape={cropOf(view).width / cropOf(view).height} />
    </div>
    <figcaption>{text}</figcaption>
  </figure>
{/each}

<style>
  div {
    width: 18.5rem;
    max-width: 100%;
  }
  figcaption {
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-align: center;
  }
</style>
