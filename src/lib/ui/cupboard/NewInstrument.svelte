<script lang="ts">
  import { sizeFrom } from '$lib/core/cupboard';
  import { FAMILIES, sizesUp, type Family } from '$lib/core/instruments';
  import { db, newId } from '$lib/data';
  import { addInstruments } from '$lib/data/commands/cupboard';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import Choice from '$lib/ui/Choice.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** A new instrument by three things: what it is, its size, its number. The number goes on by itself. */
  let {
    family,
    numbers,
    focused = false,
    onadded
  }: {
    family: Family;
    /** Numbers that are given already. */
    numbers: readonly string[];
    focused?: boolean;
    onadded: (family: Family) => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let kind = $state<Family>(family);
  let number = $state('');
  let typedSize = $state('');
  let problem = $state('');
  /** Made anew for each: pressed twice, one is added. */
  let id = newId();
  const adding = new Action();

  const highest = $derived(Math.max(0, ...numbers.map(Number).filter(Number.isInteger)));
  const next = $derived(number.trim() || `${highest + 1}`);

  const add = () =>
    adding.run(async () => {
      const size = sizeFrom(kind, typedSize);
      problem =
        size === null
          ? `${FAMILY_WORDS[kind]}s come in ${sizesUp(kind).join(', ')}.`
          : numbers.includes(next)
            ? `There is a no. ${next} already.`
            : '';
      if (size === null || problem !== '') return;
      await addInstruments(db, [
        { id, form: { number: next, family: kind, size, overallMm: null, stringMm: null, notes: '' } }
      ]);
      id = newId();
      number = typedSize = '';
      onadded(kind);
    });
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void add();
  }}
  data-new-instrument
>
  <Choice
    label="It is a"
    value={kind}
    options={FAMILIES.map((value) => ({ value, text: FAMILY_WORDS[value] }))}
    onpick={(picked) => (kind = picked)}
  />
  <label>
    Size
    <input
      {@attach focused ? focusOnOpen : null}
      class="field size"
      bind:value={typedSize}
      placeholder={sizesUp(kind)[1] ?? ''}
      maxlength="12"
      aria-invalid={problem !== '' || undefined}
    />
  </label>
  <label>
    Number on it
    <input class="field number" bind:value={number} placeholder={next} maxlength="40" />
  </label>
  <button type="submit" class="btn act-next" disabled={adding.busy}>Add no. {next}</button>
  {#if problem}<p role="alert">{problem}</p>{/if}
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
  }
  label {
    display: grid;
  }
  .size,
  .number {
    width: 7rem;
  }
  p {
    flex-basis: 100%;
    color: var(--stop);
    font-weight: 550;
  }
</style>
