<script lang="ts">
  import { VIEWS } from '$lib/core/figure/views';
  import type { HomeCard } from '$lib/print/home-card';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';

  /** A home card as it will lie on the music stand. */
  let { card }: { card: HomeCard } = $props();
</script>

<article class="paper home" data-home-card>
  <header>
    <b>{card.player}</b>
    <span>{card.instrument}</span>
  </header>
  <ol>
    {#each card.points as { line, right, drill, dose, picture }, i (i)}
      <li>
        <div class="picture">
          <SeenPicture
            family={picture.question.family}
            readings={picture.question.readings}
            instrument={picture.question.instrument}
            pose={picture.question.pose ?? 'playing'}
            changes={picture.question.changes ?? []}
            marked={[]}
            setup={picture.question.setup}
            view={VIEWS[picture.view]}
          />
        </div>
        <div>
          <p class="line"><span class="num">{i + 1}</span> {line}</p>
          <p class="right">{right}</p>
          <p>{drill}</p>
          <p class="dose">{dose}</p>
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
    border: 1px solid #c9d2cc;
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
    grid-template-columns: 30mm 1fr;
    gap: 4mm;
    padding-block: 2mm;
    align-items: center;
  }
  li + li {
    border-top: 0.5pt solid #b6c1ba;
  }
  .picture {
    height: 30mm;
    display: grid;
    place-items: center;
  }
  .line {
    font-weight: 700;
    font-size: 11.5pt;
  }
  .right {
    font-size: 8pt;
    color: #4a5650;
  }
  .dose {
    font-weight: 700;
    color: #8a3d10;
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
