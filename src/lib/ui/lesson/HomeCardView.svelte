<script lang="ts">
  import { VIEWS } from '$lib/core/figure/views';
  import { roomFor, type HomeCard, type PointPicture } from '$lib/print/home-card';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { NOT_SO } from '$lib/words/home';

  /** A home card as it will lie on the music stand. */
  let { card }: { card: HomeCard } = $props();
</script>

{#snippet drawn({ question, view, marked }: PointPicture)}
  <SeenPicture
    family={question.family}
    readings={question.readings}
    instrument={question.instrument}
    pose={question.pose ?? 'playing'}
    changes={question.changes ?? []}
    {marked}
    setup={question.setup}
    view={VIEWS[view]}
  />
{/snippet}

<article
  class="paper home"
  data-home-card
  style:--wide="{roomFor(card).wideMm}mm"
  style:--high="{roomFor(card).highMm}mm"
>
  <header>
    <b>{card.player}</b>
    <span>{card.instrument}</span>
  </header>
  <ol>
    {#each card.points as { line, right, drill, dose, measured, picture, amiss }, i (i)}
      <li>
        <div class="pictures" class:both={amiss !== null}>
          <div class="picture">{@render drawn(picture)}</div>
          {#if amiss}
            <div class="amiss"><span>{NOT_SO}</span>{@render drawn(amiss)}</div>
          {/if}
        </div>
        <div>
          <p class="line"><span class="num">{i + 1}</span> {line}</p>
          <p class="right">{right}</p>
          <p>{drill}</p>
          <p class="dose">{dose}</p>
          {#if measured}<p>{measured}</p>{/if}
        </div>
      </li>
    {/each}
  </ol>
  <footer>
    {#if card.nextLook}<p><b>Look again by {card.nextLook}</b></p>{/if}
    <p>{card.selfCheck}</p>
    <p class="right">{card.stop}</p>
    <p class="right">{card.signed}</p>
  </footer>
</article>

<style>
  .home {
    width: 105mm;
    min-height: 148mm;
    padding: 7mm 8mm 4mm;
    display: flex;
    flex-direction: column;
    font-size: 9.5pt;
    line-height: 1.25;
    border: 1px solid var(--line);
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    border-bottom: 0.5pt solid currentColor;
    padding-bottom: 1mm;
  }
  header b {
    font-size: 14pt;
    overflow-wrap: anywhere;
  }
  ol {
    flex: 1;
  }
  li {
    display: grid;
    grid-template-columns: var(--wide) 1fr;
    gap: 4mm;
    padding-block: 2mm;
    align-items: center;
  }
  li + li {
    border-top: 0.5pt solid var(--line);
  }
  .pictures {
    height: var(--high);
    display: grid;
    grid-template-rows: minmax(0, 1fr);
    gap: 1mm;
  }
  .both {
    grid-template-rows: minmax(0, 1.35fr) minmax(0, 1fr);
  }
  .picture,
  .amiss {
    --seen-high: 100%;
    min-height: 0;
    height: 100%;
  }
  .amiss {
    display: grid;
    grid-template: minmax(0, 1fr) / auto minmax(0, 1fr);
    gap: 1mm;
    font-size: 7pt;
    color: var(--ink-soft);
  }
  .line {
    font-weight: 700;
    font-size: 11.5pt;
  }
  .right {
    font-size: 8pt;
    color: var(--ink-soft);
  }
  .dose {
    font-weight: 700;
    color: var(--next);
  }
  footer {
    border-top: 0.5pt solid currentColor;
    padding-top: 1mm;
    font-size: 8pt;
  }
  @media print {
    .home {
      border: 0;
    }
  }
  @media screen and (max-width: 440px) {
    .home {
      zoom: 0.68;
    }
  }
</style>
