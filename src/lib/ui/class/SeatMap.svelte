<script lang="ts">
  import { db, setSeats } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import { RATING_WORDS } from '$lib/words/checks';
  import type { ClassRoom, Sitter } from './class-room.svelte';
  import { inRoom } from './room';

  /** The room from above: a seat for each player, to tap, or to move while seats are arranged. */
  let {
    room,
    arranging,
    openId,
    held = null,
    ontap
  }: {
    room: ClassRoom;
    arranging: boolean;
    openId: string | null;
    /** Seconds of who let go while all hold together; null while no clock runs for all. */
    held?: ReadonlyMap<string, number> | null;
    ontap: (sitter: Sitter) => void;
  } = $props();

  const STEP = 0.02;
  let floor: HTMLElement | undefined = $state();
  /** The seat under the finger, while it is moved. */
  let moving = $state.raw<{ readonly playerId: string; readonly x: number; readonly y: number } | null>(null);

  const placeOf = (sitter: Sitter) => (moving?.playerId === sitter.playerId ? moving : sitter);

  function keep(playerId: string, x: number, y: number) {
    const { group } = room;
    if (!group) return;
    // All seats are kept with the first that is moved, so that the others stay where they were seen.
    const seats = room.sitters.map((one) =>
      one.playerId === playerId
        ? { playerId, x: inRoom(x), y: inRoom(y) }
        : { playerId: one.playerId, x: one.x, y: one.y }
    );
    void attempt(() => setSeats(db, group.id, seats));
  }

  function down(event: PointerEvent, sitter: Sitter) {
    if (!arranging || event.button !== 0) return;
    event.preventDefault();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    moving = { playerId: sitter.playerId, x: sitter.x, y: sitter.y };
  }
  function move(event: PointerEvent) {
    if (!moving || !floor) return;
    const box = floor.getBoundingClientRect();
    moving = {
      ...moving,
      x: inRoom((event.clientX - box.left) / box.width),
      y: inRoom((event.clientY - box.top) / box.height)
    };
  }
  function up() {
    if (moving) keep(moving.playerId, moving.x, moving.y);
    moving = null;
  }

  const ARROWS: Readonly<Partial<Record<string, readonly [number, number]>>> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -STEP],
    ArrowDown: [0, STEP]
  };
  function keydown(event: KeyboardEvent, sitter: Sitter) {
    const by = ARROWS[event.key];
    if (!arranging || !by) return;
    event.preventDefault();
    keep(sitter.playerId, sitter.x + by[0], sitter.y + by[1]);
  }

  /** A fault that was seen is never all there, whatever the rating. */
  const isWhole = ({ strength, result }: Sitter) => strength >= 3 && !result?.faults.length;
  const isPart = (sitter: Sitter) => !isWhole(sitter) && sitter.strength >= 2;

  const secondsOf = ({ playerId }: Sitter) => {
    const seconds = held?.get(playerId);
    return seconds === undefined ? '…' : String(Math.round(seconds));
  };
  /** Pain is a dot that says nothing to a room of children; its words come with the tap. */
  const signOf = (sitter: Sitter) =>
    sitter.hurts
      ? '•'
      : held && sitter.state !== 'away' && sitter.check
        ? secondsOf(sitter)
        : sitter.state === 'away'
          ? '–'
          : sitter.state === 'waiting'
            ? ''
            : isWhole(sitter)
              ? '✓'
              : isPart(sitter)
                ? '~'
                : '✗';
  const kindOf = (sitter: Sitter) =>
    sitter.hurts
      ? 'hurts'
      : sitter.state !== 'seen'
        ? sitter.state
        : isWhole(sitter)
          ? 'there'
          : isPart(sitter)
            ? 'part'
            : 'amiss';
  const saidOf = ({ state, result, hurts, check }: Sitter) =>
    hurts
      ? 'pain was noted'
      : state === 'away'
        ? 'away'
        : !check
          ? 'has no such look'
          : result?.outcome.kind === 'rating'
            ? RATING_WORDS[result.outcome.rating].toLowerCase()
            : result
              ? 'seen'
              : 'not looked at';
  const short = (name: string) => (name.length > 12 ? `${name.split(' ')[0] ?? name}`.slice(0, 12) : name);
</script>

<div class="room" class:arranging bind:this={floor}>
  {#each room.sitters as sitter (sitter.playerId)}
    {@const place = placeOf(sitter)}
    <button
      type="button"
      class="seat {kindOf(sitter)}"
      class:without={!sitter.check}
      style:left="{100 * place.x}%"
      style:top="{100 * place.y}%"
      aria-label="{sitter.player.name}, {saidOf(sitter)}"
      aria-expanded={openId === sitter.playerId}
      data-seat={sitter.playerId}
      onclick={() => !arranging && ontap(sitter)}
      onpointerdown={(event) => down(event, sitter)}
      onpointermove={move}
      onpointerup={up}
      onpointercancel={() => (moving = null)}
      onkeydown={(event) => keydown(event, sitter)}
    >
      <span class="sign" aria-hidden="true">{signOf(sitter)}</span>
      <span class="name">{short(sitter.player.name)}</span>
    </button>
  {/each}
  <p class="teacher soft" aria-hidden="true">You</p>
</div>

<style>
  .room {
    position: relative;
    width: 100%;
    aspect-ratio: 16 / 8.5;
    border: 1px solid var(--line-strong);
    border-bottom-width: 3px;
    border-radius: var(--radius-container);
    background: color-mix(in oklab, var(--panel) 60%, transparent);
  }
  .seat {
    position: absolute;
    transform: translate(-50%, -50%);
    min-width: 4.5rem;
    max-width: 7rem;
    min-height: 3.1rem;
    padding: 0.15rem 0.4rem;
    border: 2px solid var(--line-strong);
    border-radius: 0.9rem 0.9rem 0.35rem 0.35rem;
    background: var(--panel);
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    line-height: 1.1;
    font-size: 0.9rem;
  }
  .name {
    max-width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .sign {
    font-weight: 750;
    font-size: 1.1rem;
    min-height: 1.1rem;
  }
  .seat.there {
    border-color: var(--fits);
    color: var(--fits);
  }
  .seat.part {
    border: 2px dashed var(--ink);
  }
  .seat.amiss {
    border: 3px solid var(--large);
    color: var(--large);
  }
  .seat.hurts {
    border: 3px solid var(--ink);
  }
  .seat.away,
  .seat.without {
    border-style: dotted;
    color: var(--ink-soft);
  }
  .seat[aria-expanded='true'] {
    outline: 3px solid var(--next);
    outline-offset: 2px;
  }
  .arranging .seat {
    cursor: grab;
    touch-action: none;
  }
  .teacher {
    position: absolute;
    bottom: 0.1rem;
    left: 50%;
    transform: translateX(-50%);
    font-size: 0.85rem;
  }
  @media (max-width: 640px) {
    .room {
      aspect-ratio: 3 / 4;
    }
    .seat {
      min-width: 3.6rem;
      font-size: 0.8rem;
    }
  }
</style>
