<script lang="ts">
  import { anglesOf, byCategory, coursesOf, summaryOf, testsOf } from '$lib/core/progress';
  import { daysLater } from '$lib/core/time';
  import { newestFirst, newestFitOf, readingsOf, seenResults, type Player } from '$lib/data';
  import { toCsv } from '$lib/data/files/csv';
  import { faultLooks, standingsFor, strengthBy } from '$lib/data/commands/remedies';
  import { termReport } from '$lib/print/report';
  import { clock } from '$lib/ui/clock.svelte';
  import { download, fileNamePart } from '$lib/ui/download';
  import KeptPictures from '$lib/ui/photo/KeptPictures.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import ChildStrip from '$lib/ui/player/ChildStrip.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import { LivePlayer } from '$lib/ui/live-player.svelte';
  import { categoryName, outcomeText } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import { courseText, strengthWord, testText, testValue } from '$lib/words/progress';
  import AnglesPart from './AnglesPart.svelte';
  import HeatStrip from './HeatStrip.svelte';
  import SummaryTable from './SummaryTable.svelte';
  import TermReportView from './TermReportView.svelte';
  import TestChart from './TestChart.svelte';
  import TriedTable from './TriedTable.svelte';

  /** How one player came along: checks over time, tests, what is stuck, what helped, and the term's report. */
  let { player }: { player: Player } = $props();

  const records = new LivePlayer(() => player.id, ['checks', 'remedies', 'measurements', 'fits', 'setups']);
  const library = records.library();

  const TERMS = { '13 weeks': 91, '26 weeks': 182, 'a year': 365 } as const;
  let term = $state<keyof typeof TERMS>('26 weeks');
  const from = $derived(daysLater(clock.today, -TERMS[term]));
  const seen = $derived(seenResults(records.of('checks')).filter(({ day }) => day >= from));
  const courses = $derived(coursesOf(library.checks, seen, clock.today));
  const tests = $derived(testsOf(library.checks, seen));
  const angles = $derived(anglesOf(records.of('checks').filter(({ day }) => day >= from)));
  const days = $derived([...new Set(courses.flatMap((course) => course.days.map(({ day }) => day)))].sort());
  const parts = $derived(byCategory(courses));
  /** The strip's rows: each category, and below it its checks. */
  const strip = $derived(
    parts.flatMap(({ category, courses: mine }) => [
      { name: categoryName(category, player.family), isHeading: true, days: [] },
      ...mine.map((course) => ({ name: course.check.title, isHeading: false, days: course.days }))
    ])
  );
  const cells = $derived(
    strip.flatMap((one, row) =>
      one.days.map(({ day, strength }): [number, number, number] => [days.indexOf(day), row, strength])
    )
  );
  const tried = $derived(
    standingsFor(
      records.of('remedies'),
      faultLooks(records.of('checks'), strengthBy(library.checks)),
      clock.today
    ).toReversed()
  );
  const who = $derived(
    drawnAs(
      player.family,
      readingsOf({ measurements: records.of('measurements'), today: clock.today }),
      newestFitOf(player, records.of('fits'))?.size ?? null,
      newestFirst(records.of('setups')).find(({ family }) => family === player.family) ?? null,
      records.settings
    )
  );
  const report = $derived(
    termReport({
      player,
      courses,
      tests,
      from,
      today: clock.today,
      who,
      teacherName: records.settings.teacherName
    })
  );
  const file = $derived(`progress-${fileNamePart(player.name)}`);

  function saveTable() {
    const known = new Map(library.checks.map((check) => [check.id, check]));
    const rows = newestFirst(records.of('checks')).flatMap(({ checkId, day, outcome, faults }) => {
      const check = known.get(checkId);
      if (!check || day < from) return [];
      const texts = check.faults.filter((fault) => faults.includes(fault.id)).map(({ text }) => text);
      return [
        [
          day,
          categoryName(check.category, player.family),
          check.title,
          outcomeText(outcome),
          texts.join('; ')
        ]
      ];
    });
    download(`${file}.csv`, 'text/csv', toCsv(['day', 'category', 'check', 'seen', 'faults'], rows));
  }
</script>

<div class="place" style:--wide="76rem">
  <ChildStrip {player} here="progress" />
  <header class="no-print">
    <p class="soft">{courses.length} checks looked at on {days.length} days</p>
    <div class="ways">
      <Toggles
        label="How far back"
        as="term"
        look="framed"
        options={(Object.keys(TERMS) as (keyof typeof TERMS)[]).map((value) => ({ value, text: value }))}
        picked={[term]}
        onpick={(value) => (term = value)}
      />
      <button
        type="button"
        class="btn act"
        data-act="save-table"
        disabled={courses.length === 0}
        onclick={saveTable}>Save as a list</button
      >
    </div>
  </header>
  {#if !library.ready || !records.ready}
    <p class="soft">Opening the record…</p>
  {:else if courses.length === 0}
    <p>Nothing was looked at in this time.</p>
    <p><a class="btn act-next" href="/lesson/{player.id}">To the lesson</a></p>
  {:else}
    <div class="no-print parts">
      <section aria-labelledby="stands">
        <h2 id="stands">Where it stands</h2>
        <SummaryTable
          of="Category"
          rows={parts.map(({ category, courses: mine }) => ({
            id: category,
            name: categoryName(category, player.family),
            summary: summaryOf(mine)
          }))}
        />
      </section>
      <section aria-labelledby="over-time">
        <h2 id="over-time">Checks over time</h2>
        <p class="soft">1 not yet, 2 with help, 3 mostly, 4 secure.</p>
        <HeatStrip
          rows={strip}
          {days}
          {cells}
          label="{courses.length} checks of {player.name} over {days.length} days"
          saveAs={file}
        />
        <Fold name="courses" title="As a table">
          <table>
            <thead><tr><th>Check</th><th>Now</th><th>Course</th></tr></thead>
            <tbody>
              {#each courses as course (course.check.id)}
                <tr data-course={course.check.id}>
                  <th scope="row">{course.check.title}</th>
                  <td>{strengthWord(course.days.at(-1)?.strength ?? 0)}</td>
                  <td>{courseText(course)}</td>
                </tr>
              {/each}
            </tbody>
          </table>
        </Fold>
      </section>
      {#if tests.length > 0}
        <section aria-labelledby="tests">
          <h2 id="tests">Tests</h2>
          <div class="tests">
            {#each tests as test (test.check.id)}
              <figure>
                <figcaption>{testText(test)}</figcaption>
                <TestChart
                  check={test.check}
                  lines={[{ name: test.check.title, points: test.points }]}
                  label={testText(test)}
                  saveAs={fileNamePart(test.check.title)}
                />
                <Fold name="test-{test.check.id}" title="As a table">
                  <table>
                    <tbody>
                      {#each test.points as { day, value }, i (`${day} ${i}`)}
                        <tr><th scope="row">{dayText(day)}</th><td>{testValue(test.check, value)}</td></tr>
                      {/each}
                    </tbody>
                  </table>
                </Fold>
              </figure>
            {/each}
          </div>
        </section>
      {/if}
      {#if angles.length > 0}<AnglesPart courses={angles} {who} />{/if}
      <KeptPictures playerId={player.id} name={player.name} />
      {#if tried.length > 0}
        <section aria-labelledby="tried">
          <h2 id="tried">What was tried</h2>
          <TriedTable {tried} checks={library.checks} />
        </section>
      {/if}
    </div>
    <TermReportView {report} {file} />
  {/if}
</div>

<style>
  .parts {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1.25rem;
  }
  header,
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0.5rem 1rem;
  }
  h2 {
    font-weight: 700;
    font-size: 1.1rem;
    border-bottom: 1px solid var(--ink);
    margin-bottom: 0.35rem;
  }
  .tests {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
    gap: 1rem 2rem;
  }
  th {
    text-align: left;
    font-weight: 550;
    padding-right: 1rem;
  }
  td {
    padding: 0.25rem 1rem 0.25rem 0;
  }
  @media print {
    .place {
      padding: 0;
    }
  }
</style>
