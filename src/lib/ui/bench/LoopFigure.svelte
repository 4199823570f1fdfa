<script lang="ts">
  import type { Family } from '$lib/core/instruments';
  import { asDrawn, LOOK_VIEWS, SETTING_SPOTS, spotOf, type SetupKind, type Step } from '$lib/core/setup';
  import SpottedFigure from '$lib/ui/figure/SpottedFigure.svelte';
  import type { FigureSpot } from '$lib/ui/figure/spots';
  import { changeTag, SEEN_WORDS } from '$lib/words/setup-looks';
  import type { Bench } from './bench.svelte';

  /** The player with the set-up as it stands: a spot wherever something may be seen, and the change where it is made. */
  let {
    bench,
    family,
    kind,
    options,
    at,
    step,
    onpick
  }: {
    bench: Bench;
    family: Family;
    kind: SetupKind;
    /** What may be seen, in the order of its keys; 1 is that all is well. */
    options: readonly string[];
    /** The spot that is chosen. */
    at: string | null;
    /** What followed from the newest look. */
    step: Step | null;
    onpick: (spot: string) => void;
  } = $props();

  /** Each place once, with the numbers of what may be seen there. */
  const spots = $derived(
    [...new Set(options.map(spotOf))].map((spot): FigureSpot => {
      const here = options.flatMap((id, i) => (spotOf(id) === spot ? [{ id, number: (i + 2) % 10 }] : []));
      return {
        id: spot,
        spot,
        text: here.map(({ number }) => number).join(' '),
        label: here.map(({ id, number }) => `${number}: ${SEEN_WORDS[id]?.text ?? id}`).join('; '),
        isCurrent: spot === at
      };
    })
  );
  const tags = $derived.by(() => {
    const spot = step?.kind === 'change' ? SETTING_SPOTS[step.setting] : undefined;
    return step?.kind === 'change' && spot
      ? [{ spot, text: changeTag(step, bench.settings.unit, bench.setup.nameOf) }]
      : [];
  });
  const setup = $derived(bench.setup.arrangement ? { setup: asDrawn(bench.setup.arrangement) } : {});
</script>

{#if bench.setup.instrument}
  <SpottedFigure
    question={{ family, readings: bench.setup.readings, instrument: bench.setup.instrument, ...setup }}
    view={LOOK_VIEWS[kind]}
    {spots}
    {tags}
    {onpick}
  >
    {#snippet caption(failed)}
      {#if failed}It could not be drawn; the pictures work all the same.{/if}
    {/snippet}
  </SpottedFigure>
{/if}
