<script lang="ts">
  import type { TestCourse } from '$lib/core/progress';
  import { fileNamePart } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { testValue } from '$lib/words/progress';
  import TestChart from './TestChart.svelte';

  /** A test of a group: a line for each player, with the goals; which test is chosen. */
  let {
    tests,
    saveAs
  }: {
    tests: readonly { readonly id: string; readonly name: string; readonly test: TestCourse }[];
    /** The first part of the picture's file name. */
    saveAs: string;
  } = $props();

  /** More lines nobody can follow; the table has all of them. */
  const MOST_LINES = 24;
  const known = $derived(
    tests
      .map(({ test }) => test.check)
      .filter(({ id }, i, all) => all.findIndex((other) => other.id === id) === i)
  );
  let chosen = $state<string | null>(null);
  const check = $derived(known.find(({ id }) => id === chosen) ?? known[0]);
  const rows = $derived(tests.filter(({ test }) => test.check.id === check?.id));
</script>

{#if check}
  {#if known.length > 1}
    <PickOne
      label="Test"
      hideLabel
      none="No test of that name."
      options={known.map(({ id, title }) => ({ value: id, text: title }))}
      value={check.id}
      onpick={(id) => (chosen = id)}
    />
  {:else}
    <p>{check.title}</p>
  {/if}
  <TestChart
    {check}
    lines={rows.slice(0, MOST_LINES).map(({ name, test }) => ({ name, points: test.points }))}
    label="{check.title}, {rows.length} {rows.length === 1 ? 'player' : 'players'} over time"
    saveAs="{saveAs}-{fileNamePart(check.title)}"
  />
  <Fold name="group-tests" title="As a table">
    <table>
      <thead><tr><th>Player</th><th>At first</th><th>Last</th><th>Best</th></tr></thead>
      <tbody>
        {#each rows as { id, name, test } (id)}
          <tr data-test={id}>
            <th scope="row">{name}</th>
            <td class="num">{testValue(check, test.points[0]?.value ?? 0)}</td>
            <td class="num">{testValue(check, test.points.at(-1)?.value ?? 0)}</td>
            <td class="num">{testValue(check, test.best)}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </Fold>
{/if}

<style>
  th {
    text-align: left;
    font-weight: 550;
    padding-right: 1.25rem;
  }
  td {
    padding: 0.25rem 1.25rem 0.25rem 0;
  }
</style>
