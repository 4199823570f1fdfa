<script lang="ts">
  import { CHECK_CATEGORIES, checksFor, type Check, type CheckCategory } from '$lib/core/checks';
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { coursesOf, weeksOf } from '$lib/core/progress';
  import { daysLater } from '$lib/core/time';
  import { db, seenResults, type Group } from '$lib/data';
  import { groupByPlayer } from '$lib/data/case';
  import { toCsv } from '$lib/data/csv';
  import { ofPlayers } from '$lib/data/of-players';
  import { clock } from '$lib/ui/clock.svelte';
  import { download, fileNamePart } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { categoryName } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import { courseText, strengthWord } from '$lib/words/progress';
  import HeatStrip from './HeatStrip.svelte';

  /** How a group came along: each player's weeks in a category, and who is stuck at what. */
  let { group }: { group: Group } = $props();

  const DAYS = 182;
  /** Read in one go: each question to the database waits for its answer. */
  const found = live(
    async () => {
      const all = await db.players.where({ groupId: group.id }).toArray();
      const players = all
        .filter(({ archivedOn }) => archivedOn === null)
        .sort((a, b) => (a.name < b.name ? -1 : 1));
      const ids = players.map(({ id }) => id);
      return { players, results: await ofPlayers(db.checks, ids) };
    },
    { players: [], results: [] },
    () => group.id
  );
  let libraries = $state.raw<Readonly<Partial<Record<Family, readonly Check[]>>>>({});
  $effect(() => {
    const families = FAMILIES.filter((one) => found.current.players.some(({ family }) => family === one));
    void Promise.all(families.map(async (family) => [family, await checksFor(family)] as const)).then(
      (all) => (libraries = Object.fromEntries(all))
    );
  });
  let category = $state<CheckCategory | null>(null);
  const from = $derived(daysLater(clock.today, -DAYS));
  /** More rows nobody can read; the list has all of them. */
  const MOST_ROWS = 60;
  const rows = $derived.by(() => {
    const by = groupByPlayer(found.current.results.filter(({ day }) => day >= from));
    return found.current.players.map((player) => {
      const checks = libraries[player.family] ?? [];
      const seen = seenResults(by.get(player.id) ?? []);
      return {
        player,
        weeks: weeksOf(checks, seen, category),
        stuck: coursesOf(
          checks.filter((check) => category === null || check.category === category),
          seen,
          clock.today
        ).filter(({ stuckSince }) => stuckSince !== null)
      };
    });
  });
  const weeks = $derived([...new Set(rows.flatMap((row) => row.weeks.map(({ week }) => week)))].sort());
  const cells = $derived(
    rows
      .slice(0, MOST_ROWS)
      .flatMap((row, at) =>
        row.weeks.map(({ week, strength }): [number, number, number] => [weeks.indexOf(week), at, strength])
      )
  );
  const file = $derived(`progress-${fileNamePart(group.name)}`);

  const saveTable = () =>
    download(
      `${file}.csv`,
      'text/csv',
      toCsv(
        ['player', ...weeks],
        rows.map(({ player, weeks: mine }) => [
          player.name,
          ...weeks.map((week) => {
            const one = mine.find((other) => other.week === week);
            return one ? one.strength.toFixed(1) : '';
          })
        ])
      )
    );
</script>

<div class="course">
  <header>
    <div>
      <h1>Progress of {group.name}</h1>
      <p class="soft">Half a year, the mean of each week. 1 not yet, 2 with help, 3 mostly, 4 secure.</p>
    </div>
    <div class="ways">
      <label>
        <span class="sr-only">Category</span>
        <select
          class="field"
          onchange={({ currentTarget }) =>
            (category = CHECK_CATEGORIES.find((one) => one === currentTarget.value) ?? null)}
        >
          <option value="">All categories</option>
          {#each CHECK_CATEGORIES as one (one)}<option value={one}>{categoryName(one, 'violin')}</option
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
      <a class="btn act" href="/class/{group.id}">Class</a>
    </div>
  </header>
  {#if !found.ready}
    <p class="soft">Opening the records…</p>
  {:else if cells.length === 0}
    <p>Nothing was looked at in this time.</p>
  {:else}
    <HeatStrip
      rows={rows.slice(0, MOST_ROWS).map(({ player }) => player.name)}
      columns={weeks.map(dayText)}
      {cells}
      label="{rows.length} players of {group.name} over {weeks.length} weeks"
      saveAs={file}
    />
    {#if rows.length > MOST_ROWS}<p class="soft">
        {rows.length - MOST_ROWS} more are in the table and the list.
      </p>{/if}
    <Fold name="group-table" title="As a table">
      <table>
        <thead><tr><th>Player</th><th>Last week seen</th><th>Stuck</th></tr></thead>
        <tbody>
          {#each rows as { player, weeks: mine, stuck } (player.id)}
            <tr>
              <th scope="row"><a href="/progress/{player.id}">{player.name}</a></th>
              <td>{strengthWord(mine.at(-1)?.strength ?? 0) || 'not seen'}</td>
              <td
                >{stuck
                  .map((course) => `${course.check.title.toLowerCase()}, ${courseText(course)}`)
                  .join('; ')}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
    </Fold>
  {/if}
</div>

<style>
  .course {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 76rem;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1rem;
  }
  header,
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: start;
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
  a:not(.btn) {
    text-decoration: underline;
    line-height: 2.75rem;
  }
</style>
