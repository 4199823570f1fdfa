<script lang="ts">
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { db, lastDone, lastUndone } from '$lib/data';
  import { live } from '$lib/ui/live.svelte';
  import { timeText } from '$lib/words/clock';
  import { attempt } from './attempt';
  import { status } from './status.svelte';
  import { walk } from './walk';

  const done = live(async () => (await lastDone(db))?.label ?? null, null);
  const undone = live(async () => (await lastUndone(db))?.label ?? null, null);

  const PROBLEMS = {
    'disk-full': 'this device has no room left. Free some space, then try again.',
    closed: 'the browser’s storage is closed. Save a backup in Files if you can, then reload.',
    unknown: 'the browser’s storage did not answer. Try again, or save a backup in Files and reload.'
  } as const;

  const text = $derived.by(() => {
    const { save } = status;
    switch (save.kind) {
      case 'idle':
        return 'Everything is saved';
      case 'saving':
        return 'Saving…';
      case 'saved':
        return `Saved ${timeText(save.at)}`;
      case 'failed':
        return 'Not saved';
    }
  });

  const back = (which: 'undo' | 'redo') => attempt(() => walk(which));
</script>

<div class="bar">
  {#if status.failure}
    {@const { label, problem, again } = status.failure}
    <div class="failed" role="alert" data-save="failed">
      <p>Not saved: {label}, since {PROBLEMS[problem]} What you see is still here.</p>
      <button type="button" class="btn act" onclick={() => attempt(again)}>Try again</button>
      <button type="button" class="act-quiet" onclick={() => status.giveUp()}>Leave it</button>
    </div>
  {/if}
  {#if status.broken}
    <div class="failed" role="alert" data-broken>
      <p>
        Something in Jarvel itself went wrong ({status.broken}). What was saved is untouched; this press may
        not have done all it should. Look at it once more.
      </p>
      <button type="button" class="act-quiet" onclick={() => status.read()}>I have seen it</button>
    </div>
  {/if}
  <p role="status" class="text-sm" data-save={status.failure ? 'also-failed' : status.save.kind}>
    {status.message || (status.failure ? '' : text)}
  </p>
  <button
    type="button"
    class="icon"
    disabled={done.current === null}
    onclick={() => back('undo')}
    aria-label={done.current ? `Undo: ${done.current}` : 'Nothing to undo'}
    title={done.current ? `Undo: ${done.current} (Ctrl Z)` : 'Nothing to undo'}
    aria-keyshortcuts="Control+Z"
  >
    <Undo2 size={18} aria-hidden="true" /> <span>Undo</span>
  </button>
  <button
    type="button"
    class="icon"
    disabled={undone.current === null}
    onclick={() => back('redo')}
    aria-label={undone.current ? `Redo: ${undone.current}` : 'Nothing to redo'}
    title={undone.current ? `Redo: ${undone.current} (Ctrl Shift Z)` : 'Nothing to redo'}
    aria-keyshortcuts="Control+Shift+Z"
  >
    <Redo2 size={18} aria-hidden="true" />
  </button>
</div>

<style>
  .bar {
    display: flex;
    align-items: center;
    gap: 0.25rem;
    color: var(--ink-soft);
  }
  p {
    margin-right: 0.5rem;
    text-align: right;
  }
  .failed {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: flex-end;
    gap: 0.25rem 0.5rem;
    padding-block: 0.35rem;
  }
  .failed p {
    color: var(--stop);
    font-weight: 600;
    max-width: 36rem;
    text-align: left;
  }
  .icon {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    gap: 0.4rem;
    min-width: 2.75rem;
    min-height: 2.75rem;
    padding-inline: 0.5rem;
    border-radius: var(--radius-base);
    color: var(--ink);
  }
  .icon:disabled {
    opacity: 0.4;
  }
  .icon:hover:not(:disabled) {
    background: var(--line);
  }
</style>
