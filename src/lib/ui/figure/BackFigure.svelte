<script lang="ts">
  import { footPlace, type Family, type NominalInstrument } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { highEndOf, type RestArrangement } from '$lib/core/setup';
  import { drawBack } from '$lib/workers/pictures';
  import { HIGH_END_WORDS, settingText } from '$lib/words/setup';
  import { Drawn } from './drawn.svelte';
  import PictureShapes from './PictureShapes.svelte';
  import { restHandle } from './rest-handle';
  import SceneHandle from './SceneHandle.svelte';

  /** The back of the instrument with the shoulder rest across it, to scale. The chin-rest side is on the right. */
  let {
    family,
    instrument,
    rest,
    unit,
    height = 330,
    onmove
  }: {
    family: Family;
    instrument: NominalInstrument;
    rest: RestArrangement;
    unit: LengthUnit;
    height?: number;
    /** Moves a foot along the edge in the drawing. */
    onmove: (id: string, value: number | null, done: boolean) => void;
  } = $props();

  const LABEL = 118;
  const TOP = 34;
  const scale = $derived((height - TOP - 34) / instrument.bodyMm);
  const drawn = new Drawn(
    () => ({ family, instrument, scale }),
    (back) => drawBack(back.family, back.instrument, back.scale)
  );
  const half = $derived((instrument.lowerBoutMm / 2) * scale);
  const width = $derived(half * 2 + LABEL * 2);
  const highEnd = $derived(highEndOf(rest.settings.shoulderFoot.value, rest.settings.chestFoot.value));
  const shoulder = $derived(footPlace(instrument, rest.settings.shoulderFootAlong.value, 'right'));
  const chest = $derived(footPlace(instrument, rest.settings.chestFootAlong.value, 'left'));
  const px = ([x, y]: readonly [number, number]) => ({ x: x * scale, y: y * scale });
  const at = $derived({ shoulder: px(shoulder), chest: px(chest) });

  const handles = $derived(
    (
      [
        ['shoulderFootAlong', at.shoulder],
        ['chestFootAlong', at.chest]
      ] as const
    ).map(([id, place]) => ({
      place: { x: place.x + half + LABEL, y: place.y + TOP },
      handle: restHandle(id, rest, unit)
    }))
  );
  let shownPx = $state(0);
  const shrunk = $derived(shownPx === 0 ? 1 : shownPx / width);

  const description = $derived(
    `Back of a ${instrument.size}, end button below. Shoulder foot on the right, ${formatLength(rest.settings.shoulderFootAlong.value, unit)} along the edge from the end button, ${settingText('shoulderFoot', rest.settings.shoulderFoot.value, unit)} high. Chest foot on the left, ${formatLength(rest.settings.chestFootAlong.value, unit)} along the edge, ${settingText('chestFoot', rest.settings.chestFoot.value, unit)} high. ${HIGH_END_WORDS[highEnd]}.`
  );
</script>

<div class="drawing" bind:clientWidth={shownPx} style:width="{width}px">
  <svg {width} {height} viewBox="{-half - LABEL} {-TOP} {width} {height}" role="img" aria-label={description}>
    {#if drawn.current}
      <g class="figure-picture" transform="scale({scale})"><PictureShapes picture={drawn.current} /></g>
    {/if}
    <path
      class="rest"
      d="M{at.chest.x} {at.chest.y}Q0 {(at.chest.y + at.shoulder.y) / 2 - 14} {at.shoulder.x} {at.shoulder.y}"
    />
    <circle
      class="foot"
      class:high={highEnd === 'chest'}
      cx={at.chest.x}
      cy={at.chest.y}
      r={highEnd === 'chest' ? 9 : 6}
    />
    <circle
      class="foot"
      class:high={highEnd === 'shoulder'}
      cx={at.shoulder.x}
      cy={at.shoulder.y}
      r={highEnd === 'shoulder' ? 9 : 6}
    />

    <g class="label end" transform="translate({-half - 14} {at.chest.y})">
      <text y="-8">Chest foot</text>
      <text y="10" class="number">{settingText('chestFoot', rest.settings.chestFoot.value, unit)} high</text>
      <text y="27">at {formatLength(rest.settings.chestFootAlong.value, unit)}</text>
    </g>
    <g class="label" transform="translate({half + 14} {at.shoulder.y})">
      <text y="-8">Shoulder foot</text>
      <text y="10" class="number"
        >{settingText('shoulderFoot', rest.settings.shoulderFoot.value, unit)} high</text
      >
      <text y="27">at {formatLength(rest.settings.shoulderFootAlong.value, unit)}</text>
    </g>
    <text class="caption" x="0" y={height - TOP - 6}>end button</text>
  </svg>
  {#each handles as { handle, place } (handle.id)}
    <SceneHandle
      {handle}
      x={place.x * shrunk}
      y={place.y * shrunk}
      scale={scale * shrunk}
      azimuth={90}
      {onmove}
    />
  {/each}
</div>

<style>
  .drawing {
    position: relative;
    max-width: 100%;
  }
  svg {
    max-width: 100%;
    height: auto;
  }
  .rest {
    fill: none;
    stroke: var(--next);
    stroke-width: 7;
    stroke-linecap: round;
    opacity: 0.45;
  }
  .foot {
    fill: var(--ground);
    stroke: var(--next);
    stroke-width: 2;
  }
  .foot.high {
    fill: var(--next);
  }
  text {
    font-size: 13px;
    fill: var(--ink-soft);
  }
  .number {
    font: 650 15px var(--mono);
    fill: var(--ink);
  }
  .end text {
    text-anchor: end;
  }
  .caption {
    text-anchor: middle;
    font-size: 12px;
  }
</style>
