<script lang="ts">
  import type { TableName } from '$lib/data';
  import type { MergePreview } from '$lib/data/files/exchange';
  import type { Held, Merged, MergePick } from '$lib/data/files/merge';
  import { TABLE_WORDS } from '$lib/words/tables';

  /** What a merge would do, and what both changed side by side with a choice. */
  let {
    preview,
    picks,
    onpick
  }: {
    preview: MergePreview;
    picks: ReadonlyMap<string, MergePick>;
    onpick: (key: string, pick: MergePick) => void;
  } = $props();

  const count = (how: Merged['case']) => preview.plan.filter((one) => one.case === how).length;
  const lines = $derived(
    (
      [
        ['new', 'new there'],
        ['changed-there', 'changed there'],
        ['deleted-there', 'taken away there, and then here too'],
        ['changed-here', 'changed here, and kept so'],
        ['deleted-here', 'taken away here, and kept away'],
        ['same', 'the same in both']
      ] as const
    )
      .map(([how, text]) => ({ how, text, many: count(how) }))
      .filter(({ many }) => many > 0)
  );
  const asked = $derived(preview.plan.filter((one) => one.case === 'both'));
  const nameOf = (id: string | null | undefined) => {
    const held = preview.plan.find((one) => one.key === `players:${id ?? ''}`);
    const record = (held?.here ?? held?.there)?.record as { name?: string } | undefined;
    return record?.name ?? '';
  };
  const titleOf = ({ here, there }: Merged) => {
    const one = here ?? there;
    if (!one) return '';
    const owner = one.table === 'players' ? one.id : one.owner;
    return [TABLE_WORDS[one.table as TableName], nameOf(owner)].filter((part) => part !== '').join(': ');
  };

  const valuesOf = (held: Held | null) => (held?.record ?? {}) as Readonly<Record<string, unknown>>;
  const shown = (value: unknown): string =>
    value === undefined || value === null || value === ''
      ? 'nothing'
      : typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
        ? String(value)
        : JSON.stringify(value).slice(0, 160);
  /** The fields that differ. */
  function differences({ here, there }: Merged) {
    const [mine, theirs] = [valuesOf(here), valuesOf(there)];
    return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])]
      .filter((field) => JSON.stringify(mine[field]) !== JSON.stringify(theirs[field]))
      .map((field) => ({ field, mine: shown(mine[field]), theirs: shown(theirs[field]) }));
  }
  /** Players and what has one place a day can't stand there twice. */
  const canKeepBoth = ({ here, there }: Merged) =>
    here !== null &&
    there !== null &&
    ['fits', 'trials', 'setups', 'checks', 'pains', 'aids', 'ownChecks', 'instruments', 'reviews'].includes(
      here.table
    );
  const MOST = 200;
</script>

<p>
  Nothing is changed yet.
  {#if !preview.commonStart}
    The two copies are not known to have begun alike: nothing counts as taken away, and all that differs is
    asked about.
  {/if}
</p>
<ul>
  {#each lines as { how, text, many } (how)}<li data-merge={how}><b class="num">{many}</b> {text}</li>{/each}
</ul>
{#if asked.length > 0}
  <h3>{asked.length} both changed</h3>
  {#each asked.slice(0, MOST) as one (one.key)}
    {@const pick = picks.get(one.key) ?? 'here'}
    <fieldset data-conflict={one.key}>
      <legend>{titleOf(one)}</legend>
      <table>
        <thead><tr><th scope="col">Field</th><th scope="col">Here</th><th scope="col">There</th></tr></thead>
        <tbody>
          {#if !one.here || !one.there}
            <tr>
              <th scope="row">all of it</th>
              <td>{one.here ? 'is here' : 'was taken away'}</td>
              <td>{one.there ? 'is there' : 'was taken away'}</td>
            </tr>
          {:else}
            {#each differences(one) as { field, mine, theirs } (field)}
              <tr><th scope="row">{field}</th><td>{mine}</td><td>{theirs}</td></tr>
            {/each}
          {/if}
        </tbody>
      </table>
      <div class="picks" role="group" aria-label="Which stays">
        {#each [{ how: 'here', text: 'As here' }, { how: 'there', text: 'As there' }, ...(canKeepBoth(one) ? [{ how: 'both', text: 'Keep both' }] : [])] as { how, text } (how)}
          <button
            type="button"
            aria-pressed={pick === how}
            data-pick={how}
            onclick={() => onpick(one.key, how as MergePick)}>{text}</button
          >
        {/each}
      </div>
    </fieldset>
  {/each}
  {#if asked.length > MOST}<p class="soft">{asked.length - MOST} more stay as they are here.</p>{/if}
{/if}

<style>
  fieldset {
    border-top: 1px solid var(--line-strong);
    padding-block: 0.5rem;
  }
  legend,
  h3 {
    font-weight: 650;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 1rem 0.25rem 0;
    overflow-wrap: anywhere;
    vertical-align: top;
  }
  .picks {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .picks button {
    min-height: 2.75rem;
    padding-inline: 0.75rem;
    border: 1px solid var(--line-strong);
    border-radius: var(--radius-base);
  }
  .picks [aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
  }
</style>
