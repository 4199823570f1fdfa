<script lang="ts">
  import { db } from '$lib/data';
  import { applyWay, keptOtherwise, type KeptWay } from '$lib/data/commands/ways';
  import { Action } from '$lib/ui/action.svelte';
  import { live } from '$lib/ui/live.svelte';

  /** Asks what becomes of set-ups that were kept another way. Left alone, they stay as they are. */
  let { kept, groupId = null }: { kept: KeptWay; groupId?: string | null } = $props();

  const otherwise = live(
    async () => (await keptOtherwise(db, kept, groupId)).length,
    0,
    () => `${kept.kind} ${kept.choice} ${kept.way} ${groupId}`
  );
  const applying = new Action();
  const count = $derived(otherwise.current);
</script>

{#if count > 0}
  <p data-kept={kept.choice}>
    <span>{count} kept {count === 1 ? 'set-up has' : 'set-ups have'} it otherwise.</span>
    <button
      type="button"
      class="btn act"
      disabled={applying.busy}
      onclick={() => applying.run(() => applyWay(db, kept, groupId))}>Apply to {count}</button
    >
  </p>
{/if}

<style>
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
  }
</style>
