<script lang="ts" module>
  /** A place of a drawing that is dragged to set a value. */
  export interface Handle {
    readonly id: string;
    readonly name: string;
    readonly spot: string;
    readonly value: number;
    readonly low: number;
    readonly high: number;
    /** What the value says. */
    readonly text: string;
    /** Up and down, or along the view from the player's left: then towards the player is more. */
    readonly axis: 'up' | 'along';
    /** Change of the value with each mm of the drawing. */
    readonly perMm: number;
    /** Its name stands beside it already. */
    readonly bare?: boolean;
  }
</script>

<script lang="ts">
  let {
    handle,
    x,
    y,
    scale,
    azimuth,
    before = false,
    onmove
  }: {
    handle: Handle;
    x: number;
    y: number;
    /** Pixels per mm. */
    scale: number;
    /** From where the drawing is seen, degrees. */
    azimuth: number;
    /** Its name stands on its left, away from the figure. */
    before?: boolean;
    /** A new value, and whether it is the last of this move; null gives the move up. */
    onmove: (id: string, value: number | null, done: boolean) => void;
  } = $props();

  /** Seen from the front, what runs along the view can't be dragged. */
  const NARROWEST = 0.35;
  let from: { readonly x: number; readonly y: number; readonly value: number } | null = $state(null);
  const side = $derived(Math.sin((azimuth * Math.PI) / 180));
  const shown = $derived(handle.axis === 'up' || Math.abs(side) > NARROWEST);

  const within = (value: number) => Math.min(handle.high, Math.max(handle.low, Math.round(value)));

  function at(event: PointerEvent): number {
    if (!from) return handle.value;
    const mm =
      handle.axis === 'up' ? (from.y - event.clientY) / scale : (event.clientX - from.x) / scale / side;
    return within(from.value + mm * handle.perMm);
  }

  function begin(event: PointerEvent) {
    if (event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    from = { x: event.clientX, y: event.clientY, value: handle.value };
  }

  function move(event: PointerEvent) {
    if (from) onmove(handle.id, at(event), false);
  }

  function end(event: PointerEvent) {
    if (!from) return;
    const value = at(event);
    const moved = value !== Math.round(from.value);
    from = null;
    if (moved) onmove(handle.id, value, true);
  }

  /** What was dragged so far is given up. */
  function cancel() {
    if (from) onmove(handle.id, null, false);
    from = null;
  }

  function key(event: KeyboardEvent) {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = within(Math.round(handle.value) + by);
    if (next !== Math.round(handle.value)) onmove(handle.id, next, true);
  }
</script>

{#if shown}
  <div
    class="handle no-print"
    class:along={handle.axis === 'along'}
    class:bare={handle.bare}
    class:before
    role="slider"
    tabindex="0"
    data-handle={handle.id}
    aria-label={handle.name}
    aria-valuemin={handle.low}
    aria-valuemax={handle.high}
    aria-valuenow={Math.round(handle.value)}
    aria-valuetext={handle.text}
    style:left="{x}px"
    style:top="{y}px"
    onpointerdown={begin}
    onpointermove={move}
    onpointerup={end}
    onpointercancel={cancel}
    onkeydown={key}
  >
    {#if !handle.bare}<span>{handle.name}</span>{/if}
  </div>
{/if}

<style>
  .handle {
    position: absolute;
    width: 2.75rem;
    height: 2.75rem;
    transform: translate(-50%, -50%);
    cursor: ns-resize;
    touch-action: none;
    border-radius: 50%;
  }
  .along {
    cursor: ew-resize;
  }
  .handle::before {
    content: '';
    position: absolute;
    inset: 0.8rem;
    border-radius: 50%;
    background: var(--ground);
    border: 3px solid var(--next);
  }
  /* A ring round what is drawn there already. */
  .bare::before {
    inset: 0.7rem;
    background: transparent;
    border-width: 2px;
  }
  .handle:hover::before,
  .handle:focus-visible::before {
    background: var(--next);
  }
  span {
    position: absolute;
    left: 2.2rem;
    top: 50%;
    transform: translateY(-50%);
    font-size: 12px;
    font-weight: 650;
    color: var(--next);
    background: color-mix(in oklab, var(--ground) 75%, transparent);
    border-radius: 4px;
    padding-inline: 0.25rem;
  }
  .before span {
    left: auto;
    right: 2.2rem;
  }
</style>
