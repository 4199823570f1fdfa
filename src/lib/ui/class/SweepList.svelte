<script lang="ts">
  import { outcomeText } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import type { ClassRoom } from './class-room.svelte';

  /** The look of the class as a list, to read out and to print. */
  let { room }: { room: ClassRoom } = $props();
</script>

<div class="overflow-x-auto grid gap-3">
  <table>
    <caption>{room.group?.name}, {dayText(room.today)}: {room.check?.title}</caption>
    <thead>
      <tr
        ><th scope="col">Player</th><th scope="col">Today</th><th scope="col">What is amiss</th><th
          scope="col">Before</th
        ></tr
      >
    </thead>
    <tbody>
      {#each room.sitters as { player, state, check, result, last } (player.id)}
        <tr>
          <th scope="row">{player.name}</th>
          <td>{state === 'away' ? 'away' : result ? outcomeText(result.outcome) : '–'}</td>
          <td
            >{(check?.faults ?? [])
              .filter(({ id }) => result?.faults.includes(id))
              .map(({ text }) => text)
              .join(', ')}</td
          >
          <td class="soft">{last ? `${outcomeText(last.outcome)}, ${dayText(last.day)}` : ''}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="no-print"><button type="button" class="btn act" onclick={() => print()}>Print</button></p>
</div>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
  }
  caption {
    text-align: left;
    font-weight: 650;
    padding-block: 0.5rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.35rem 0.75rem 0.35rem 0;
    border-bottom: 1px solid var(--line);
    font-weight: 400;
  }
  thead th {
    color: var(--ink-soft);
    font-size: 0.9rem;
  }
</style>
