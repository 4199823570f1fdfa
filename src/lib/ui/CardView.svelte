<script lang="ts">
  import type { Card } from '$lib/print/card';
  import { codeOf } from '$lib/print/code';
  import SetupPicture from './figure/SetupPicture.svelte';

  /** The card as it comes out of the printer, A6. */
  let {
    card,
    ondrawn
  }: {
    card: Card;
    /** Called when its picture is there, or can't be. */
    ondrawn?: () => void;
  } = $props();

  const code = $derived(codeOf(card.code));
</script>

<article class="card-sheet paper" aria-label="Card of {card.player}">
  <header>
    <div>
      <h2>{card.player}</h2>
      <p class="soft">{card.instrument}</p>
    </div>
    <p class="size num">{card.size}</p>
  </header>
  <div class="flex justify-between gap-[4mm]">
    <dl>
      {#each card.settings as setting (setting.name)}
        <div>
          <dt>{setting.name}</dt>
          <dd class="num">{setting.value}</dd>
          {#if setting.mark}<dd class="how-marked">{setting.mark}</dd>{/if}
        </div>
      {/each}
    </dl>
    <div class="picture">
      <SetupPicture drawing={card.drawing} {ondrawn} />
    </div>
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
    <div>
      <p class="next">Look again by {card.nextLook}</p>
      <p>{card.stop}</p>
      <p>{card.signed}</p>
    </div>
    <svg
      class="code"
      viewBox="0 0 {code.cells} {code.cells}"
      role="img"
      aria-label="The set-up as a code that Jarvel reads"
    >
      <path d={code.path} />
    </svg>
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
  .picture {
    height: 52mm;
    flex: none;
  }
  .code {
    height: 24mm;
    flex: none;
    margin: 0 -4mm -5mm 0;
    shape-rendering: crispEdges;
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
    display: flex;
    align-items: end;
    gap: 2mm;
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
  @media screen and (max-width: 379px) {
    .card-sheet {
      zoom: 0.68;
    }
  }
  @media print {
    .card-sheet {
      border: 0;
    }
  }
</style>
