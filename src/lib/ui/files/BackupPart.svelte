<script lang="ts">
  import { onDestroy } from 'svelte';
  import { dayOf } from '$lib/core/time';
  import type { RestoreMode, RestorePreview } from '$lib/data/files/restore';
  import type { FileContent } from '$lib/data/files/desk';
  import { backupFileName, lockedFileName } from '$lib/data/files/names';
  import { Action } from '$lib/ui/action.svelte';
  import { status } from '$lib/ui/shell/status.svelte';
  import { timeText } from '$lib/words/clock';
  import { dayText } from '$lib/words/dates';
  import { TABLE_WORDS } from '$lib/words/tables';
  import { FileDesk } from './file-desk.svelte';
  import FilePart from './FilePart.svelte';
  import LockField from './LockField.svelte';
  import SafeFilePick from './SafeFilePick.svelte';
  import { isPassword, saveFile } from './save-file';
  import Underway from './Underway.svelte';

  /** The whole record as a file, locked or not, and back. Nothing is written before its preview. */
  let {
    asking = $bindable(),
    quiet
  }: {
    /** A preview waits for an answer. */
    asking: boolean;
    /** Another part asks something: the next action is there. */
    quiet: boolean;
  } = $props();

  const desk = new FileDesk();
  onDestroy(() => desk.end());

  let restoring = $state.raw<{ content: FileContent; preview: RestorePreview } | null>(null);
  let password = $state('');
  $effect(() => {
    asking = restoring !== null;
  });

  /** Why the file that was just saved can't be restored. */
  let problem = $state<string | null>(null);
  const saving = new Action();
  const save = () =>
    saving.run(async () => {
      const name = backupFileName(new Date());
      problem = await saveFile(
        desk,
        { name, lockedName: lockedFileName(name) },
        { kind: 'backup' },
        password
      );
      password = '';
    });

  async function read(content: FileContent): Promise<void> {
    const preview = await desk.run('Comparing it with what is here', (door) => door.previewRestore());
    restoring = { content, preview };
  }

  const restoringNow = new Action();
  async function restore(mode: RestoreMode) {
    let until: string | null = null;
    const done = await restoringNow.run(async () => {
      ({ until } = await desk.run(
        'Restoring',
        (door, report) => door.restore(mode, report),
        'Restored a backup'
      ));
    });
    if (!done) return;
    restoring = null;
    status.say(
      until === null
        ? 'The backup is restored. Undo brings back what was here before.'
        : `The backup is restored. Until ${timeText(until)} undo brings back what was here before; then the players who went with it are forgotten.`
    );
  }

  const lines = $derived(
    restoring?.preview.lines.filter(
      ({ added, changed, same, onlyHere }) => added + changed + same + onlyHere > 0
    ) ?? []
  );
  const onlyHere = $derived(lines.reduce((sum, one) => sum + one.onlyHere, 0));
  const MOST_NAMES = 5;
  const back = $derived(restoring?.preview.back ?? []);
</script>

<FilePart id="backup" title="Backup">
  <p>All players, lengths, sizes, set-ups, checks and settings in one file.</p>
  <div class="row">
    <LockField bind:password />
    <button
      type="button"
      class="btn {asking || quiet ? 'act' : 'act-next'}"
      disabled={saving.busy || !isPassword(password)}
      onclick={save}>{saving.busy ? 'Writing…' : 'Save a backup'}</button
    >
  </div>
  {#if problem !== null}
    <p class="damaged" role="alert">
      The file is saved and everything is in it, but it can’t be restored as it is: {problem} Keep it, and make
      another once that is mended.
    </p>
  {/if}
  <div class="row">
    <SafeFilePick label="Restore a backup…" {desk} onstart={() => (restoring = null)} onread={read} />
  </div>
  <Underway {desk} />
  {#if restoring}
    <div class="preview" role="region" aria-label="What restoring would change">
      <p>
        <b
          >Backup{restoring.content.savedAt
            ? ` of ${dayText(dayOf(new Date(restoring.content.savedAt)))}`
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
          {#each lines as line (line.table)}
            <tr>
              <th scope="row">{TABLE_WORDS[line.table]}</th>
              <td>{line.added}</td><td>{line.changed}</td><td>{line.same}</td><td>{line.onlyHere}</td>
            </tr>
          {/each}
        </tbody>
      </table>
      {#if back.length > 0}
        <p role="note" data-comes-back>
          Deleted here, and back with it: <b
            >{back.slice(0, MOST_NAMES).join(', ')}{back.length > MOST_NAMES
              ? ` and ${back.length - MOST_NAMES} more`
              : ''}</b
          >.
        </p>
      {/if}
      <p class="row">
        <button
          type="button"
          class="btn act-next"
          disabled={restoringNow.busy}
          onclick={() => restore('merge')}>Restore{onlyHere > 0 ? ', keep what is only here' : ''}</button
        >
        {#if onlyHere > 0 && !restoring.content.part}
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
  .damaged {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    color: var(--stop);
    font-weight: 550;
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
