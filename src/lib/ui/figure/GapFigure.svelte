<script lang="ts">
  import { clamp } from '$lib/core/maths';
  import type { LengthUnit } from '$lib/core/length';
  import { supportOf, type RestArrangement, type RestStack } from '$lib/core/setup';
  import { settingText, settingWords } from '$lib/words/setup';
  import { restHandle } from './rest-handle';
  import SceneHandle from './SceneHandle.svelte';

  /** What fills the gap between collarbone and jaw, from the side, to scale. */
  let {
    stack,
    rest,
    unit,
    height = 330,
    onmove
  }: {
    stack: RestStack;
    rest: RestArrangement;
    unit: LengthUnit;
    height?: number;
    /** Moves a setting by its edge in the drawing. */
    onmove: (id: string, value: number | null, done: boolean) => void;
  } = $props();

  const WIDTH = 330;
  const TOP = 44;
  const BOTTOM = 48;
  const LEFT = 92;
  const RIGHT = 182;
  const ROOM_FOR_NUMBER = 18;

  const support = $derived(supportOf(rest));
  const liftMm = $derived(support === 'none' ? 0 : rest.settings.lift.value);
  const filledMm = $derived(liftMm + stack.thicknessMm + rest.settings.chinRest.value);
  /** The jaw comes down as far as there is room. */
  const settlesMm = $derived(clamp(stack.neckGapMm - filledMm, 0, stack.nodMm));
  const parts = $derived([
    ...(support === 'none'
      ? []
      : [
          {
            id: 'lift',
            name: settingWords(rest, 'lift').name.toLowerCase(),
            mm: liftMm
          }
        ]),
    { id: 'body', name: 'instrument', mm: stack.thicknessMm },
    { id: 'chin', name: 'chin rest', mm: rest.settings.chinRest.value },
    { id: 'nod', name: 'jaw settles', mm: settlesMm }
  ]);
  const sumMm = $derived(parts.reduce((sum, { mm }) => sum + mm, 0));
  const scale = $derived((height - TOP - BOTTOM) / Math.max(sumMm, stack.neckGapMm));
  const floor = $derived(height - BOTTOM);
  const jaw = $derived(floor - stack.neckGapMm * scale);
  const placed = $derived(
    parts.reduce<{ id: string; name: string; mm: number; y: number; h: number }[]>((below, part) => {
      const y = (below.at(-1)?.y ?? floor) - part.mm * scale;
      return [...below, { ...part, y, h: part.mm * scale }];
    }, [])
  );
  /** Each as it looks from the side: a cup for the jaw, ribs between two plates, a bridge on its feet or a cushion. */
  function shapeOf(id: string, y: number, h: number): string {
    const [middle, wide, foot] = [(LEFT + RIGHT) / 2, RIGHT - LEFT, y + h];
    if (id === 'chin') {
      const dip = Math.min(10, 0.35 * h);
      return `M${LEFT + 6} ${foot}V${y + dip}Q${LEFT + 6} ${y} ${LEFT + 22} ${y}Q${middle} ${y + 2 * dip} ${RIGHT - 22} ${y}Q${RIGHT - 6} ${y} ${RIGHT - 6} ${y + dip}V${foot}Z`;
    }
    if (id === 'body')
      return `M${LEFT - 5} ${y}h${wide + 10}v4h-${wide + 10}ZM${LEFT} ${y + 4}V${foot - 4}h${wide}V${y + 4}M${LEFT - 5} ${foot - 4}h${wide + 10}v4h-${wide + 10}Z`;
    if (id === 'lift' && support === 'shoulder-rest') {
      const bar = Math.min(6, 0.4 * h);
      return `M${LEFT} ${y}h8v${h - bar}H${RIGHT - 8}v-${h - bar}h8V${foot}Q${middle} ${foot + bar} ${LEFT} ${foot}Z`;
    }
    const round = Math.min(8, h / 2);
    return `M${LEFT + round} ${y}H${RIGHT - round}q${round} 0 ${round} ${round}V${foot - round}q0 ${round} -${round} ${round}H${LEFT + round}q-${round} 0 -${round} -${round}V${y + round}q0 -${round} ${round} -${round}Z`;
  }
  /** The upper edges of what can be set. */
  const handles = $derived(
    (
      [
        ['lift', 'lift'],
        ['chin', 'chinRest']
      ] as const
    )
      .filter(([, id]) => id !== 'lift' || support !== 'none')
      .map(([part, id]) => ({
        y: placed.find((one) => one.id === part)?.y ?? floor,
        handle: restHandle(id, rest, unit)
      }))
  );
  let shownPx = $state(WIDTH);
  const shrunk = $derived(shownPx / WIDTH);
  const text = (mm: number) => settingText('lift', mm, unit);
  const leftOverMm = $derived(stack.neckGapMm - sumMm);
  const off = $derived(
    Math.abs(leftOverMm) < 1
      ? ''
      : leftOverMm > 0
        ? `${text(leftOverMm)} are open`
        : `${text(-leftOverMm)} too high`
  );
  const description = $derived(
    `From collarbone to jaw ${text(stack.neckGapMm)}: ${parts.map(({ name, mm }) => `${name} ${text(mm)}`).join(', ')}${off && `; ${off}`}.`
  );
</script>

<div class="drawing" bind:clientWidth={shownPx} style:width="{WIDTH}px">
  <svg width={WIDTH} {height} viewBox="0 0 {WIDTH} {height}" role="img" aria-label={description}>
    <path
      class="bone"
      d="M{LEFT - 40} {floor + 12}Q{(LEFT + RIGHT) / 2} {floor - 12} {RIGHT + 40} {floor + 14}"
    />
    <text class="landmark" x={(LEFT + RIGHT) / 2} y={floor + 34}>collarbone</text>
    <path
      class="bone"
      d="M{LEFT - 34} {jaw - 26}Q{LEFT - 16} {jaw} {(LEFT + RIGHT) / 2} {jaw}Q{RIGHT + 6} {jaw} {RIGHT +
        30} {jaw - 30}"
    />
    <text class="landmark" x={LEFT - 46} y={jaw - 30}>jaw</text>
    {#if off}<text class="off" x={RIGHT + 12} y={jaw - 16}>{off}</text>{/if}
    {#each placed as part (part.id)}
      <path class="part {part.id}" d={shapeOf(part.id, part.y, Math.max(0, part.h))} />
      {#if part.mm > 0.5}
        {@const fits = part.h >= ROOM_FOR_NUMBER}
        <text class="name" x={RIGHT + 12} y={part.y + part.h / 2 + 4}>
          {fits ? part.name : `${part.name} ${text(part.mm)}`}
        </text>
        {#if fits}<text class="number" x={LEFT + 8} y={part.y + part.h / 2 + 5}>{text(part.mm)}</text>{/if}
      {/if}
    {/each}
    <path class="bracket" d="M{LEFT - 52} {jaw}h-8V{floor}h8" />
    <text class="gap" transform="translate({LEFT - 68} {(jaw + floor) / 2}) rotate(-90)"
      >neck gap {text(stack.neckGapMm)}</text
    >
  </svg>
  {#each handles as { handle, y } (handle.id)}
    <SceneHandle {handle} x={RIGHT * shrunk} y={y * shrunk} scale={scale * shrunk} azimuth={90} {onmove} />
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
  .bone,
  .bracket {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
    stroke-linecap: round;
  }
  .bracket {
    stroke: var(--line-strong);
  }
  .part {
    stroke: var(--ink);
    stroke-width: 1.25;
    fill: var(--panel);
  }
  .part.lift {
    fill: var(--wash);
    stroke: var(--next);
  }
  .part.chin {
    fill: color-mix(in oklab, var(--fits) 14%, transparent);
  }
  .part.nod {
    stroke-dasharray: 3 4;
    fill: none;
  }
  text {
    font-size: 13px;
    fill: var(--ink-soft);
  }
  .off {
    fill: var(--large);
    font-weight: 650;
  }
  .landmark,
  .gap {
    text-anchor: middle;
  }
  .number {
    font: 650 13px var(--mono);
    fill: var(--ink);
  }
</style>
