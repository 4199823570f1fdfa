<script lang="ts">
  import { dayOf } from '$lib/core/time';
  import { db } from '$lib/data';
  import type { Backup, RestorePreview } from '$lib/data/files/backup';
  import { Action } from '$lib/ui/action.svelte';
  import { status } from '$lib/ui/shell/status.svelte';
  import { dayText } from '$lib/words/dates';
  import { TABLE_WORDS } from '$lib/words/tables';
  import FilePart from './FilePart.svelte';
  import LockField from './LockField.svelte';
  import SafeFilePick from './SafeFilePick.svelte';
  import { isPassword, saveFile } from './save-file';

  /** The whole record as a file, locked or not, and back. Nothing is written before its preview. */
  let restoring = $state.raw<{ backup: Backup; preview: readonly RestorePreview[] } | null>(null);
  let password = $state('');

  const saving = new Action();
  const save = () =>
    saving.run(async () => {
      const { backupFileName, writeBackup } = await import('$lib/data/files/backup');
      const now = new Date();
      const name = backupFileName(now);
      await saveFile(
        { name, lockedName: name.replace(/\.json$/, '-locked.json') },
        await writeBackup(db, now),
        password
      );
      password = '';
    });

  async function read(text: string): Promise<string | null> {
    const { previewRestore, readBackup } = await import('$lib/data/files/backup');
    const found = readBackup(text);
    if (!found.ok) return found.problem;
    restoring = { backup: found.backup, preview: await previewRestore(db, found.backup) };
    return null;
  }

  const restoringNow = new Action();
  async function restore(mode: 'merge' | 'replace') {
    const chosen = restoring;
    if (!chosen) return;
    const { restoreBackup } = await import('$lib/data/files/backup');
    if (await restoringNow.run(() => restoreBackup(db, chosen.backup, mode))) {
      restoring = null;
      status.say('The backup is restored. Undo brings back what was here before.');
    }
  }

  const changes = $derived(
    restoring?.preview.filter(
      ({ added, changed, same, onlyHere }) => added + changed + same + onlyHere > 0
    ) ?? []
  );
  const onlyHere = $derived(changes.reduce((sum, one) => sum + one.onlyHere, 0));
</script>

<FilePart id="backup" title="Backup">
  <p>All players, lengths, sizes, set-ups, checks and settings in one file.</p>
  <div class="row">
    <LockField bind:password />
    <button type="button" class="btn act-next" disabled={saving.busy || !isPassword(password)} onclick={save}
      >{saving.busy ? 'Writing…' : 'Save a backup'}</button
    >
  </div>
  <div class="row">
    <SafeFilePick label="Restore a backup…" onstart={() => (restoring = null)} ontext={read} />
  </div>
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
        {#if onlyHere > 0 && !restoring.backup.part}
          <button
            type="button"
            class="btn act"
            disabled={restoringNow.busy}
            onclick={() => restore('replace')}>Replace everything, remove {onlyHere} records</button
          >
        {/if}
        <button type="button" class="btn act" onclick={() => (restoring = null)}>Leave it</button>
      </p>
    </div>
  {/if}
</FilePart>

<style>
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
