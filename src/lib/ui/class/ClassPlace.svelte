<script lang="ts">
  import { CHECK_CATEGORIES, RATINGS, type Rating } from '$lib/core/checks';
  import { db, setAway } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { categoryNameIn, RATING_WORDS, STANDPOINT_NAMES, STANDPOINT_WORDS } from '$lib/words/checks';
  import { ClassRoom, type Sitter } from './class-room.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import GroupName from './GroupName.svelte';
  import GroupWays from './GroupWays.svelte';
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

  function tap(sitter: Sitter) {
    if (sitter.state === 'waiting' && sitter.check?.result === 'rating' && !sitter.hurts) {
      openId = null;
      void room.rate(sitter, { kind: 'rating', rating: brush });
    } else openId = openId === sitter.playerId ? null : sitter.playerId;
  }
</script>

{#if !room.ready}
  <p class="p-6 soft">Opening the room…</p>
{:else if !room.group}
  <section class="p-6 grid gap-3">
    <h1>This group is not here</h1>
    <p><a class="btn act" href="/class">All groups</a></p>
  </section>
{:else}
  <div class="place" style:--wide="90rem" style:--between="0.6rem" data-class>
    <header>
      <GroupName group={room.group} />
      <p class="soft num">{room.seen.length} of {room.here.length} seen</p>
      <progress
        class="progress"
        max={Math.max(1, room.here.length)}
        value={room.seen.length}
        aria-label="Seen"
      ></progress>
      {#if room.at && room.category === null}
        <p class="soft" data-why>
          {categoryNameIn(room.at, room.players)}: {room.planned
            ? 'planned for this week.'
            : 'most of them need it.'}
        </p>
      {/if}
      <span class="ml-auto">
        <a class="btn act" href="/progress/{groupId}">Progress</a>
        <button
          type="button"
          class="btn act"
          aria-pressed={arranging}
          onclick={() => (arranging = !arranging)}>{arranging ? 'Seats are right' : 'Arrange seats'}</button
        >
      </span>
    </header>
    <div class="choose">
      <div class="chips" role="group" aria-label="Category">
        {#each CHECK_CATEGORIES as category (category)}
          <button
            type="button"
            aria-pressed={category === room.at}
            data-category={category}
            onclick={() => room.choose(category)}>{categoryNameIn(category, room.players)}</button
          >
        {/each}
      </div>
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
      <label class="look">
        <select
          class="field"
          aria-label="The look that goes round"
          value={room.check?.id}
          onchange={(event) => {
            room.look(room.looks.find(({ id }) => id === event.currentTarget.value));
            openId = null;
          }}
        >
          {#each room.looks as { id, title } (id)}<option value={id}>{title}</option>{/each}
        </select>
      </label>
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
        <SeatMap {room} {arranging} {openId} ontap={tap} />
        {#if !arranging && room.check?.result === 'rating'}
          <div class="brush" role="group" aria-label="A tap on a seat says">
            <span class="soft">A tap says</span>
            {#each RATINGS.slice(1) as rating (rating)}
              <button
                type="button"
                aria-pressed={brush === rating}
                data-brush={rating}
                onclick={() => (brush = rating)}>{RATING_WORDS[rating]}</button
              >
            {/each}
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
        {:else}
          <SweepSummary {room} onopen={(id) => (openId = id)} />
        {/if}
      </aside>
    </div>
    {#if room.check}
      <Fold name="sweep-list" title="As a list">
        <SweepList {room} />
      </Fold>
    {/if}
    <GroupWays group={room.group} families={room.families} settings={room.settings} />
  </div>
{/if}

<style>
  header,
  .choose,
  .chips,
  .brush {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.35rem 0.75rem;
  }
  header progress {
    width: 12rem;
  }
  .chips {
    gap: 0.25rem;
  }
  .chips button,
  .brush button {
    min-height: 2.75rem;
    padding-inline: 0.8rem;
    border-radius: var(--radius-base);
  }
  .brush button {
    border: 2px solid var(--line-strong);
    min-height: 3.25rem;
    font-weight: 650;
  }
  .chips [aria-pressed='true'],
  .brush [aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
    border-color: var(--ink);
    font-weight: 650;
  }
  .look select {
    min-width: 16rem;
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
    .place {
      padding-inline: 1rem;
    }
    .floor {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
