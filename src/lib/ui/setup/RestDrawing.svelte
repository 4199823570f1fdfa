<script lang="ts">
  import type { Family } from '$lib/core/instruments';
  import { highEndOf, SETTING_IDS, supportOf } from '$lib/core/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import BackFigure from '$lib/ui/figure/BackFigure.svelte';
  import GapFigure from '$lib/ui/figure/GapFigure.svelte';
  import RestViews from '$lib/ui/figure/RestViews.svelte';
  import { HIGH_END_WORDS } from '$lib/words/setup';
  import { Dragging } from './dragging.svelte';
  import type { SetupDrawingProps } from './setup-part';

  /** What fills the gap from the side or the back of the instrument, to be dragged; and the player who holds it. */
  let { laid, family, instrument, unit, readings, onadjust }: SetupDrawingProps<'rest'> & { family: Family } =
    $props();

  let shown = $state<'gap' | 'back'>('gap');
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
    supportOf(rest) === 'shoulder-rest'
      ? `; ${HIGH_END_WORDS[highEndOf(rest.settings.shoulderFoot.value, rest.settings.chestFoot.value)]} (filled)`
      : ''
  );
</script>

<Choice
  label="In the drawing"
  hideLabel
  value={shown}
  options={[
    { value: 'gap', text: 'What fills the gap' },
    { value: 'back', text: 'The back' }
  ]}
  onpick={(one) => (shown = one)}
/>
<figure>
  {#if shown === 'gap'}
    <GapFigure stack={laid.plan} {rest} {unit} height={256} onmove={dragging.move} />
  {:else}
    <BackFigure {family} {instrument} {rest} {unit} height={256} onmove={dragging.move} />
    <figcaption>The chin-rest side is on the right{ends}</figcaption>
  {/if}
</figure>
<div class="views"><RestViews {family} {readings} {instrument} {rest} /></div>

<style>
  figure {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    justify-items: center;
  }
  figcaption {
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-align: center;
  }
  .views {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.5rem 1rem;
  }
</style>
