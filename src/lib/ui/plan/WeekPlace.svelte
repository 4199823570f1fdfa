<script lang="ts">
  import { CHECK_CATEGORIES } from '$lib/core/checks/types';
  import { byPlayer, dueUntil, lessonsOn, mondayOf, weekdayOf, weekOf } from '$lib/core/plan';
  import { daysLater, type IsoDay } from '$lib/core/time';
  import { db, type Group } from '$lib/data';
  import { setFocus } from '$lib/data/groups';
  import { clock } from '$lib/ui/clock.svelte';
  import { download } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import { categoryName } from '$lib/words/checks';
  import { WEEKDAY_WORDS } from '$lib/words/plan';
  import Behind from './Behind.svelte';
  import DueList from './DueList.svelte';
  import LessonTimes from './LessonTimes.svelte';
  import { Plan } from './plan.svelte';

  /** A week: which groups come when and what each works on, what is due, and a file for the calendar. */
  const plan = new Plan();
  let from = $state<IsoDay | null>(null);
  const monday = $derived(from ?? mondayOf(clock.today));
  const days = $derived(weekOf(monday));
  let full = $state(false);

  const focusOf = (group: Group) => group.focuses?.find(({ week }) => week === monday)?.category ?? null;
  /** Due on a day; what is overdue stands at today. */
  const dueOn = (day: IsoDay) =>
    byPlayer(
      dueUntil(
        day === clock.today ? plan.dues : plan.dues.filter((due) => due.day === day && day > clock.today),
        day
      )
    );
  const MOST = 12;

  async function save() {
    await attempt(async () => {
      const { calendarFile } = await import('$lib/print/calendar');
      const names = new Map(plan.players.map(({ id, name }) => [id, name]));
      const text = calendarFile(plan.dues, names, { full, now: new Date() });
      download(`jarvel-${clock.today}.ics`, 'text/calendar', text);
    });
  }
</script>

<div class="week">
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
    </div>
  </header>
  {#if !plan.ready}
    <p class="soft">Opening your records…</p>
  {:else}
    <ol class="days">
      {#each days as day (day)}
        {@const rows = lessonsOn(plan.groups, day)}
        {@const dues = dueOn(day)}
        <li class:today={day === clock.today} data-day={day}>
          <h2>{WEEKDAY_WORDS[weekdayOf(day)]} <span class="soft">{dayText(day)}</span></h2>
          <div>
            {#each rows as { group, lesson } (`${group.id} ${lesson.time}`)}
              <div class="lesson" data-group={group.id}>
                <p>
                  <b class="num">{lesson.time}</b> <a href="/class/{group.id}">{group.name}</a>
                  <span class="soft">{lesson.minutes} min, {plan.membersOf(group).length} players</span>
                </p>
                <label
                  >works on
                  <select
                    class="field"
                    value={focusOf(group) ?? ''}
                    onchange={({ currentTarget }) =>
                      void attempt(() =>
                        setFocus(
                          db,
                          group.id,
                          monday,
                          CHECK_CATEGORIES.find((one) => one === currentTarget.value) ?? null
                        )
                      )}
                  >
                    <option value="">nothing planned</option>
                    {#each CHECK_CATEGORIES as category (category)}
                      <option value={category}>{categoryName(category, 'violin')}</option>
                    {/each}
                  </select></label
                >
                {#if focusOf(group)}
                  <Behind players={plan.membersOf(group)} category={focusOf(group) ?? 'hold'} />
                {/if}
              </div>
            {/each}
            {#if dues.length > 0}
              <DueList {dues} players={plan.byId} {day} most={MOST} hrefOf={({ id }) => `/players/${id}`} />
            {:else if rows.length === 0}<p class="soft">Nothing.</p>{/if}
          </div>
        </li>
      {/each}
    </ol>
    <section aria-labelledby="calendar">
      <h2 id="calendar">For your calendar</h2>
      <p>
        Everything that is due, with an alarm on the day before. Read in once more, it changes entries and
        doubles none.
      </p>
      <p class="ways">
        <label class="check"><input type="checkbox" bind:checked={full} /> With full names</label>
        <button type="button" class="btn act" data-act="calendar" onclick={save}
          >Save the calendar file</button
        >
      </p>
    </section>
    <Fold name="lesson-times" title="When the groups come">
      {#each plan.groups as group (group.id)}
        <LessonTimes {group} />
      {:else}
        <p class="soft">No group yet. Give players a group in their record.</p>
      {/each}
    </Fold>
  {/if}
</div>

<style>
  .week {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 72rem;
    display: grid;
    gap: 1.25rem;
  }
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
  .lesson {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1.25rem;
    min-height: 3rem;
  }
  .lesson .num {
    font-size: 1.15rem;
    margin-right: 0.5rem;
  }
  .lesson label,
  .check {
    white-space: nowrap;
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
  }
  .check input {
    width: 1.5rem;
    height: 1.5rem;
  }
  @media (max-width: 640px) {
    .week {
      padding-inline: 1rem;
    }
    .days > li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
