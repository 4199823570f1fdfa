<script lang="ts">
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { db, newId, type Player, type PlayerForm } from '$lib/data';
  import { allOf } from '$lib/data/questions/records';
  import type { KnownHow } from '$lib/data/commands/players';
  import { knownPlayers } from '$lib/data/questions/known-players';
  import { Action } from '$lib/ui/action.svelte';
  import type { CsvTable } from '$lib/data/files/csv';
  import type { ColumnMatch, ListColumn } from '$lib/data/files/list-columns';
  import type { DayOrder } from '$lib/data/files/list-values';
  import type { PlayersOfTable } from '$lib/data/files/players-csv';
  import Choice from '$lib/ui/Choice.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import FilePick from './FilePick.svelte';
  import RowsToMend from './RowsToMend.svelte';

  /**
   * Brings players in from a CSV file: what each column means can be changed, rows that are not right are named,
   * and nothing is written before the preview is agreed to.
   */
  let {
    label,
    action,
    updates = false,
    asking = $bindable(false),
    onplayers
  }: {
    label: string;
    /** What the button says for so many players, and for so many of them who are known. */
    action: (count: number, known: number, how: KnownHow) => string;
    /** Takes the players of a list, which has a name of its own; resolves to whether they were taken. */
    onplayers: (players: readonly PlayerForm[], list: string, known: KnownHow) => Promise<boolean>;
    /** Whether what is known can take over what the list says. */
    updates?: boolean;
    /** A preview waits for an answer. */
    asking?: boolean;
  } = $props();

  const PREVIEW_ROWS = 8;

  type Reader = typeof import('$lib/data/files/players-csv') & typeof import('$lib/data/files/list-columns');
  let reader = $state.raw<Reader | null>(null);
  let table = $state.raw<CsvTable | null>(null);
  $effect(() => {
    asking = table !== null;
  });
  let match = $state.raw<ColumnMatch>([]);
  let usualFamily = $state<Family>('violin');
  let dayOrder = $state<DayOrder>('day-first');
  let problem = $state('');

  /** Who is here when the list is read. */
  let here = $state.raw<readonly Player[]>([]);
  let how = $state<KnownHow>('skip');

  const read: PlayersOfTable | null = $derived(
    reader && table && reader.namesAnybody(match)
      ? reader.playersOf(table, match, { family: usualFamily, dayOrder })
      : null
  );

  const found = $derived(read ? knownPlayers(read.players, here) : []);
  const known = $derived(found.filter(({ player }) => player !== null).length);
  const doubled = $derived(found.filter(({ player, sameAs }) => player === null && sameAs !== null).length);
  const MOST_NAMES = 6;
  const knownNames = $derived(found.flatMap(({ player }) => player?.name ?? []).slice(0, MOST_NAMES));

  function startAnew() {
    table = null;
    how = 'skip';
    problem = '';
  }

  async function readFile(file: File) {
    startAnew();
    const [csv, columns, players] = await Promise.all([
      import('$lib/data/files/csv'),
      import('$lib/data/files/list-columns'),
      import('$lib/data/files/players-csv')
    ]);
    reader = { ...columns, ...players };
    const result = csv.readTable(csv.decodeText(await file.arrayBuffer()));
    if (!result.ok) {
      problem = result.problem;
      return;
    }
    list = newId();
    here = await allOf(db, 'players');
    match = columns.matchColumns(result.table.headings, result.table.rows);
    mended = new Set();
    table = result.table;
  }

  /** Rows that were put right here: they stay in sight, so that nothing moves under the hand. */
  let mended = $state.raw<ReadonlySet<number>>(new Set());
  function mend(row: number, at: number, text: string) {
    if (!table) return;
    const cells = [...(table.rows[row] ?? [])];
    while (cells.length <= at) cells.push('');
    cells[at] = text.trim();
    mended = new Set([...mended, row]);
    table = { ...table, rows: table.rows.map((one, index) => (index === row ? cells : one)) };
  }
  function mean(index: number, column: ListColumn | null) {
    match = match.map((one, at) => (at === index ? column : one === column ? null : one));
  }

  /** Made when the list was read: taken twice, it adds everybody once. */
  let list = newId();
  const taking = new Action();

  const take = () =>
    taking.run(async () => {
      if (read && (await onplayers(read.players, list, how))) startAnew();
    });
</script>

<p class="row">
  <FilePick {label} accept=".csv,text/csv,text/plain" onpick={readFile} />
</p>
{#if problem}
  <div class="problems" role="alert">
    <p>{problem}</p>
    <p>Nothing was changed.</p>
  </div>
{/if}
{#if table && reader}
  {@const { headingOf, LIST_COLUMNS, namesAnybody, problemLines } = reader}
  <div class="preview" role="region" aria-label="Players to bring in">
    {#if !namesAnybody(match)}
      <p class="stop" role="alert">No column is called a name. Say below which one holds the names.</p>
    {/if}
    <table>
      <caption class="text-left soft">What the columns mean</caption>
      <thead>
        <tr><th scope="col">In the file</th><th scope="col">For example</th><th scope="col">Means</th></tr>
      </thead>
      <tbody>
        {#each table.headings as heading, index (index)}
          <tr>
            <th scope="row">{heading || `Column ${index + 1}`}</th>
            <td>{table.rows.find((row) => row[index])?.[index] ?? '–'}</td>
            <td>
              <select
                class="field"
                aria-label="What {heading || `column ${index + 1}`} means"
                value={match[index] ?? ''}
                onchange={(event) =>
                  mean(index, LIST_COLUMNS.find((column) => column === event.currentTarget.value) ?? null)}
              >
                <option value="">left out</option>
                {#each LIST_COLUMNS as column (column)}<option value={column}>{headingOf(column)}</option
                  >{/each}
              </select>
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if !match.includes('family')}
      <Choice
        label="All of them play"
        value={usualFamily}
        options={FAMILIES.map((value) => ({ value, text: FAMILY_WORDS[value] }))}
        onpick={(value) => (usualFamily = value)}
      />
    {/if}
    {#if read}
      {#if read.unclearDate !== null}
        <Choice
          label="{read.unclearDate} means"
          value={dayOrder}
          options={[
            { value: 'day-first', text: 'the day first' },
            { value: 'month-first', text: 'the month first' }
          ]}
          onpick={(value) => (dayOrder = value)}
        />
      {/if}
      {#if read.problems.length > 0}
        <div class="problems" role="alert">
          {#each problemLines(read.problems) as line (line)}<p>{line}</p>{/each}
          <p>Nothing was changed.</p>
        </div>
      {/if}
      <RowsToMend {table} {match} problems={read.problems} {mended} {headingOf} onmend={mend} />
      {#if read.players.length > 0}
        <p><b>{read.players.length} players</b> can be brought in. Nothing is changed yet.</p>
        <table>
          <thead
            ><tr
              ><th scope="col">Name</th><th scope="col">Instrument</th><th scope="col">Birth month</th><th
                scope="col">Group</th
              ></tr
            ></thead
          >
          <tbody>
            {#each read.players.slice(0, PREVIEW_ROWS) as player, index (index)}
              <tr
                ><th scope="row">{player.name}</th><td>{FAMILY_WORDS[player.family]}</td><td
                  >{player.birthMonth ?? '–'}</td
                ><td>{player.group || '–'}</td></tr
              >
            {/each}
          </tbody>
        </table>
        {#if read.players.length > PREVIEW_ROWS}<p class="soft">
            And {read.players.length - PREVIEW_ROWS} more.
          </p>{/if}
        {#if known > 0}
          <p role="note" data-known={known}>
            <b>{known} {known === 1 ? 'is' : 'are'} here already</b>, by name and birth month: {knownNames.join(
              ', '
            )}{known > MOST_NAMES ? ` and ${known - MOST_NAMES} more` : ''}. Nobody comes in twice.
          </p>
          {#if updates}
            <Choice
              label="Who is here already"
              value={how}
              options={[
                { value: 'skip', text: 'stays as it is' },
                { value: 'update', text: 'takes over what the list says' }
              ]}
              onpick={(value) => (how = value)}
            />
          {/if}
        {/if}
        {#if doubled > 0}<p class="soft">{doubled} stand twice in the list and come once.</p>{/if}
      {/if}
      <p class="row">
        {#if read.players.length > 0}
          <button
            type="button"
            class="btn {read.problems.length > 0 ? 'act' : 'act-next'}"
            disabled={taking.busy}
            onclick={take}
            >{action(read.players.length - doubled, known, how)}{read.problems.length > 0
              ? `, leave out ${read.problems.length} ${read.problems.length === 1 ? 'row' : 'rows'}`
              : ''}</button
          >
        {/if}
        <button type="button" class="btn act" onclick={startAnew}>Leave it</button>
      </p>
    {:else}
      <p class="row"><button type="button" class="btn act" onclick={startAnew}>Leave it</button></p>
    {/if}
  </div>
{/if}

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
  }
  .problems {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    color: var(--stop);
    font-weight: 550;
    overflow-wrap: anywhere;
  }
  .stop {
    color: var(--stop);
    font-weight: 550;
  }
  .preview {
    border-left: 4px solid var(--next);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.75rem;
  }
  table {
    max-width: 44rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 1rem 0.25rem 0;
    border-bottom: 1px solid var(--line);
    overflow-wrap: anywhere;
  }
  tbody th {
    font-weight: 600;
  }
</style>
