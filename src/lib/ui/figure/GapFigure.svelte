<script lang="ts">
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
  const parts = $derived([
    ...(support === 'none'
      ? []
      : [
          {
            id: 'lift',
            name: settingWords(rest, 'lift').name.toLowerCase(),
            mm: rest.settings.lift.value
          }
        ]),
    { id: 'body', name: 'instrument', mm: stack.thicknessMm },
    { id: 'chin', name: 'chin rest', mm: rest.settings.chinRest.value },
    { id: 'nod', name: 'jaw settles', mm: stack.nodMm }
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
  const description = $derived(
    `From collarbone to jaw ${text(stack.neckGapMm)}: ${parts.map(({ name, mm }) => `${name} ${text(mm)}`).join(', ')}${
      Math.abs(leftOverMm) >= 1
        ? `; ${leftOverMm > 0 ? 'open' : 'too much'} ${text(Math.abs(leftOverMm))}`
        : ''
    }.`
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
    <text class="landmark" x={(LEFT + RIGHT) / 2} y={jaw - 14}>jaw</text>
    {#each placed as part (part.id)}
      <rect class="part {part.id}" x={LEFT} width={RIGHT - LEFT} y={part.y} height={Math.max(0, part.h)} />
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
  .landmark,
  .gap {
    text-anchor: middle;
  }
  .number {
    font: 650 13px var(--mono);
    fill: var(--ink);
  }
</style>
