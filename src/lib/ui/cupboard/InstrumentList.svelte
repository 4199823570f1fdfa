<script lang="ts">
  import { db, newId, type Instrument } from '$lib/data';
  import { addInstruments, type InstrumentForm } from '$lib/data/commands/cupboard';
  import type { InstrumentsOfTable } from '$lib/data/files/instruments-csv';
  import { Action } from '$lib/ui/action.svelte';
  import { download } from '$lib/ui/download';
  import FilePick from '$lib/ui/files/FilePick.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';

  /** The instruments as a list: from a spreadsheet, seen before anything is written, and to one. */
  let { instruments }: { instruments: readonly Instrument[] } = $props();

  const MOST_LINES = 6;

  /** A list that was read, each of its instruments with the id that it will have. */
  type Read = InstrumentsOfTable & {
    readonly lines: readonly string[];
    readonly fresh: (
      here: readonly Instrument[]
    ) => readonly { readonly id: string; readonly form: InstrumentForm }[];
  };
  let read = $state.raw<Read | null>(null);
  let problem = $state('');
  const bringing = new Action();

  const fresh = $derived(read ? read.fresh(instruments) : []);
  const doubled = $derived((read?.instruments.length ?? 0) - fresh.length);

  const open = (file: File) =>
    attempt(async () => {
      const [csv, list, players] = await Promise.all([
        import('$lib/data/files/csv'),
        import('$lib/data/files/instruments-csv'),
        import('$lib/data/files/players-csv')
      ]);
      read = null;
      problem = '';
      const result = csv.readTable(csv.decodeText(await file.arrayBuffer()));
      if (!result.ok) return void (problem = result.problem);
      const found = list.instrumentsOf(result.table);
      if (!found) return void (problem = 'One column must be called Number, and one Size.');
      const coming = found.instruments.map((form) => ({ id: newId(), form }));
      read = {
        ...found,
        lines: players.problemLines(found.problems),
        fresh: (here) => list.freshNumbers(coming, here)
      };
    });

  const bring = () =>
    bringing.run(async () => {
      const count = fresh.length;
      await addInstruments(db, fresh);
      read = null;
      status.say(`${count} ${count === 1 ? 'instrument is' : 'instruments are'} in. Undo takes it back.`);
    });

  const save = () =>
    attempt(async () => {
      const { instrumentsToCsv } = await import('$lib/data/files/instruments-csv');
      download('instruments.csv', 'text/csv;charset=utf-8', instrumentsToCsv(instruments));
    });
</script>

<FilePick label="Bring in a list…" accept=".csv,text/csv,text/plain" onpick={open} />
{#if instruments.length > 0}
  <button type="button" class="btn act" onclick={save}>Save as a list</button>
{/if}
{#if problem}<p class="problems" role="alert">{problem} Nothing was changed.</p>{/if}
{#if read}
  <div class="preview" role="region" aria-label="Instruments to bring in">
    {#if read.lines.length > 0}
      <div class="problems" role="alert">
        {#each read.lines.slice(0, MOST_LINES) as line (line)}<p>{line}</p>{/each}
      </div>
    {/if}
    {#if doubled > 0}<p class="soft">{doubled} with a number that is here already stay out.</p>{/if}
    <p>
      Columns that are understood: Number, Instrument, Size, Overall mm, String mm, State, Stays in the room,
      Notes.
    </p>
    <p class="row">
      {#if fresh.length > 0}
        <button type="button" class="btn act-next" disabled={bringing.busy} onclick={bring}
          >Bring in {fresh.length}{read.problems.length > 0
            ? `, leave out ${read.problems.length} ${read.problems.length === 1 ? 'row' : 'rows'}`
            : ''}</button
        >
      {/if}
      <button type="button" class="btn act" onclick={() => (read = null)}>Leave it</button>
    </p>
  </div>
{/if}

<style>
  .problems {
    flex-basis: 100%;
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    color: var(--stop);
    font-weight: 550;
    overflow-wrap: anywhere;
  }
  .preview {
    flex-basis: 100%;
    border-left: 4px solid var(--next);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.75rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
</style>
