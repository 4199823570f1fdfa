<script lang="ts">
  import { Dialog } from '@skeletonlabs/skeleton-svelte';

  let { open = $bindable(false) }: { open?: boolean } = $props();

  const keys: readonly (readonly [keys: string, does: string])[] = [
    ['Enter', 'take the value, go on to the next'],
    ['Esc', 'leave a question without answering'],
    ['Ctrl Z · Ctrl Shift Z', 'undo · redo'],
    ['Alt 1 … Alt 7', 'Today, Fitting day, Class, Players, Cupboard, Files, Settings'],
    ['/', 'find a player'],
    ['Alt E', 'edit the child at hand'],
    ['1 … 9', 'in a lesson: the spot of a look'],
    ['N · H · M · S · 0', 'not yet, with help, mostly, secure, not seen'],
    ['A … D · Y · X', 'a fault by its picture · yes, no'],
    ['E · P', 'to the practice · pain, stop'],
    ['1 … 5 · 0', 'answer a look of the trial, 1 where all is well · pain, stop'],
    ['1 · 2 … 9', 'in the set-up: it holds · what you see'],
    ['Alt B · S · A · T', 'in a line: back, skip, absent, second line'],
    ['Space', 'start and stop the stopwatch'],
    ['F', 'in the mirror: hold what is seen, look on'],
    ['?', 'this list']
  ];
</script>

<Dialog {open} onOpenChange={(change) => (open = change.open)}>
  <Dialog.Backdrop class="fixed inset-0 bg-black/50 z-40" />
  <Dialog.Positioner class="fixed inset-0 z-50 grid place-items-center p-4">
    <Dialog.Content class="panel">
      <Dialog.Title class="text-xl font-bold">Keys</Dialog.Title>
      <dl>
        {#each keys as [key, does] (key)}
          <dt class="num">{key}</dt>
          <dd>{does}</dd>
        {/each}
      </dl>
      <Dialog.CloseTrigger class="btn act">Close</Dialog.CloseTrigger>
    </Dialog.Content>
  </Dialog.Positioner>
</Dialog>

<style>
  :global(.panel) {
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--line);
    border-radius: var(--radius-container);
    padding: 1.5rem;
    max-width: 34rem;
    width: 100%;
    max-height: 90vh;
    overflow: auto;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.5rem 1.25rem;
    margin-block: 1rem 1.25rem;
  }
</style>
