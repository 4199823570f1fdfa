<script lang="ts">
  import { sceneOf, standpointView, type Check } from '$lib/core/checks';
  import { detailFor, shapeOf, VIEWS } from '$lib/core/figure/views';
  import { Drawn } from '$lib/ui/figure/drawn.svelte';
  import PictureView from '$lib/ui/figure/PictureView.svelte';
  import { RATING_WORDS, STANDPOINT_WORDS } from '$lib/words/checks';
  import { pictureText } from '$lib/words/figure';
  import { drawPicture } from '$lib/workers/pictures';
  import type { DrawnAs } from './drawn-as';
  import type { Lesson } from './lesson.svelte';
  import { spread } from './spots';

  /** The player as seen from the standpoint of the look in hand, with a numbered spot for each look from there. */
  let { lesson, check, who }: { lesson: Lesson; check: Check; who: DrawnAs } = $props();

  const PX = 620;
  const HIGH_PX = 520;
  /** Least distance of two spots on the screen: each is pressed by a finger. */
  const APART_PX = 44;
  let shownPx = $state(0);
  const CLOSE = ['left-hand', 'bow-hand', 'instrument'];

  const scene = $derived(sceneOf(check, who.family));
  const isClose = $derived(CLOSE.includes(check.standpoint) || check.category === 'ready');
  const viewName = $derived(
    isClose ? scene.view : standpointView(who.family, check.category, check.standpoint)
  );
  const view = $derived(VIEWS[viewName]);
  const heightMm = $derived(who.readings.height?.[0] ?? 1400);
  const drawn = new Drawn(
    () => ({
      question: { ...who, pose: scene.pose, changes: scene.changes },
      options: { view, detail: detailFor(view, { wide: PX, high: HIGH_PX }, heightMm, who.instrument.bodyMm) }
    }),
    ({ question, options }) => drawPicture(question, options)
  );

  const here = $derived(lesson.looks.filter(({ standpoint }) => standpoint === check.standpoint));
  const shape = $derived(
    drawn.current ? drawn.current.window.width / drawn.current.window.height : shapeOf(view)
  );
  const places = $derived.by(() => {
    const picture = drawn.current;
    if (!picture) return [];
    const { x, y, width, height } = picture.window;
    const at = here.flatMap((one) => {
      const spot = picture.spots[one.picture.spot];
      if (!spot) return [];
      const [left, top] = [(spot[0] - x) / width, (spot[1] - y) / height];
      // What lies beside the picture is still to be had at its edge.
      return [
        { id: one.id, x: Math.min(0.95, Math.max(0.05, left)), y: Math.min(0.95, Math.max(0.05, top)) }
      ];
    });
    return spread(at, APART_PX / (shownPx || PX), width / height);
  });
  const placeOf = (id: string) => places.find((place) => place.id === id);
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
</script>

<figure class="scene" style:--shape={shape}>
  <div class="picture" style:aspect-ratio={shape} bind:clientWidth={shownPx}>
    <PictureView picture={drawn.current} label={pictureText(who.family, scene.pose, viewName)} {shape} />
    {#each here as one (one.id)}
      {@const place = placeOf(one.id)}
      {#if place}
        <button
          type="button"
          class="spot {markOf(one)}"
          style:left="{100 * place.x}%"
          style:top="{100 * place.y}%"
          aria-current={one.id === check.id ? 'true' : undefined}
          aria-label="{numberOf(one)}: {one.title}, {saidOf(one)}"
          data-spot={one.id}
          onclick={() => lesson.goTo(one)}
          >{numberOf(one)}{#if SIGNS[markOf(one)]}<span aria-hidden="true">{SIGNS[markOf(one)]}</span
            >{/if}</button
        >
      {/if}
    {/each}
  </div>
  <figcaption class="soft">
    {#if drawn.failed}It could not be drawn; the looks work all the same.{:else}Look {STANDPOINT_WORDS[
        check.standpoint
      ]}.{/if}
  </figcaption>
</figure>

<style>
  .scene {
    display: grid;
    gap: 0.25rem;
    justify-items: center;
  }
  .picture {
    position: relative;
    --most: max(18rem, calc(100vh - 22.5rem));
    width: min(100%, calc(var(--most) * var(--shape)));
    max-height: var(--most);
  }
  .picture :global(.figure-picture) {
    width: 100%;
    height: 100%;
  }
  .spot {
    position: absolute;
    transform: translate(-50%, -50%);
    width: 2.75rem;
    height: 2.75rem;
    border-radius: 50%;
    border: 2px solid var(--ink);
    background: color-mix(in oklab, var(--panel) 82%, transparent);
    color: var(--ink);
    font-weight: 700;
    font-size: 1.1rem;
    display: inline-flex;
    align-items: center;
    justify-content: center;
  }
  .spot span {
    font-size: 0.9rem;
    margin-left: 0.05rem;
  }
  .spot.there {
    border-color: var(--fits);
    color: var(--fits);
  }
  .spot.part {
    border-style: dashed;
  }
  .spot.amiss {
    border-color: var(--large);
    color: var(--large);
    border-width: 3px;
  }
  .spot[aria-current] {
    background: var(--next);
    border-color: var(--next);
    color: var(--next-ink);
  }
  @media (max-width: 900px) {
    .picture {
      --most: min(22rem, 42vh);
    }
  }
</style>
