<script lang="ts">
  import { addPlayers, db, groupNames, type PlayerForm } from '$lib/data';
  import type { Backup, RestorePreview } from '$lib/data/backup';
  import { dayOf } from '$lib/core/time';
  import { Action } from '$lib/ui/action.svelte';
  import { download } from '$lib/ui/download';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { dayText } from '$lib/words/dates';
  import { TABLE_WORDS } from '$lib/words/tables';
  import CopyPart from './CopyPart.svelte';
  import FilePick from './FilePick.svelte';
  import PlayerImport from './PlayerImport.svelte';

  /** Files in and out: the whole record as a backup, players as a list. Nothing is written before its preview. */
  let problems = $state.raw<readonly string[]>([]);
  let restoring = $state.raw<{ backup: Backup; preview: readonly RestorePreview[] } | null>(null);

  const restoringNow = new Action();

  function startAnew() {
    problems = [];
    restoring = null;
  }

  async function saveBackup() {
    await attempt(async () => {
      const { backupFileName, writeBackup } = await import('$lib/data/backup');
      const now = new Date();
      download(backupFileName(now), 'application/json', JSON.stringify(await writeBackup(db, now), null, 1));
    });
  }

  async function readFile(file: File) {
    startAnew();
    const { previewRestore, readBackup } = await import('$lib/data/backup');
    const read = readBackup(await file.text());
    if (read.ok) restoring = { backup: read.backup, preview: await previewRestore(db, read.backup) };
    else problems = [read.problem];
  }

  async function restore(mode: 'merge' | 'replace') {
    const chosen = restoring;
    if (!chosen) return;
    const { restoreBackup } = await import('$lib/data/backup');
    if (await restoringNow.run(() => restoreBackup(db, chosen.backup, mode))) {
      startAnew();
      status.say('The backup is restored. Undo brings back what was here before.');
    }
  }

  async function savePlayers() {
    await attempt(async () => {
      const { playersToCsv } = await import('$lib/data/players-csv');
      download(
        'players.csv',
        'text/csv;charset=utf-8',
        playersToCsv(await db.players.orderBy('name').toArray(), await groupNames(db))
      );
    });
  }

  async function addAll(players: readonly PlayerForm[], list: string): Promise<boolean> {
    const added = await attempt(() => addPlayers(db, players, list));
    if (added) status.say(`${players.length} players are in. Undo takes them out again.`);
    return added;
  }

  const changes = $derived(
    restoring?.preview.filter(
      ({ added, changed, same, onlyHere }) => added + changed + same + onlyHere > 0
    ) ?? []
  );
  const onlyHere = $derived(changes.reduce((sum, one) => sum + one.onlyHere, 0));
</script>

<div class="files">
  <h1>Files</h1>
  <p class="soft">
    Everything stays in this browser, on this device. What leaves it are the files that you save here.
  </p>

  {#if problems.length > 0}
    <div class="problems" role="alert">
      {#each problems as problem (problem)}<p>{problem}</p>{/each}
    </div>
  {/if}

  <section aria-labelledby="backup">
    <h2 id="backup">Backup</h2>
    <p>All players, lengths, sizes, set-ups, checks and settings in one file.</p>
    <p class="row">
      <button type="button" class="btn act-next" onclick={saveBackup}>Save a backup</button>
      <FilePick label="Restore a backup…" accept="application/json,.json" onpick={readFile} />
    </p>
    {#if restoring}
      <div class="preview" role="region" aria-label="What restoring would change">
        <p>
          <b
            >Backup{restoring.backup.savedAt
              ? ` of ${dayText(dayOf(new Date(restoring.backup.savedAt)))}`
              : ''}.</b
          > Nothing is changed yet. Restoring would do this:
        </p>
        <table>
          <thead
            ><tr
              ><th scope="col">Records</th><th scope="col">New</th><th scope="col">Changed</th><th scope="col"
                >Same</th
              ><th scope="col">Only here</th></tr
            ></thead
          >
          <tbody>
            {#each changes as line (line.table)}
              <tr>
                <th scope="row">{TABLE_WORDS[line.table]}</th>
                <td>{line.added}</td><td>{line.changed}</td><td>{line.same}</td><td>{line.onlyHere}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="row">
          <button
            type="button"
            class="btn act-next"
            disabled={restoringNow.busy}
            onclick={() => restore('merge')}>Restore{onlyHere > 0 ? ', keep what is only here' : ''}</button
          >
          {#if onlyHere > 0}
            <button
              type="button"
              class="btn act"
              disabled={restoringNow.busy}
              onclick={() => restore('replace')}>Replace everything, remove {onlyHere} records</button
            >
          {/if}
          <button type="button" class="btn act" onclick={startAnew}>Leave it</button>
        </p>
      </div>
    {/if}
  </section>

  <CopyPart />

  <section aria-labelledby="players-list">
    <h2 id="players-list">Players as a list</h2>
    <p>
      A CSV file for a spreadsheet. Columns: Name, Birth month, Growth curve, Instrument, Group, Notes, Photos
      allowed. Only the name must be there.
    </p>
    <p class="row">
      <button type="button" class="btn act" onclick={savePlayers}>Save players as CSV</button>
    </p>
    <PlayerImport
      label="Bring players in from CSV…"
      action={(count) => `Add ${count} ${count === 1 ? 'player' : 'players'}`}
      onplayers={addAll}
    />
  </section>
</div>

<style>
  .files {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 56rem;
    display: grid;
    gap: 1.25rem;
  }
  section {
    border-top: 1px solid var(--ink);
    padding-top: 0.75rem;
    display: grid;
    gap: 0.6rem;
  }
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
  .preview {
    border-left: 4px solid var(--next);
    padding: 0.5rem 1rem;
    display: grid;
    gap: 0.6rem;
  }
  table {
    max-width: 40rem;
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
