<script lang="ts">
  import { freeTime, WEEKDAYS, type WeeklyLesson } from '$lib/core/plan';
  import { db, type Group } from '$lib/data';
  import { setLessons } from '$lib/data/commands/groups';
  import { MOST_LESSONS } from '$lib/data/schema/group';
  import { Action } from '$lib/ui/action.svelte';
  import { WEEKDAY_WORDS } from '$lib/words/plan';

  /** When one group comes every week. */
  let {
    group,
    taken
  }: {
    group: Group;
    /** When any group comes: then the teacher is not free. */
    taken: readonly WeeklyLesson[];
  } = $props();

  const lessons = $derived<readonly WeeklyLesson[]>(group.lessons ?? []);
  const changing = new Action();
  const put = (next: readonly WeeklyLesson[]) => changing.run(() => setLessons(db, group.id, next));
  const change = (at: number, patch: Partial<WeeklyLesson>) =>
    put(lessons.map((lesson, i) => (i === at ? { ...lesson, ...patch } : lesson)));
</script>

<div class="times" data-times={group.id}>
  <h3>{group.name}</h3>
  <div>
    {#each lessons as { weekday, time, minutes }, i (i)}
      <p>
        <select
          class="field"
          aria-label="Day"
          value={weekday}
          onchange={({ currentTarget }) =>
            change(i, { weekday: WEEKDAYS[currentTarget.selectedIndex] ?? weekday })}
        >
          {#each WEEKDAYS as one (one)}<option value={one}>{WEEKDAY_WORDS[one]}</option>{/each}
        </select>
        <input
          class="field num"
          type="time"
          aria-label="Time"
          value={time}
          onchange={({ currentTarget }) =>
            currentTarget.value !== '' && change(i, { time: currentTarget.value })}
        />
        <label
          ><input
            class="field num"
            type="number"
            min="5"
            max="300"
            step="5"
            value={minutes}
            onchange={({ currentTarget }) =>
              currentTarget.validity.valid && change(i, { minutes: Math.round(currentTarget.valueAsNumber) })}
          /> minutes</label
        >
        <button
          type="button"
          class="act-quiet"
          disabled={changing.busy}
          onclick={() => put(lessons.filter((_, at) => at !== i))}>Take away</button
        >
      </p>
    {/each}
    {#if lessons.length < MOST_LESSONS}
      <button
        type="button"
        class="btn act"
        disabled={changing.busy}
        onclick={() => put([...lessons, freeTime(lessons, taken)])}
        >{lessons.length === 0 ? 'Set when it comes' : 'One more'}</button
      >
    {/if}
  </div>
</div>

<style>
  .times {
    display: grid;
    grid-template-columns: 12rem minmax(0, 1fr);
    gap: 0 1rem;
    padding-block: 0.5rem;
    border-bottom: 1px solid var(--line);
  }
  h3 {
    font-weight: 650;
    line-height: 2.75rem;
    overflow-wrap: anywhere;
  }
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    padding-bottom: 0.35rem;
  }
  select,
  input[type='time'] {
    width: auto;
  }
  input[type='number'] {
    width: 5rem;
  }
  button.act-quiet {
    min-height: 2.75rem;
  }
  @media (max-width: 640px) {
    .times {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
