<script lang="ts">
  import type { MergeQuestion, MergeSummary } from '$lib/data/files/desk';
  import type { MergePick } from '$lib/data/files/merge';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { fieldText, TABLE_WORDS } from '$lib/words/tables';

  /** What a merge would do, and what is asked, side by side with a choice. */
  let {
    summary,
    picks,
    onpick
  }: {
    summary: MergeSummary;
    picks: ReadonlyMap<string, MergePick>;
    onpick: (key: string, pick: MergePick) => void;
  } = $props();

  const lines = $derived(
    (
      [
        ['new', 'only in the file'],
        ['changed-there', 'changed there'],
        ['deleted-there', 'taken away there, and then here too'],
        ['changed-here', 'changed here, and kept so'],
        ['deleted-here', 'taken away here, and kept away'],
        ['same', 'the same in both']
      ] as const
    )
      .map(([how, text]) => ({ how, text, many: summary.counts[how] ?? 0 }))
      .filter(({ many }) => many > 0)
  );
  const MOST_NAMES = 8;
  const people = $derived(
    (
      [
        ['new', 'Players who come'],
        ['deleted-there', 'Deleted there, and then here too'],
        ['deleted-here', 'Deleted here, and kept away']
      ] as const
    )
      .map(([how, text]) => ({ how, text, names: summary.players[how] }))
      .filter(({ names }) => names.length > 0)
  );
  const asked = $derived((summary.counts.both ?? 0) + (summary.counts.asked ?? 0));
  const unanswered = $derived(
    summary.questions.filter(({ key, needsAnswer }) => needsAnswer && !picks.has(key)).length
  );

  const isPlayer = ({ table, needsAnswer }: MergeQuestion) => table === 'players' && needsAnswer;
  const titleOf = (question: MergeQuestion) =>
    isPlayer(question)
      ? question.player
      : [TABLE_WORDS[question.table], question.player].filter((part) => part !== '').join(': ');
  function picksFor(question: MergeQuestion): readonly { how: MergePick; text: string }[] {
    if (isPlayer(question))
      return question.isHere
        ? [
            { how: 'here', text: `Keep ${question.player} here` },
            { how: 'there', text: 'Delete here too' }
          ]
        : [
            { how: 'here', text: 'Leave deleted' },
            { how: 'there', text: `Bring ${question.player} back` }
          ];
    return [
      { how: 'here', text: 'As here' },
      { how: 'there', text: 'As there' },
      ...(question.canKeepBoth ? [{ how: 'both' as const, text: 'Keep both' }] : [])
    ];
  }

  const shown = (value: unknown): string =>
    value === undefined || value === null || value === ''
      ? 'nothing'
      : typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
        ? String(value)
        : JSON.stringify(value).slice(0, 160);
</script>

<p>
  Nothing is changed yet.
  {#if !summary.commonStart}
    What the two copies once had in common is not known: so nothing counts as taken away, and whatever differs
    is asked about.
  {/if}
</p>
{#each people as { how, text, names } (how)}
  <p data-players={how}>
    {text}: <b>{names.slice(0, MOST_NAMES).join(', ')}</b>{names.length > MOST_NAMES
      ? ` and ${names.length - MOST_NAMES} more`
      : ''}.
  </p>
{/each}
<ul class="soft">
  {#each lines as { how, text, many } (how)}<li data-merge={how}>
      <b class="num">{many}</b>
      {many === 1 ? 'record' : 'records'}
      {text}
    </li>{/each}
</ul>
{#if summary.questions.length > 0}
  <h3>{asked} to decide</h3>
  {#each summary.questions as question (question.key)}
    {@const pick = picks.get(question.key) ?? (question.needsAnswer ? null : 'here')}
    <fieldset data-conflict={question.key}>
      <legend>{titleOf(question)}</legend>
      {#if isPlayer(question)}
        <p>
          {question.isHere
            ? `Deleted there; here something was done since. All ${question.records} records stay or go together.`
            : `Deleted here; there something was done since. All ${question.records} records come back or stay away together.`}
          A family may have asked for the deletion.
        </p>
      {:else}
        <table>
          <thead><tr><th scope="col">Field</th><th scope="col">Here</th><th scope="col">There</th></tr></thead
          >
          <tbody>
            {#if question.needsAnswer}
              <tr>
                <th scope="row">all of it</th>
                <td>{question.isHere ? 'is here' : 'was taken away'}</td>
                <td>{question.isThere ? 'is there' : 'was taken away'}</td>
              </tr>
            {:else}
              {#each question.differences as { field, here, there } (field)}
                <tr><th scope="row">{fieldText(field)}</th><td>{shown(here)}</td><td>{shown(there)}</td></tr>
              {/each}
            {/if}
          </tbody>
        </table>
      {/if}
      <Toggles
        label="Which stays"
        as="pick"
        look="framed"
        options={picksFor(question).map(({ how, text }) => ({ value: how, text }))}
        picked={[pick]}
        onpick={(how) => onpick(question.key, how)}
      />
    </fieldset>
  {/each}
  {#if asked > summary.questions.length}<p class="soft">
      {asked - summary.questions.length} more stay as they are here.
    </p>{/if}
  {#if unanswered > 0}
    <p role="note" data-unanswered={unanswered}>
      {unanswered === 1 ? 'One is' : `${unanswered} are`} not answered: there nothing changes on either side until
      somebody says what.
    </p>
  {/if}
{/if}

<style>
  fieldset {
    border-top: 1px solid var(--line-strong);
    padding-block: 0.5rem;
  }
  legend {
    padding-right: 0.75rem;
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
</style>
