<script lang="ts">
  import { goto } from '$app/navigation';
  import { db, newId, type FittingDay, type Player, type PlayerForm } from '$lib/data';
  import { allOf, fittingDays } from '$lib/data/questions/records';
  import { queueMembers, removeDay, startDay, type QueueMember } from '$lib/data/commands/days';
  import { groupsIn } from '$lib/data/questions/roster';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import PlayerImport from '$lib/ui/files/PlayerImport.svelte';
  import { live } from '$lib/ui/live.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { Roster } from '$lib/ui/roster.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import { lineName } from '$lib/words/lines';

  /** Fitting days: those that run, those that are over, and a new line from a group, from who is due, or a file. */
  const days = live<readonly FittingDay[]>(() => fittingDays(db), []);
  const everybody = new Roster();

  const groups = $derived(groupsIn(everybody.entries));
  const due = $derived(everybody.entries.filter(({ standing }) => standing !== 'settled'));
  const starting = new Action();

  const open = $derived(days.current.filter(({ closedAt }) => closedAt === null));
  const closed = $derived(days.current.filter(({ closedAt }) => closedAt !== null));

  const start = (name: string, members: readonly QueueMember[]): Promise<boolean> => {
    const id = newId();
    return starting.run(async () => {
      await startDay(db, name, members, new Date(), id);
      await goto(`/day/${id}`);
    });
  };

  const from = (players: readonly Player[]): readonly QueueMember[] =>
    players.map(({ id }) => ({ playerId: id }));

  function startGroup(groupId: string) {
    const group = groups.find(({ id }) => id === groupId);
    if (group) void start(group.name, from(group.players));
  }
  const startDue = () => start(`Due on ${dayText(clock.today)}`, from(due.map(({ player }) => player)));
  async function startFromFile(forms: readonly PlayerForm[], list: string): Promise<boolean> {
    const [first] = forms;
    const shared = first && forms.every((form) => form.group === first.group) ? first.group : '';
    return start(
      shared || `Line of ${dayText(clock.today)}`,
      queueMembers(forms, await allOf(db, 'players'), list)
    );
  }

  const seen = (day: FittingDay) => day.entries.filter(({ state }) => state !== 'waiting').length;
</script>

<div class="place" style:--wide="56rem">
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
            <a class="btn act-next" href="/day/{day.id}">{lineName(day)}</a>
            <span class="soft">{dayText(day.day)}, {seen(day)} of {day.entries.length} seen</span>
            <button
              type="button"
              class="act-quiet"
              onclick={() => attempt(() => removeDay(db, day.id))}
              aria-label="Remove the line {lineName(day)}">Remove</button
            >
          </li>
        {/each}
      </ul>
    </section>
  {/if}

  <section aria-labelledby="new-line">
    <h2 id="new-line">New line</h2>
    {#if groups.length > 0}
      <PickOne
        label="A group"
        none="No group of that name."
        options={groups.map(({ id, name, players }) => ({ value: id, text: `${name} (${players.length})` }))}
        onpick={startGroup}
      />
    {/if}
    {#if due.length > 0}
      <p>
        <button type="button" class="btn act" disabled={starting.busy} onclick={startDue}
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
        disabled={starting.busy}
        onclick={() => start(`Line of ${dayText(clock.today)}`, [])}>An empty line, names as they come</button
      >
    </p>
  </section>

  {#if closed.length > 0}
    <section aria-labelledby="over">
      <h2 id="over">Over</h2>
      <ul>
        {#each closed as day (day.id)}
          <li>
            <a class="btn act" href="/day/{day.id}">{lineName(day)}</a>
            <span class="soft">{dayText(day.day)}, {day.entries.length} players</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
</div>

<style>
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
</style>
