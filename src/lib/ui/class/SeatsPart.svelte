<script lang="ts">
  import { CHECK_CATEGORIES, RATINGS, type Rating } from '$lib/core/checks';
  import { db, setAway } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { categoryNameIn, RATING_WORDS, STANDPOINT_NAMES, STANDPOINT_WORDS } from '$lib/words/checks';
  import { untrack } from 'svelte';
  import { ClassHold } from './class-hold.svelte';
  import { ClassRoom, type Sitter } from './class-room.svelte';
  import HoldPart from './HoldPart.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import ProgressBar from '$lib/ui/ProgressBar.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import SeatMap from './SeatMap.svelte';
  import SweepList from './SweepList.svelte';
  import SweepSummary from './SweepSummary.svelte';
  import SitterPanel from './SitterPanel.svelte';

  /** One look across the whole class: players where they sit, a tap each, a second tap for what is amiss. */
  let { groupId }: { groupId: string } = $props();

  // The component is keyed by the group.
  // svelte-ignore state_referenced_locally
  const room = new ClassRoom(groupId);

  /** What a first tap says. */
  let brush = $state<Rating>('mostly');
  let openId = $state<string | null>(null);
  let arranging = $state(false);
  const open = $derived(room.sitters.find(({ playerId }) => playerId === openId) ?? null);
  const setting = new Action();
  const hold = new ClassHold(room);
  /** Whose first tap is not shown yet: the next one on that seat is the second. */
  let tapped: readonly string[] = [];
  /** Another look, or seats that are moved, end a clock that runs for all. */
  $effect(() => {
    void [room.check?.id, arranging];
    untrack(() => {
      hold.giveUp();
      hold.done.clear();
      tapped = [];
    });
  });
  $effect(() => {
    const seen = room.seen.map(({ playerId }) => playerId);
    tapped = tapped.filter((id) => !seen.includes(id));
  });
  async function rateFirst(sitter: Sitter) {
    tapped = [...tapped, sitter.playerId];
    const kept = await room.rate(sitter, { kind: 'rating', rating: brush });
    if (!kept) tapped = tapped.filter((id) => id !== sitter.playerId);
  }

  function tap(sitter: Sitter) {
    const { playerId, state, check, hurts } = sitter;
    if (hold.runs) return hold.letGo(sitter);
    if (state === 'waiting' && check?.result === 'rating' && !hurts && !tapped.includes(playerId)) {
      openId = null;
      void rateFirst(sitter);
    } else openId = openId === playerId ? null : playerId;
  }
</script>

{#if !room.ready}
  <p class="soft">Opening the room…</p>
{:else}
  <div class="seats">
    <header>
      <p class="soft num">{room.seen.length} of {room.here.length} seen</p>
      <ProgressBar label="Seen" max={Math.max(1, room.here.length)} value={room.seen.length} />
      {#if room.at && room.category === null}
        <p class="soft" data-why>
          {categoryNameIn(room.at, room.players)}: {room.planned
            ? 'planned for this week.'
            : 'most of them need it.'}
        </p>
      {/if}
      <span class="ml-auto">
        <button
          type="button"
          class="btn act"
          aria-pressed={arranging}
          onclick={() => (arranging = !arranging)}
          >{arranging ? 'Done with the seats' : 'Arrange seats'}</button
        >
      </span>
    </header>
    <div class="choose">
      <Toggles
        label="Category"
        as="category"
        options={CHECK_CATEGORIES.map((value) => ({ value, text: categoryNameIn(value, room.players) }))}
        picked={[room.at]}
        onpick={(category) => room.choose(category)}
      />
      <label>
        <span class="sr-only">From where</span>
        <select
          class="field"
          aria-label="From where"
          value={room.standpoint ?? ''}
          onchange={(event) =>
            (room.standpoint = room.standpoints.find((one) => one === event.currentTarget.value) ?? null)}
        >
          <option value="">From all sides</option>
          {#each room.standpoints as one (one)}<option value={one}>{STANDPOINT_NAMES[one]}</option>{/each}
        </select>
      </label>
      <div class="look">
        <PickOne
          label="The look that goes round"
          hideLabel
          none="No look of that name."
          options={room.looks.map(({ id, title }) => ({ value: id, text: title }))}
          value={room.check?.id ?? null}
          onpick={(picked) => {
            room.look(room.looks.find(({ id }) => id === picked));
            openId = null;
          }}
        />
      </div>
      {#if room.standpoint && room.looks.length > 1}
        <button
          type="button"
          class="btn act"
          onclick={() => {
            const at = room.looks.findIndex(({ id }) => id === room.check?.id);
            room.look(room.looks[(at + 1) % room.looks.length]);
          }}>Next from here</button
        >
      {/if}
    </div>
    {#if room.check}
      <p class="right">
        <b>{room.check.title}.</b>
        {room.check.right} <span class="soft">Look {STANDPOINT_WORDS[room.check.standpoint]}.</span>
      </p>
    {/if}
    <div class="floor">
      <div>
        <SeatMap {room} {arranging} {openId} held={hold.runs ? hold.done : null} ontap={tap} />
        {#if !arranging && room.check?.result === 'seconds'}<HoldPart {hold} check={room.check} />{/if}
        {#if !arranging && room.check?.result === 'rating'}
          <div class="brush">
            <span class="soft">A tap says</span>
            <Toggles
              label="A tap on a seat says"
              as="brush"
              look="framed"
              options={RATINGS.slice(1).map((value) => ({ value, text: RATING_WORDS[value] }))}
              picked={[brush]}
              onpick={(rating) => (brush = rating)}
            />
          </div>
        {/if}
      </div>
      <aside>
        {#if open}
          <SitterPanel
            {room}
            sitter={open}
            onaway={(away) => setting.run(() => setAway(db, groupId, open.player, room.today, away))}
          />
        {:else if arranging}
          <h2>Seats</h2>
          <p>Drag a seat, or move it with the arrow keys. The teacher stands at the bottom.</p>
        {/if}
        {#if !arranging}<SweepSummary {room} onopen={(id) => (openId = id)} pictures={!open} />{/if}
      </aside>
    </div>
    {#if room.check}
      <Fold name="sweep-list" title="As a list">
        <SweepList {room} />
      </Fold>
    {/if}
  </div>
{/if}

<style>
  .seats {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }
  header,
  .choose,
  .brush {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.35rem 0.75rem;
  }
  .look {
    min-width: 18rem;
    font-weight: 650;
  }
  .floor {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 19rem;
    gap: 1rem 2rem;
    align-items: start;
  }
  .brush {
    padding-top: 0.5rem;
  }
  aside {
    display: grid;
    gap: 0.5rem;
  }
  h2 {
    font-size: 1.1rem;
    font-weight: 700;
    border-bottom: 1px solid var(--ink);
  }
  @media (max-width: 900px) {
    .floor {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
