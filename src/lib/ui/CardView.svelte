<script lang="ts">
  import type { Card } from '$lib/print/card';
  import { drawCard } from './figure/card-drawing';
  import { Drawn } from './figure/drawn.svelte';
  import PictureShapes from './figure/PictureShapes.svelte';

  /** The card as it comes out of the printer, A6. */
  let {
    card,
    ondrawn
  }: {
    card: Card;
    /** Called when its picture is there, or can't be. */
    ondrawn?: () => void;
  } = $props();

  const figure = $derived(card.drawing);
  const drawn = new Drawn(() => figure, drawCard);
  $effect(() => {
    if (drawn.current || drawn.failed) ondrawn?.();
  });
  /** Room is kept while it is being drawn. */
  const view = $derived(drawn.current?.window ?? { x: 0, y: 0, width: 3, height: 5 });
  const label = $derived(
    figure.kind === 'back'
      ? 'Back of the instrument with the feet of the shoulder rest; the high end is filled'
      : `The player with the ${card.instrument.toLowerCase()} as it is set, from the left`
  );
</script>

<article class="card-sheet" aria-label="Card of {card.player}">
  <header>
    <div>
      <h2>{card.player}</h2>
      <p class="soft">{card.instrument}</p>
    </div>
    <p class="size num">{card.size}</p>
  </header>
  <div class="middle">
    <dl>
      {#each card.settings as setting (setting.name)}
        <div>
          <dt>{setting.name}</dt>
          <dd class="num">{setting.value}</dd>
          {#if setting.mark}<dd class="how-marked">{setting.mark}</dd>{/if}
        </div>
      {/each}
    </dl>
    <svg
      class="figure-picture"
      viewBox="{view.x} {view.y} {view.width} {view.height}"
      role="img"
      aria-label={label}
    >
      {#if drawn.current}<PictureShapes picture={drawn.current} />{/if}
      {#if figure.kind === 'back'}
        <line
          x1={figure.chestFoot[0]}
          y1={figure.chestFoot[1]}
          x2={figure.shoulderFoot[0]}
          y2={figure.shoulderFoot[1]}
        />
        <circle
          class:high={figure.highEnd === 'chest'}
          cx={figure.chestFoot[0]}
          cy={figure.chestFoot[1]}
          r="9"
        />
        <circle
          class:high={figure.highEnd === 'shoulder'}
          cx={figure.shoulderFoot[0]}
          cy={figure.shoulderFoot[1]}
          r="9"
        />
      {/if}
    </svg>
  </div>
  <p class="notes">{card.notes.join(' ')}</p>
  <div class="week">
    {#if card.focus}
      <p class="label">This week</p>
      <p class="line">{card.focus.line}</p>
      <p>{card.focus.drill}</p>
      <p><b>{card.focus.dose}</b></p>
    {:else}
      <p class="line">Play, and enjoy it.</p>
    {/if}
  </div>
  <footer>
    <p class="next">Look again by {card.nextLook}</p>
    <p>{card.stop}</p>
    <p>{card.signed}</p>
  </footer>
</article>

<style>
  /* Paper is always white with dark ink, also in the dark theme. */
  .card-sheet {
    --soft: oklch(0.42 0.014 155);
    --warm: oklch(0.47 0.12 50);
    width: 105mm;
    height: 148mm;
    padding: 8mm;
    background: white;
    color-scheme: light;
    color: oklch(0.2 0.015 155);
    border: 1px solid var(--line);
    display: flex;
    flex-direction: column;
    gap: 2mm;
    font-size: 9pt;
    line-height: 1.3;
    overflow: hidden;
    page: card;
  }
  header {
    display: flex;
    justify-content: space-between;
    border-bottom: 0.5pt solid var(--soft);
    padding-bottom: 2mm;
  }
  h2 {
    font-size: 15pt;
    font-weight: 700;
    line-height: 1.1;
    overflow-wrap: anywhere;
    max-height: 2.2em;
    overflow: hidden;
  }
  .size {
    font-size: 22pt;
    font-weight: 700;
    line-height: 1;
    white-space: nowrap;
  }
  .soft,
  .notes,
  footer {
    color: var(--soft);
  }
  .middle {
    display: flex;
    justify-content: space-between;
    gap: 4mm;
  }
  dl {
    flex: 1;
    display: grid;
    gap: 1mm;
    align-content: start;
  }
  dl div {
    display: grid;
    grid-template-columns: 27mm auto;
  }
  dd.num {
    font-weight: 700;
    font-size: 8.5pt;
  }
  .how-marked {
    grid-column: 1 / -1;
    color: var(--warm);
    font-size: 7.5pt;
  }
  svg {
    height: 52mm;
    width: auto;
    flex: none;
  }
  line {
    stroke: var(--warm);
    stroke-width: 8;
    opacity: 0.4;
  }
  circle {
    fill: white;
    stroke: var(--warm);
    stroke-width: 3;
  }
  circle.high {
    fill: var(--warm);
  }
  .notes {
    font-size: 8pt;
    border-bottom: 0.5pt solid var(--soft);
    padding-bottom: 2mm;
  }
  .label {
    color: var(--warm);
    font-weight: 700;
    font-size: 8pt;
  }
  .line {
    font-size: 12pt;
    font-weight: 700;
  }
  footer {
    margin-top: auto;
    font-size: 7pt;
  }
  .next {
    font-size: 9pt;
    font-weight: 700;
    color: oklch(0.2 0.015 155);
  }
  @media screen and (max-width: 440px) {
    .card-sheet {
      zoom: 0.85;
    }
  }
  @media print {
    .card-sheet {
      border: 0;
    }
  }
</style>
