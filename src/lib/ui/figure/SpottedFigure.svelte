<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { PictureQuestion } from '$lib/core/figure';
  import { detailFor, shapeOf, VIEWS, type ViewName } from '$lib/core/figure/views';
  import { pictureText } from '$lib/words/figure';
  import { drawPicture } from '$lib/workers/pictures';
  import { Drawn } from './drawn.svelte';
  import PictureView from './PictureView.svelte';
  import { spread, type FigureSpot, type FigureTag } from './spots';

  /** A player seen from one side, with a spot to tap for each thing to look at, and words that stand at a place. */
  let {
    question,
    view: viewName,
    spots,
    tags = [],
    onpick,
    caption
  }: {
    question: PictureQuestion;
    view: ViewName;
    spots: readonly FigureSpot[];
    tags?: readonly FigureTag[];
    onpick: (id: string) => void;
    /** What stands below; it is told whether the figure could not be drawn. */
    caption: Snippet<[failed: boolean]>;
  } = $props();

  const PX = 620;
  const HIGH_PX = 520;
  /** Least distance of two spots on the screen: each is pressed by a finger. */
  const APART_PX = 44;
  let shownPx = $state(0);

  const view = $derived(VIEWS[viewName]);
  const heightMm = $derived(question.readings?.height?.[0] ?? 1400);
  const drawn = new Drawn(
    () => ({
      question,
      options: {
        view,
        detail: detailFor(view, { wide: PX, high: HIGH_PX }, heightMm, question.instrument?.bodyMm)
      }
    }),
    ({ question: asked, options }) => drawPicture(asked, options)
  );
  const shape = $derived(
    drawn.current ? drawn.current.window.width / drawn.current.window.height : shapeOf(view)
  );

  /** Where a spot of the figure lies, as shares of the picture; what lies beside it is still to be had at its edge. */
  function placeOf(spot: string): { readonly x: number; readonly y: number } | null {
    const { current } = drawn;
    const point = current?.spots[spot];
    if (!current || !point) return null;
    const { x, y, width, height } = current.window;
    const within = (share: number) => Math.min(0.95, Math.max(0.05, share));
    return { x: within((point[0] - x) / width), y: within((point[1] - y) / height) };
  }
  const places = $derived(
    spread(
      spots.flatMap(({ id, spot }) => {
        const place = placeOf(spot);
        return place ? [{ id, ...place }] : [];
      }),
      APART_PX / (shownPx || PX),
      shape
    )
  );
</script>

<figure class="scene" style:--shape={shape}>
  <div class="picture" style:aspect-ratio={shape} bind:clientWidth={shownPx}>
    <PictureView
      picture={drawn.current}
      label={pictureText(question.family, question.pose ?? 'playing', viewName)}
      {shape}
    />
    {#each spots as { id, text, sign = '', label, mark = 'open', isCurrent } (id)}
      {@const place = places.find((one) => one.id === id)}
      {#if place}
        <button
          type="button"
          class="spot {mark}"
          class:bare={text === ''}
          style:left="{100 * place.x}%"
          style:top="{100 * place.y}%"
          aria-current={isCurrent ? 'true' : undefined}
          aria-label={label}
          data-spot={id}
          onclick={() => onpick(id)}
          >{text}{#if sign}<span aria-hidden="true">{sign}</span>{/if}</button
        >
      {/if}
    {/each}
    {#each tags as { spot, text } (spot)}
      {@const place = placeOf(spot)}
      {#if place}
        <b
          class="tag num"
          style:--across={place.x}
          style:--beside={place.y > 0.8 ? '-2.3rem' : '2.3rem'}
          style:left="{100 * place.x}%"
          style:top="{100 * place.y}%"
          data-tag={spot}>{text}</b
        >
      {/if}
    {/each}
  </div>
  <figcaption class="soft">{@render caption(drawn.failed)}</figcaption>
</figure>

<style>
  .scene {
    display: grid;
    gap: 0.25rem;
    justify-items: center;
  }
  .picture {
    position: relative;
    --most: var(--scene-most, max(18rem, calc(100vh - 22.5rem)));
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
    min-width: 2.75rem;
    height: 2.75rem;
    padding-inline: 0.35rem;
    border-radius: 1.375rem;
    white-space: nowrap;
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
  .bare {
    border-color: transparent;
    background: none;
  }
  .bare::before {
    content: '';
    width: 1.1rem;
    height: 1.1rem;
    border-radius: 50%;
    border: 2px solid var(--ink);
    background: var(--panel);
  }
  .bare[aria-current]::before {
    background: var(--stop);
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
  .tag {
    position: absolute;
    /* Beside the spot at its place, and inwards where that is at the picture's edge. */
    transform: translate(calc(-100% * var(--across)), calc(-50% + var(--beside)));
    padding: 0.15rem 0.6rem;
    border-radius: 1rem;
    background: var(--next);
    color: var(--next-ink);
    font-size: 1.05rem;
    white-space: nowrap;
    pointer-events: none;
  }
  @media (max-width: 900px) {
    .picture {
      --most: var(--scene-most, min(22rem, 42vh));
    }
  }
</style>
