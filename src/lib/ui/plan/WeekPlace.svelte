<script lang="ts">
  import { page } from '$app/state';
  import {
    byPlayer,
    dueUntil,
    lessonsOn,
    mondayOf,
    plannedOn,
    takenUpOn,
    weekdayOf,
    weekOf
  } from '$lib/core/plan';
  import { daysLater, type IsoDay } from '$lib/core/time';
  import { db, type Player } from '$lib/data';
  import { setFocuses, type WeekFocus } from '$lib/data/commands/groups';
  import { askedFor } from '$lib/data/questions/plan';
  import { Action } from '$lib/ui/action.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import { download } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import Tick from '$lib/ui/Tick.svelte';
  import { dayText } from '$lib/words/dates';
  import { WEEKDAY_WORDS } from '$lib/words/plan';
  import DueList from './DueList.svelte';
  import LessonTimes from './LessonTimes.svelte';
  import { Plan } from './plan.svelte';
  import WeekLesson from './WeekLesson.svelte';

  /** A week: which groups come when and what each works on, what is due, and a file for the calendar. */
  const plan = new Plan();
  let from = $state<IsoDay | null>(
    page.url.searchParams.has('next') ? daysLater(mondayOf(clock.today), 7) : null
  );
  const monday = $derived(from ?? mondayOf(clock.today));
  const days = $derived(weekOf(monday));
  let full = $state(false);

  const lessonsOf = ({ groupId }: Player) => plan.groups.find(({ id }) => id === groupId)?.lessons ?? [];
  /** What is due, by the day on which it is taken up. */
  const taken = $derived(
    plan.dues.flatMap((due) => {
      const player = plan.byId[due.playerId];
      return player ? [{ due, player, on: takenUpOn(due.day, lessonsOf(player), clock.today) }] : [];
    })
  );
  const dueOn = (day: IsoDay, isMine: (player: Player) => boolean) =>
    dueUntil(
      taken.filter(({ on, player }) => on === day && isMine(player)).map(({ due }) => due),
      day
    );
  const MOST = 12;

  /** Groups that come in this week, and have nothing planned for it. */
  const unplanned = $derived(
    plan.groups.filter(({ lessons, focuses }) => lessons?.length && plannedOn(focuses, monday) === null)
  );
  const planning = new Action();
  const planAll = () =>
    planning.run(async () => {
      const week = monday;
      const asked = unplanned.map(async (group): Promise<WeekFocus> => [
        group.id,
        await askedFor(db, plan.membersOf(group), clock.today)
      ]);
      await setFocuses(db, week, await Promise.all(asked));
    });

  async function save() {
    await attempt(async () => {
      const { calendarFile } = await import('$lib/print/calendar');
      const names = new Map(plan.players.map(({ id, name }) => [id, name]));
      const dues = taken.map(({ due, on }) => ({ ...due, day: on }));
      const text = calendarFile(dues, names, { full, now: new Date() });
      download(`jarvel-${clock.today}.ics`, 'text/calendar', text);
    });
  }
</script>

<div class="place" style:--wide="72rem" style:--between="1.25rem">
  <header>
    <div>
      <h1>Week</h1>
      <p class="soft">{dayText(days[0] ?? monday)} to {dayText(days[6] ?? monday)}</p>
    </div>
    <div class="ways">
      <button type="button" class="btn act" onclick={() => (from = daysLater(monday, -7))}>Week before</button
      >
      <button
        type="button"
        class="btn act"
        disabled={monday === mondayOf(clock.today)}
        onclick={() => (from = null)}>This week</button
      >
      <button type="button" class="btn act" onclick={() => (from = daysLater(monday, 7))}>Next week</button>
      {#if plan.ready && unplanned.length > 1}
        <button type="button" class="btn act" data-act="plan-all" disabled={planning.busy} onclick={planAll}
          >Plan what most need, for {unplanned.length} groups</button
        >
      {/if}
    </div>
  </header>
  {#if !plan.ready}
    <p class="soft">Opening your records…</p>
  {:else}
    <ol class="days">
      {#each days as day (day)}
        {@const rows = lessonsOn(plan.groups, day)}
        {@const alone = dueOn(day, (player) => lessonsOf(player).length === 0)}
        <li class:today={day === clock.today} data-day={day}>
          <h2>{WEEKDAY_WORDS[weekdayOf(day)]} <span class="soft">{dayText(day)}</span></h2>
          <div>
            {#each rows as { group, lesson, at }, i (`${group.id} ${at}`)}
              {@const again = rows.slice(0, i).some((row) => row.group.id === group.id)}
              <WeekLesson
                {group}
                {lesson}
                {monday}
                members={plan.membersOf(group)}
                dues={again ? [] : dueOn(day, ({ groupId }) => groupId === group.id)}
              />
            {/each}
            {#if alone.length > 0}
              <DueList
                dues={byPlayer(alone)}
                players={plan.byId}
                most={MOST}
                hrefOf={({ id }) => `/players/${id}`}
              />
            {:else if rows.length === 0}<p class="soft">Nothing.</p>{/if}
          </div>
        </li>
      {/each}
    </ol>
    <section aria-labelledby="calendar">
      <h2 id="calendar">For your calendar</h2>
      <p>
        Everything that is due, at the lesson in which it comes up, with an alarm on the day before. Read in
        once more, it changes entries and doubles none.
      </p>
      <p class="ways">
        <Tick bind:checked={full}>With full names</Tick>
        <button type="button" class="btn act" data-act="calendar" onclick={save}
          >Save the calendar file</button
        >
      </p>
    </section>
    <Fold name="lesson-times" title="When the groups come">
      {#each plan.groups as group (group.id)}
        <LessonTimes {group} taken={plan.groups.flatMap(({ lessons = [] }) => lessons)} />
      {:else}
        <p class="soft">No group yet. Give players a group in their record.</p>
      {/each}
    </Fold>
  {/if}
</div>

<style>
  header,
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem 1rem;
  }
  .days > li {
    display: grid;
    grid-template-columns: 10rem minmax(0, 1fr);
    gap: 0 1.5rem;
    padding-block: 0.6rem;
    border-bottom: 1px solid var(--line);
  }
  .days > .today {
    border-left: 4px solid var(--ink);
    padding-left: 0.75rem;
  }
  h2 {
    font-weight: 700;
    font-size: 1.05rem;
  }
  h2 .soft {
    display: block;
    font-weight: 400;
    font-size: 0.95rem;
  }
  @media (max-width: 640px) {
    .place {
      padding-inline: 1rem;
    }
    .days > li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
