<script lang="ts">
  import type { FileContent, FileRead } from '$lib/data/files/desk';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import type { FileDesk } from './file-desk.svelte';
  import FilePick from './FilePick.svelte';
  import { knownPassword, rememberPassword } from './save-file';

  /** Opens a file of Jarvel that may be locked: asks for its password then, and says what is wrong with it. */
  let {
    label,
    desk,
    remembers = false,
    onstart,
    onread
  }: {
    label: string;
    desk: FileDesk;
    /** What comes back opens with the password it went with, as long as the page is open. */
    remembers?: boolean;
    /** Another file is picked: what was read of the one before is no longer meant. */
    onstart: () => void;
    /** The file is at hand at the desk. */
    onread: (content: FileContent) => Promise<void>;
  } = $props();

  let problem = $state('');
  /** A locked file waits for its password. */
  let isLocked = $state(false);
  let password = $state('');
  const opening = new Action();

  async function take(read: FileRead) {
    isLocked = read.kind === 'locked' || (isLocked && read.kind === 'problem');
    problem = read.kind === 'problem' ? read.problem : '';
    if (read.kind === 'read') await onread(read.content);
  }

  const pick = (file: File) =>
    opening.run(async () => {
      onstart();
      problem = password = '';
      isLocked = false;
      const read = await desk.run('Reading the file', (door) => door.open(file));
      const tries = remembers && read.kind === 'locked' && knownPassword() !== '';
      const opened = tries ? await open(knownPassword()) : read;
      await take(opened.kind === 'read' ? opened : read);
    });

  const open = (by: string) => desk.run('Opening the file', (door, report) => door.unlock(by, report));
  const unlock = () =>
    opening.run(async () => {
      const read = await open(password);
      if (remembers && read.kind === 'read') rememberPassword(password);
      await take(read);
    });
</script>

<FilePick {label} accept=".json,.jarvel,application/json" onpick={pick} />
{#if problem !== ''}<p class="problem" role="alert">{problem}</p>{/if}
{#if isLocked}
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void unlock();
    }}
  >
    <label
      >Password of the file
      <input
        {@attach focusOnOpen}
        class="field"
        type="password"
        autocomplete="off"
        required
        bind:value={password}
      /></label
    >
    <button type="submit" class="btn act" disabled={opening.busy}
      >{opening.busy ? 'Opening…' : 'Open it'}</button
    >
  </form>
{/if}

<style>
  .problem {
    flex-basis: 100%;
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    color: var(--stop);
    font-weight: 550;
    overflow-wrap: anywhere;
  }
  form {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  label {
    display: grid;
    max-width: 20rem;
  }
</style>
