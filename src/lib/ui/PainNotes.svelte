<script lang="ts">
  import { closePains, db, type Pain, type Player } from '$lib/data';
  import { PAIN_NOTE_LENGTH } from '$lib/data/schema/check';
  import { Action } from '$lib/ui/action.svelte';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { PAIN_CAUTION, painSentence, STILL_THERE } from '$lib/words/pains';
  import { clock } from './clock.svelte';
  import PainPlace from './PainPlace.svelte';

  /** Open notes of pain: seen at every opening of something about the player, until closed with a word. */
  let { player, pains, typed }: { player: Player; pains: readonly Pain[]; typed: TypedTexts } = $props();

  /** Two kinds of notes may be shown at once. */
  const field = $derived(`pain-note.${pains[0]?.id ?? ''}`);
  const note = $derived(typed.of(field) ?? '');
  let missing = $state(false);
  /** The note whose place is being said. */
  let where = $state<string | null>(null);
  /** Of an earlier day: whether it is gone is asked first. */
  const isEarlier = $derived(pains.some(({ day }) => day < clock.today));
  let stillThere = $state(false);
  const closing = new Action();

  async function close(what: string) {
    missing = what.trim() === '';
    if (missing) return;
    const ids = pains.map(({ id }) => id);
    const text = field;
    if (await closing.run(() => closePains(db, player, ids, what))) typed.drop(text);
  }
</script>

{#if pains.length > 0}
  <section class="pain no-print" role="alert" aria-label="Pain was noted">
    {#each pains as pain (pain.id)}
      <p>
        <b>{painSentence(pain)}</b>
        <button
          type="button"
          class="act-quiet"
          aria-expanded={where === pain.id}
          onclick={() => (where = where === pain.id ? null : pain.id)}
          >{where === pain.id ? 'Done' : pain.place || pain.feel ? 'Change where' : 'Say where'}</button
        >
      </p>
      {#if where === pain.id}<PainPlace {pain} />{/if}
    {/each}
    <p>{stillThere ? STILL_THERE : PAIN_CAUTION}</p>
    <div class="close">
      {#if isEarlier}
        <b>Is it gone?</b>
        <button type="button" class="btn act" disabled={closing.busy} onclick={() => close('gone since')}
          >It is gone: close it</button
        >
        <button type="button" class="btn act" aria-pressed={stillThere} onclick={() => (stillThere = true)}
          >It is still there</button
        >
      {:else}
        <button
          type="button"
          class="btn act"
          disabled={closing.busy}
          onclick={() => close('gone within a minute of putting it down')}
          >It was gone within a minute: close it</button
        >
      {/if}
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void close(note);
        }}
      >
        <label>
          <span class="sr-only">What became of it</span>
          <input
            class="field"
            maxlength={PAIN_NOTE_LENGTH}
            placeholder="What became of it, in a line"
            aria-invalid={missing || undefined}
            value={note}
            oninput={(event) => typed.type(field, event.currentTarget.value)}
          />
        </label>
        <button type="submit" class="btn act" disabled={closing.busy}>Close with this note</button>
      </form>
    </div>
    {#if missing}<p>A word on what became of it is needed.</p>{/if}
  </section>
{/if}

<style>
  .pain {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    margin-block: 0.5rem;
    background: color-mix(in oklab, var(--stop) 8%, transparent);
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.35rem;
  }
  .pain p {
    max-width: 70rem;
  }
  .close,
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: center;
  }
  label {
    max-width: 100%;
  }
  input {
    width: min(20rem, 100%);
  }
</style>
