<script lang="ts">
  import { footPlace, type NominalInstrument } from '$lib/core/instruments';
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import { bodyOutlinePath } from '$lib/core/outline';
  import { highEndOf, type RestArrangement } from '$lib/core/setup';
  import { HIGH_END_WORDS, settingText } from '$lib/words/setup';

  /** The back of the instrument with the shoulder rest across it, to scale. The chin-rest side is on the right. */
  let {
    instrument,
    rest,
    unit,
    height = 330
  }: {
    instrument: Pick<NominalInstrument, 'bodyMm' | 'lowerBoutMm' | 'size'>;
    rest: RestArrangement;
    unit: LengthUnit;
    height?: number;
  } = $props();

  const LABEL = 118;
  const scale = $derived((height - 36) / instrument.bodyMm);
  const half = $derived((instrument.lowerBoutMm / 2) * scale);
  const width = $derived(half * 2 + LABEL * 2);
  const highEnd = $derived(highEndOf(rest.settings.shoulderFoot.value, rest.settings.chestFoot.value));
  const shoulder = $derived(footPlace(instrument, rest.settings.shoulderFootAlong.value, 'right'));
  const chest = $derived(footPlace(instrument, rest.settings.chestFootAlong.value, 'left'));
  const px = ([x, y]: readonly [number, number]) => ({ x: x * scale, y: y * scale });
  const at = $derived({ shoulder: px(shoulder), chest: px(chest) });

  const description = $derived(
    `Back of a ${instrument.size}, end button below. Shoulder foot on the right, ${formatLength(rest.settings.shoulderFootAlong.value, unit)} along the edge from the end button, ${settingText('shoulderFoot', rest.settings.shoulderFoot.value, unit)} high. Chest foot on the left, ${formatLength(rest.settings.chestFootAlong.value, unit)} along the edge, ${settingText('chestFoot', rest.settings.chestFoot.value, unit)} high. ${HIGH_END_WORDS[highEnd]}.`
  );
</script>

<svg {width} {height} viewBox="{-half - LABEL} -6 {width} {height}" role="img" aria-label={description}>
  <g transform="scale({scale})">
    <path class="body" d={bodyOutlinePath(instrument)} />
    <path class="body" d="M0 0V{-8}M0 {instrument.bodyMm}v6" />
    <path class="joint" d="M0 0V{instrument.bodyMm}" />
  </g>
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
  <text class="caption" x="0" y={height - 10}>end button</text>
</svg>

<style>
  svg {
    max-width: 100%;
    height: auto;
  }
  .body {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
    stroke-linejoin: round;
  }
  .joint {
    stroke: var(--line-strong);
    stroke-width: 0.75;
    stroke-dasharray: 2 4;
    vector-effect: non-scaling-stroke;
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
