<script lang="ts">
  import { footPlace, type Family, type NominalInstrument } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { onBack, type BackPlace, type RestArrangement } from '$lib/core/setup';
  import { drawBack } from '$lib/workers/pictures';
  import { HIGH_END_WORDS, ON_BACK_WORDS, settingText, settingWords } from '$lib/words/setup';
  import { Drawn } from './drawn.svelte';
  import OnBackShapes from './OnBackShapes.svelte';
  import PictureShapes from './PictureShapes.svelte';
  import { restHandle } from './rest-handle';
  import SceneHandle from './SceneHandle.svelte';

  /** The back of the instrument with what lies on it, to scale. The chin-rest side is on the right. */
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
  const on = $derived(onBack(rest, instrument));
  const px = ([x, y]: BackPlace) => ({ x: x * scale, y: y * scale });
  /** Each place that is moved along the edge, with where it stands beside the drawing and what is said there. */
  const places = $derived.by(() => {
    const along = (id: 'shoulderFootAlong' | 'chestFootAlong') =>
      `at ${formatLength(rest.settings[id].value, unit)}`;
    const high = (id: 'shoulderFoot' | 'chestFoot') =>
      `${settingText(id, rest.settings[id].value, unit)} high`;
    if (on.kind === 'bare') return [];
    if (on.kind === 'cushion')
      return [
        {
          id: 'shoulderFootAlong' as const,
          ...px(footPlace(instrument, rest.settings.shoulderFootAlong.value, 'right')),
          name: settingWords(rest, 'lift').name,
          high: `${settingText('lift', rest.settings.lift.value, unit)} thick`,
          along: along('shoulderFootAlong')
        }
      ];
    return [
      {
        id: 'shoulderFootAlong' as const,
        ...px(on.shoulderFoot),
        name: 'Shoulder foot',
        high: high('shoulderFoot'),
        along: along('shoulderFootAlong')
      },
      {
        id: 'chestFootAlong' as const,
        ...px(on.chestFoot),
        name: 'Chest foot',
        high: high('chestFoot'),
        along: along('chestFootAlong')
      }
    ];
  });
  let shownPx = $state(0);
  const shrunk = $derived(shownPx === 0 ? 1 : shownPx / width);

  const description = $derived(
    `Back of a ${instrument.size}, end button below, ${ON_BACK_WORDS[on.kind]}. ${places
      .map(({ name, high, along }) => `${name} ${high}, ${along} along the edge from the end button.`)
      .join(' ')}${on.kind === 'rest' ? ` ${HIGH_END_WORDS[on.highEnd]}.` : ''}`
  );
</script>

<div class="drawing" bind:clientWidth={shownPx} style:width="{width}px">
  <svg {width} {height} viewBox="{-half - LABEL} {-TOP} {width} {height}" role="img" aria-label={description}>
    {#if drawn.current}
      <g class="figure-picture" transform="scale({scale})"><PictureShapes picture={drawn.current} /></g>
    {/if}
    <g transform="scale({scale})"><OnBackShapes {on} /></g>
    {#each places as { id, x, y, name, high, along } (id)}
      <g class="label" class:end={x < 0} transform="translate({Math.sign(x) * (half + 14)} {y})">
        <text y="-8">{name}</text>
        <text y="10" class="number">{high}</text>
        <text y="27">{along}</text>
      </g>
    {/each}
    <text class="caption" x="0" y={height - TOP - 6}>end button</text>
  </svg>
  {#each places as { id, x, y } (id)}
    <SceneHandle
      handle={restHandle(id, rest, unit)}
      x={(x + half + LABEL) * shrunk}
      y={(y + TOP) * shrunk}
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
