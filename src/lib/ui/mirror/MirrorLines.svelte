<script lang="ts">
  import { canTurn, movedBy, strokesOf, turnedBy, type LaidLine } from '$lib/core/mirror';
  import { LINE_WORDS } from '$lib/words/mirror';

  /** Lines over a picture, each moved by its grip or the arrow keys, and turned with shift where it may be. */
  let {
    lines,
    width,
    height,
    onchange
  }: {
    lines: readonly LaidLine[];
    width: number;
    height: number;
    onchange: (line: LaidLine) => void;
  } = $props();

  const STEP = 0.01;
  const TURN_DEG = 1;
  /** The grip that turns a line lies so far out on it, px. */
  const ARM_PX = 90;
  let from: {
    readonly x: number;
    readonly y: number;
    readonly line: LaidLine;
    readonly turns: boolean;
  } | null = $state(null);

  const armOf = ({ x, y, deg }: LaidLine) => ({
    x: x * width + ARM_PX * Math.cos((deg * Math.PI) / 180),
    y: y * height - ARM_PX * Math.sin((deg * Math.PI) / 180)
  });

  function begin(event: PointerEvent, line: LaidLine, turns = false) {
    event.stopPropagation();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    from = { x: event.clientX, y: event.clientY, line, turns };
  }
  function move(event: PointerEvent) {
    if (!from) return;
    const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
    if (!from.turns) return onchange(movedBy(from.line, dx / width, dy / height));
    const arm = armOf(from.line);
    const [cx, cy] = [from.line.x * width, from.line.y * height];
    const deg = (Math.atan2(cy - arm.y - dy, arm.x + dx - cx) * 180) / Math.PI;
    onchange(turnedBy(from.line, deg - from.line.deg));
  }
  const end = () => (from = null);

  function key(event: KeyboardEvent, line: LaidLine) {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const [dx = 0, dy = 0] = way;
    onchange(event.shiftKey ? turnedBy(line, -TURN_DEG * (dx + dy)) : movedBy(line, STEP * dx, STEP * dy));
  }
</script>

<svg {width} {height} viewBox="0 0 {width} {height}" aria-hidden="true">
  {#each lines as one (one.line)}
    {#each strokesOf(one, width, height) as { from: a, to: b }, i (i)}
      <line class="under" x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} />
      <line class="over" x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} />
    {/each}
  {/each}
</svg>
{#each lines as one (one.line)}
  <div
    class="grip"
    role="slider"
    tabindex="0"
    data-line={one.line}
    aria-label={LINE_WORDS[one.line]}
    aria-valuemin={0}
    aria-valuemax={100}
    aria-valuenow={Math.round(100 * (one.line === 'plumb' ? one.x : one.y))}
    aria-valuetext="{Math.round(100 * one.x)} % across, {Math.round(100 * one.y)} % down{canTurn(one.line)
      ? `, ${Math.round(one.deg)} degrees`
      : ''}"
    style:left="{one.x * width}px"
    style:top="{one.y * height}px"
    onpointerdown={(event) => begin(event, one)}
    onpointermove={move}
    onpointerup={end}
    onpointercancel={end}
    onkeydown={(event) => key(event, one)}
  ></div>
  {#if canTurn(one.line)}
    {@const arm = armOf(one)}
    <div
      class="grip turn"
      aria-hidden="true"
      style:left="{arm.x}px"
      style:top="{arm.y}px"
      onpointerdown={(event) => begin(event, one, true)}
      onpointermove={move}
      onpointerup={end}
      onpointercancel={end}
    ></div>
  {/if}
{/each}

<style>
  svg {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
  line {
    stroke-linecap: round;
  }
  /* A live picture has any colour: a light line on a dark one is seen on all. */
  .under {
    stroke: #000;
    stroke-width: 4;
    opacity: 0.55;
  }
  .over {
    stroke: #fff;
    stroke-width: 1.5;
  }
  .grip {
    position: absolute;
    width: 2.75rem;
    height: 2.75rem;
    transform: translate(-50%, -50%);
    border-radius: 50%;
    cursor: move;
    touch-action: none;
  }
  .grip::before {
    content: '';
    position: absolute;
    inset: 0.9rem;
    border-radius: 50%;
    background: #fff;
    border: 3px solid var(--next);
  }
  .turn {
    cursor: grab;
  }
  .turn::before {
    background: var(--next);
    border-color: #fff;
  }
</style>
