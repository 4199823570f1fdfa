<script lang="ts">
  import { CHECK_CATEGORIES, type CheckCategory } from '$lib/core/checks';
  import { coursesOf, summaryOf, testsOf, weeksOf } from '$lib/core/progress';
  import { daysLater } from '$lib/core/time';
  import { db, seenResults, type Group } from '$lib/data';
  import { toCsv } from '$lib/data/files/csv';
  import { playersIn } from '$lib/data/questions/records';
  import { lookedAt } from '$lib/data/questions/looked-at';
  import { clock } from '$lib/ui/clock.svelte';
  import { download, fileNamePart } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { categoryNameIn } from '$lib/words/checks';
  import { dayText, shortDayText } from '$lib/words/dates';
  import GroupTests from '$lib/ui/progress/GroupTests.svelte';
  import HeatStrip from '$lib/ui/progress/HeatStrip.svelte';
  import SummaryTable from '$lib/ui/progress/SummaryTable.svelte';

  /** How a group came along: each player's weeks in a category, who is stuck at what, and their tests. */
  let { group }: { group: Group } = $props();

  const DAYS = 182;
  const found = live(
    async () => {
      const all = await playersIn(db, group.id);
      const players = all
        .filter(({ archivedOn }) => archivedOn === null)
        .sort((a, b) => (a.name < b.name ? -1 : 1));
      return lookedAt(db, players);
    },
    [],
    () => group.id
  );
  let category = $state<CheckCategory | null>(null);
  const from = $derived(daysLater(clock.today, -DAYS));
  /** More rows nobody can read; the list has all of them. */
  const MOST_ROWS = 60;
  const seen = $derived(
    found.current.map(({ player, checks, results }) => ({
      player,
      checks,
      results: seenResults(results.filter(({ day }) => day >= from))
    }))
  );
  const rows = $derived(
    seen.map(({ player, checks, results }) => {
      const mine = checks.filter((check) => category === null || check.category === category);
      return {
        player,
        weeks: weeksOf(checks, results, category),
        summary: summaryOf(coursesOf(mine, results, clock.today))
      };
    })
  );
  const tests = $derived(
    seen.flatMap(({ player, checks, results }) =>
      testsOf(checks, results).map((test) => ({ id: player.id, name: player.name, test }))
    )
  );
  const weeks = $derived([...new Set(rows.flatMap((row) => row.weeks.map(({ week }) => week)))].sort());
  const cells = $derived(
    rows
      .slice(0, MOST_ROWS)
      .flatMap((row, at) =>
        row.weeks.map(({ week, strength }): [number, number, number] => [weeks.indexOf(week), at, strength])
      )
  );
  const players = $derived(found.current.map(({ player }) => player));
  const file = $derived(`progress-${fileNamePart(group.name)}`);

  /** The mean of each week, empty where nothing was looked at. */
  const byWeek = ({ weeks: mine }: (typeof rows)[number]): readonly string[] =>
    weeks.map((week) => mine.find((one) => one.week === week)?.strength.toFixed(1) ?? '');

  const saveTable = () =>
    download(
      `${file}.csv`,
      'text/csv',
      toCsv(
        ['player', ...weeks],
        rows.map((row) => [row.player.name, ...byWeek(row)])
      )
    );
</script>

<div class="progress-part">
  <div class="ways">
    <label>
      <span class="sr-only">Category</span>
      <select
        class="field"
        onchange={({ currentTarget }) =>
          (category = CHECK_CATEGORIES.find((one) => one === currentTarget.value) ?? null)}
      >
        <option value="">All categories</option>
        {#each CHECK_CATEGORIES as one (one)}<option value={one}>{categoryNameIn(one, players)}</option
          >{/each}
      </select>
    </label>
    <button
      type="button"
      class="btn act"
      data-act="save-table"
      disabled={cells.length === 0}
      onclick={saveTable}>Save as a list</button
    >
  </div>
  {#if !found.ready}
    <p class="soft">Opening the records…</p>
  {:else if cells.length === 0}
    <p>
      {category === null
        ? 'Nothing was looked at in this time.'
        : `Nothing of ${categoryNameIn(category, players).toLowerCase()} was looked at in this time.`}
    </p>
  {:else}
    <section aria-labelledby="weeks">
      <h2 id="weeks">Week by week</h2>
      <p class="soft">Half a year, the mean of each week. 1 not yet, 2 with help, 3 mostly, 4 secure.</p>
      <HeatStrip
        rows={rows.slice(0, MOST_ROWS).map(({ player }) => ({ name: player.name }))}
        days={weeks}
        {cells}
        label="{rows.length} players of {group.name} over {weeks.length} weeks"
        saveAs={file}
      />
      {#if rows.length > MOST_ROWS}<p class="soft">
          {rows.length - MOST_ROWS} more are in the table and the list.
        </p>{/if}
      <Fold name="group-table" title="As a table">
        <div class="overflow-x-auto">
          <table>
            <thead>
              <tr>
                <th>Player</th>
                {#each weeks as week (week)}<th title={dayText(week)}>{shortDayText(week)}</th>{/each}
              </tr>
            </thead>
            <tbody>
              {#each rows as row (row.player.id)}
                <tr>
                  <th scope="row">{row.player.name}</th>
                  {#each byWeek(row) as mean, i (weeks[i])}<td class="num">{mean}</td>{/each}
                </tr>
              {/each}
            </tbody>
          </table>
        </div>
      </Fold>
    </section>
    <section aria-labelledby="stands">
      <h2 id="stands">Where they stand</h2>
      <SummaryTable
        of="Player"
        rows={rows.slice(0, MOST_ROWS).map(({ player, summary }) => ({
          id: player.id,
          name: player.name,
          href: `/progress/${player.id}`,
          summary
        }))}
      />
    </section>
    {#if tests.length > 0}
      <section aria-labelledby="tests">
        <h2 id="tests">Tests</h2>
        <GroupTests {tests} saveAs={file} />
      </section>
    {/if}
  {/if}
</div>

<style>
  .progress-part {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1rem;
    max-width: 76rem;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
  }
  th {
    text-align: left;
    font-weight: 550;
    padding-right: 1rem;
  }
  td {
    padding: 0.25rem 1rem 0.25rem 0;
  }
  h2 {
    font-weight: 700;
    font-size: 1.1rem;
    border-bottom: 1px solid var(--ink);
    margin-bottom: 0.35rem;
  }
</style>
