<script lang="ts">
  import { Action } from '$lib/ui/action.svelte';
  import FilePick from './FilePick.svelte';

  /** Opens a file of Jarvel that may be locked: asks for its password then, and says what is wrong with it. */
  let {
    label,
    onstart,
    ontext
  }: {
    label: string;
    /** Another file is picked: what was read of the one before is no longer meant. */
    onstart: () => void;
    /** Takes the text of an open file; resolves to a sentence that says what is wrong with it, or null. */
    ontext: (text: string) => Promise<string | null>;
  } = $props();

  let problem = $state('');
  /** A locked file that waits for its password. */
  let locked = $state.raw<string | null>(null);
  let password = $state('');
  const opening = new Action();

  const pick = (file: File) =>
    opening.run(async () => {
      onstart();
      problem = password = '';
      locked = null;
      const text = await file.text();
      const { isLocked } = await import('$lib/data/files/lock');
      if (isLocked(text)) locked = text;
      else problem = (await ontext(text)) ?? '';
    });

  const unlock = () =>
    opening.run(async () => {
      const { unlockText } = await import('$lib/data/files/lock');
      const opened = await unlockText(locked ?? '', password);
      if (!opened.ok) {
        problem = opened.problem;
        return;
      }
      locked = null;
      problem = (await ontext(opened.text)) ?? '';
    });
</script>

<FilePick {label} accept="application/json,.json" onpick={pick} />
{#if problem !== ''}<p class="problem" role="alert">{problem}</p>{/if}
{#if locked !== null}
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void unlock();
    }}
  >
    <label
      >Password of the file
      <input class="field" type="password" autocomplete="off" required bind:value={password} /></label
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
