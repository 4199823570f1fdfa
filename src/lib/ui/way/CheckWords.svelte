<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import type { Check } from '$lib/core/checks';
  import { changeSettings, db } from '$lib/data';
  import type { CheckWords } from '$lib/data/schema/settings';
  import { attempt } from '$lib/ui/shell/attempt';

  /** A check in the teacher's own words; an emptied field takes the library's again. */
  let { check, words }: { check: Check; words: Readonly<Record<string, CheckWords>> } = $props();

  const FIELDS = [
    { id: 'title', name: 'Title', most: 60 },
    { id: 'right', name: 'Right', most: 300 },
    { id: 'forPlayer', name: 'For the child', most: 80 }
  ] as const;
  const own = $derived(words[check.id] ?? {});

  const keep = (field: (typeof FIELDS)[number]['id'], text: string) =>
    attempt(() =>
      changeSettings(db, 'Reworded a check', ({ checkWords = {} }) => {
        const { [field]: _, ...others } = checkWords[check.id] ?? {};
        const said = text.trim() === '' ? others : { ...others, [field]: text.trim() };
        return { checkWords: { ...checkWords, [check.id]: said } };
      })
    );
</script>

<Fold name="words" title="In my own words" quiet>
  {#each FIELDS as { id, name, most } (id)}
    <label>
      <span class="soft">{name}</span>
      <input
        class="field"
        maxlength={most}
        placeholder={check[id]}
        value={own[id] ?? ''}
        onchange={(event) => keep(id, event.currentTarget.value)}
      />
    </label>
  {/each}
</Fold>

<style>
  label {
    display: grid;
    padding-bottom: 0.35rem;
  }
  input {
    width: 100%;
  }
</style>
