<script lang="ts">
  import type { CsvTable } from '$lib/data/files/csv';
  import type { ColumnMatch, ListColumn } from '$lib/data/files/list-columns';
  import type { RowProblem } from '$lib/data/files/players-csv';

  /** Rows of a list that are not right, each to be put right where it stands. */
  let {
    table,
    match,
    problems,
    mended,
    headingOf,
    onmend
  }: {
    table: CsvTable;
    match: ColumnMatch;
    problems: readonly RowProblem[];
    /** Rows that were put right here: they stay in sight, so that nothing moves under the hand. */
    mended: ReadonlySet<number>;
    headingOf: (column: ListColumn) => string;
    onmend: (row: number, at: number, text: string) => void;
  } = $props();

  /** More than anybody mends by hand. */
  const MOST = 12;
  const rows = $derived.by(() => {
    const wrong = new Map(problems.map((one) => [one.row, one]));
    return [...new Set([...mended, ...wrong.keys()])]
      .sort((a, b) => a - b)
      .slice(0, MOST)
      .map((row) => ({ row, problem: wrong.get(row) ?? null }));
  });
</script>

{#if rows.length > 0}
  <table>
    <caption class="text-left soft">Put right here, or leave them out</caption>
    <tbody>
      {#each rows as { row, problem } (row)}
        <tr>
          <th scope="row">Row {table.numbers[row]}</th>
          {#each match as column, at (at)}
            {#if column}
              <td>
                <input
                  class="field"
                  aria-label="{headingOf(column)} of row {table.numbers[row]}"
                  aria-invalid={problem?.at === at || undefined}
                  value={table.rows[row]?.[at] ?? ''}
                  onchange={({ currentTarget }) => onmend(row, at, currentTarget.value)}
                />
              </td>
            {/if}
          {/each}
          <td>{problem ? '' : '✓ right now'}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}

<style>
  table {
    display: block;
    overflow-x: auto;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 0.4rem 0.25rem 0;
    border-bottom: 1px solid var(--line);
  }
  th {
    font-weight: 600;
    white-space: nowrap;
  }
  td {
    min-width: 7rem;
  }
  [aria-invalid] {
    border: 2px solid var(--stop);
  }
</style>
