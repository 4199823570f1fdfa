<script lang="ts">
  import { goto } from '$app/navigation';
  import { db, type FittingDay, type Player, type PlayerForm } from '$lib/data';
  import { lineMembers, removeDay, startDay, type LineMember } from '$lib/data/days';
  import { roster, type RosterLine } from '$lib/data/roster';
  import { currentDay } from '$lib/ui/clock';
  import PlayerImport from '$lib/ui/files/PlayerImport.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';

  /** Fitting days: those that run, those that are over, and a new line from a group, from who is due, or a file. */
  const today = currentDay();
  const days = live<readonly FittingDay[]>(() => db.days.orderBy('day').reverse().toArray(), []);
  const lines = live<readonly RosterLine[]>(() => roster(db, today), []);

  const groups = $derived(
    [...new Set(lines.current.map(({ player }) => player.group))].filter((one) => one !== '').sort()
  );
  const DUE = ['due', 'outgrown', 'new', 'under-way'] as const;
  const due = $derived(lines.current.filter(({ standing }) => DUE.some((one) => one === standing)));
  let group = $state('');
  let starting = $state(false);

  const open = $derived(days.current.filter(({ closedAt }) => closedAt === null));
  const closed = $derived(days.current.filter(({ closedAt }) => closedAt !== null));

  async function start(name: string, members: readonly LineMember[]): Promise<boolean> {
    starting = true;
    const started = await attempt(async () => {
      const id = await startDay(db, name, members);
      await goto(`/day/${id}`);
    });
    starting = false;
    return started;
  }

  const from = (players: readonly Player[]): readonly LineMember[] =>
    players.map(({ id }) => ({ playerId: id }));

  const startGroup = () =>
    start(
      group,
      from(lines.current.filter(({ player }) => player.group === group).map(({ player }) => player))
    );
  const startDue = () => start(`Due on ${dayText(today)}`, from(due.map(({ player }) => player)));
  async function startFromFile(forms: readonly PlayerForm[]): Promise<boolean> {
    const [first] = forms;
    const shared = first && forms.every((form) => form.group === first.group) ? first.group : '';
    return start(shared || `Line of ${dayText(today)}`, lineMembers(forms, await db.players.toArray()));
  }

  const seen = (day: FittingDay) => day.entries.filter(({ state }) => state !== 'waiting').length;
</script>

<div class="days">
  <h1>Fitting day</h1>
  <p class="soft">
    A line of players, two or three numbers each, the size at once. Unit and school stay as you set them.
  </p>

  {#if open.length > 0}
    <section aria-labelledby="running">
      <h2 id="running">Go on</h2>
      <ul>
        {#each open as day (day.id)}
          <li>
            <a class="btn act-next" href="/day/{day.id}">{day.name}</a>
            <span class="soft">{dayText(day.day)}, {seen(day)} of {day.entries.length} seen</span>
            <button
              type="button"
              class="act-quiet"
              onclick={() => attempt(() => removeDay(db, day.id))}
              aria-label="Remove the line {day.name}">Remove</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}

  <section aria-labelledby="new-line">
    <h2 id="new-line">New line</h2>
    {#if groups.length > 0}
      <form
        class="row"
        onsubmit={(event) => {
          event.preventDefault();
          if (group !== '') void startGroup();
        }}
      >
        <label>
          <span class="text-sm soft">A group</span>
          <select class="field" bind:value={group}>
            <option value="" disabled>Choose a group</option>
            {#each groups as one (one)}
              <option value={one}
                >{one} ({lines.current.filter(({ player }) => player.group === one).length})</option
              >
            {/each}
          </select>
        </label>
        <button type="submit" class="btn act" disabled={group === '' || starting}>Line them up</button>
      </form>
    {/if}
    {#if due.length > 0}
      <p>
        <button type="button" class="btn act" disabled={starting} onclick={startDue}
          >All {due.length} who are due or have no size</button
        >
      </p>
    {/if}
    <PlayerImport
      label="A class list from CSV…"
      action={(count) => `Line up ${count} ${count === 1 ? 'player' : 'players'}`}
      onplayers={startFromFile}
    />
    <p>
      <button
        type="button"
        class="btn act"
        disabled={starting}
        onclick={() => start(`Line of ${dayText(today)}`, [])}>An empty line, names as they come</button
      >
    </p>
  </section>

  {#if closed.length > 0}
    <section aria-labelledby="over">
      <h2 id="over">Over</h2>
      <ul>
        {#each closed as day (day.id)}
          <li>
            <a class="btn act" href="/day/{day.id}">{day.name}</a>
            <span class="soft">{dayText(day.day)}, {day.entries.length} players</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
</div>

<style>
  .days {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 56rem;
    display: grid;
    gap: 1rem;
  }
  section {
    border-top: 1px solid var(--ink);
    padding-top: 0.75rem;
    display: grid;
    gap: 0.75rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
    padding-block: 0.25rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.75rem;
  }
  label {
    display: grid;
    gap: 0.15rem;
    min-width: 16rem;
  }
</style>
