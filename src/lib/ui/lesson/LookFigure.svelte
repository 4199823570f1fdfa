<script lang="ts">
  import { figureView, sceneOf, type Check } from '$lib/core/checks';
  import SpottedFigure from '$lib/ui/figure/SpottedFigure.svelte';
  import type { FigureSpot } from '$lib/ui/figure/spots';
  import { RATING_WORDS, STANDPOINT_WORDS } from '$lib/words/checks';
  import type { DrawnAs } from './drawn-as';
  import type { Lesson } from './lesson.svelte';

  /** The player as seen from the standpoint of the look in hand, with a numbered spot for each look from there. */
  let { lesson, check, who }: { lesson: Lesson; check: Check; who: DrawnAs } = $props();

  const scene = $derived(sceneOf(check, who.family));
  const viewName = $derived(figureView(check, who.family));
  const here = $derived(lesson.looks.filter(({ standpoint }) => standpoint === check.standpoint));
  const numberOf = (one: Check) => lesson.looks.indexOf(one) + 1;

  function markOf(one: Check): 'open' | 'there' | 'part' | 'amiss' {
    const outcome = lesson.seen[one.id]?.outcome;
    if (!outcome) return 'open';
    if (outcome.kind !== 'rating') return 'there';
    if (outcome.rating === 'secure' || outcome.rating === 'mostly') return 'there';
    return outcome.rating === 'with-help' ? 'part' : outcome.rating === 'not-yet' ? 'amiss' : 'open';
  }
  const SIGNS = { open: '', there: '✓', part: '~', amiss: '✗' } as const;
  const saidOf = (one: Check) => {
    const outcome = lesson.seen[one.id]?.outcome;
    return outcome?.kind === 'rating' ? RATING_WORDS[outcome.rating] : outcome ? 'seen' : 'not looked at';
  };
  const spots = $derived(
    here.map((one): FigureSpot => {
      const mark = markOf(one);
      return {
        id: one.id,
        spot: one.picture.spot,
        text: String(numberOf(one)),
        sign: SIGNS[mark],
        label: `${numberOf(one)}: ${one.title}, ${saidOf(one)}`,
        mark,
        isCurrent: one.id === check.id
      };
    })
  );
</script>

<SpottedFigure
  question={{ ...who, pose: scene.pose, changes: scene.changes }}
  view={viewName}
  {spots}
  onpick={(id) => {
    const one = here.find((look) => look.id === id);
    if (one) lesson.goTo(one);
  }}
>
  {#snippet caption(failed)}
    {failed
      ? 'It could not be drawn; the looks work all the same.'
      : `Look ${STANDPOINT_WORDS[check.standpoint]}.`}
  {/snippet}
</SpottedFigure>
