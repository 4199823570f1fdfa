<script lang="ts">
  import { db } from '$lib/data';
  import { closeDay } from '$lib/data/commands/days';
  import { attempt } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { dayText } from '$lib/words/dates';
  import { countsOf, noteOf, saveList } from './day-list';
  import type { DayQueue } from './queue.svelte';

  /** The end of a fitting day: sizes counted, the list, on paper and as a file. */
  let { queue }: { queue: DayQueue } = $props();

  const open = $derived(queue.members.filter(({ size }) => size === null));
  const counts = $derived(countsOf(queue.members));

  const closed = $derived(queue.day?.closedAt !== null);
  const save = () => {
    const { day } = queue;
    return day && attempt(() => saveList(day));
  };
  const close = () => queue.day && attempt(() => closeDay(db, queue.day?.id ?? '', !closed));
</script>

<section class="grid gap-5 justify-items-start" aria-labelledby="summary">
  <h2 id="summary" tabindex="-1">
    {queue.waiting.length > 0
      ? 'The list so far'
      : queue.secondLine.length > 0
        ? 'The line is through'
        : 'Everybody was seen'}
  </h2>
  {#if queue.secondLine.length > 0}
    <p class="no-print">{queue.secondLine.length} wait in the second line for a trial on the body.</p>
  {/if}
  {#if counts.length > 0}
    <table>
      <caption class="text-left soft">Count by size, {dayText(queue.day?.day ?? queue.today)}</caption>
      <thead
        ><tr><th scope="col">Instrument</th><th scope="col">Size</th><th scope="col">Count</th></tr></thead
      >
      <tbody>
        {#each counts as { family, size, count } (family + size)}
          <tr>
            <td>{FAMILY_WORDS[family]}</td>
            <th scope="row" class="num">{size}</th>
            <td class="num count">{count}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {:else}
    <p class="soft">No size was decided.</p>
  {/if}
  <table>
    <caption class="text-left soft"
      >The list{open.length > 0 ? `, ${open.length} without a size` : ''}</caption
    >
    <thead
      ><tr
        ><th scope="col">Player</th><th scope="col">Instrument</th><th scope="col">Size</th><th scope="col"
          >Note</th
        ></tr
      ></thead
    >
    <tbody>
      {#each queue.members as member (member.player.id)}
        <tr>
          <th scope="row">{member.player.name}</th>
          <td>{FAMILY_WORDS[member.player.family]}</td>
          <td class="num size">{member.size ?? '–'}</td>
          <td class="soft">{noteOf(member)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="flex flex-wrap gap-3 no-print">
    <button type="button" class="btn act-next" onclick={() => window.print()}>Print the list</button>
    <button type="button" class="btn act" onclick={save}>Save as CSV</button>
    <button type="button" class="btn act" onclick={close}
      >{closed ? 'Open the day again' : 'Close the fitting day'}</button
    >
  </p>
</section>

<style>
  h2:focus {
    outline: none;
  }
  th,
  td {
    text-align: left;
    font-weight: 400;
    padding: 0.3rem 1.5rem 0.3rem 0;
    border-bottom: 1px solid var(--line);
    overflow-wrap: anywhere;
  }
  thead th {
    color: var(--ink-soft);
    font-size: 0.9rem;
  }
  tbody th,
  .size {
    font-weight: 650;
  }
  .count {
    text-align: right;
    font-weight: 650;
  }
</style>
