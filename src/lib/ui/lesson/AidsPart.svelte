<script lang="ts">
  import type { IsoDay } from '$lib/core/time';
  import { db, type Aid, type AidKind, type Player } from '$lib/data';
  import { addAid, keepAid, weanAid } from '$lib/data/commands/aids';
  import { AID_KINDS } from '$lib/data/schema/check';
  import { Action } from '$lib/ui/action.svelte';
  import { AID_WORDS, aidText } from '$lib/words/checks';

  /** Little helps on bow, neck or hand: in use, a lesson without, gone. */
  let { player, aids, today }: { player: Player; aids: readonly Aid[]; today: IsoDay } = $props();

  let adding = $state(false);
  let kind = $state<AidKind>('sticker');
  let where = $state('');
  const acting = new Action();

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (await acting.run(() => addAid(db, player, kind, where, today))) [adding, where] = [false, ''];
  }
</script>

<div class="flex flex-wrap gap-x-2 gap-y-0 items-baseline">
  <dt>Aids</dt>
  <dd>
    {#each aids as aid (aid.id)}
      <span class="aid" data-aid={aid.kind}>
        {aidText(aid)}
        <button
          type="button"
          disabled={acting.busy}
          onclick={() => acting.run(() => weanAid(db, player, aid.id, today))}
          >{aid.weaned === null ? 'A lesson without' : 'Gone'}</button
        >
        {#if aid.weaned !== null}
          <button
            type="button"
            disabled={acting.busy}
            onclick={() => acting.run(() => keepAid(db, player, aid.id))}>Back to it</button
          >
        {/if}
      </span>
    {/each}
    {#if adding}
      <form onsubmit={add}>
        <select class="field" aria-label="Which aid" bind:value={kind}>
          {#each AID_KINDS as one (one)}<option value={one}>{AID_WORDS[one]}</option>{/each}
        </select>
        <input
          class="field"
          maxlength="80"
          aria-label="Where it is"
          placeholder="where it is"
          bind:value={where}
        />
        <button type="submit" class="btn act" disabled={acting.busy}>Note it</button>
      </form>
    {:else}
      <button type="button" onclick={() => (adding = true)}
        >{aids.length > 0 ? 'another' : 'none; note one'}</button
      >
    {/if}
  </dd>
</div>

<style>
  dt {
    color: var(--ink-soft);
  }
  dd,
  .aid,
  form {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 0.25rem 0.75rem;
    align-items: baseline;
  }
  button:not(.btn) {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    min-height: 1.75rem;
  }
</style>
