<script lang="ts">
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { Proposal } from '$lib/core/sizing';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { VERDICT_WORDS } from '$lib/words/sizing';

  let { proposal, unit }: { proposal: Proposal; unit: LengthUnit } = $props();

  const numbers = $derived(proposal.arithmetic);
  const landed = $derived(numbers.kind === 'landing');
  const length = (mm: number | null) => (mm === null ? 'no limit' : formatLength(mm, unit));
</script>

{#if numbers.kind === 'landing'}
  <p>
    Neck to wrist {length(numbers.wristMm)}, hand {length(numbers.handMm)}: the scroll may end at
    {length(numbers.wristMm)} + {Math.round(numbers.limit * 100)} % × {length(numbers.handMm)} = {length(
      numbers.reachMm
    )}
    (± {length(numbers.reachSdMm)} from the tape).
  </p>
{:else if numbers.kind === 'seated'}
  <p>
    Arm reach {length(numbers.body.armReachMm)}, seat to breastbone {length(numbers.body.breastboneMm)}, seat
    to ear {length(numbers.body.earMm)}. Each size is placed at 30° with the seat 2.5 cm over the lower leg;
    it may ask no more of bow arm and ear than it asks of an average player of its own height.
  </p>
{:else}
  <p>
    Hand hangs at {length(numbers.heights.gripHangMm)}, cheek at {length(numbers.heights.cheekMm)}. With the
    pin that lets the bow reach, the first finger may come {length(108)} above the cheek.
  </p>
{/if}
<table>
  <caption class="sr-only">Each size against this body</caption>
  <thead>
    <tr>
      <th scope="col">Size</th>
      <th scope="col">Overall</th>
      {#if landed}<th scope="col">Landing</th>{/if}
      <th scope="col">Room</th>
      <th scope="col">Chance</th>
      <th scope="col">Verdict</th>
    </tr>
  </thead>
  <tbody>
    {#each proposal.candidates.toReversed() as candidate (candidate.size)}
      <tr class:chosen={candidate.size === proposal.proposal}>
        <th scope="row" class="num">{candidate.size}</th>
        <td>{length(candidate.overallMm)}</td>
        {#if candidate.landing !== null}<td>{Math.round(candidate.landing * 100)} %</td>{/if}
        <td>{length(candidate.marginMm)}</td>
        <td>{(candidate.probability * 100).toFixed(1)} %</td>
        <td
          ><span class="inline-flex items-center gap-[0.4rem]"
            ><VerdictMark verdict={candidate.verdict} /> {VERDICT_WORDS[candidate.verdict]}</span
          ></td
        >
      </tr>
    {/each}
  </tbody>
</table>

<style>
  p {
    margin-block: 0.25rem 0.5rem;
  }
  table {
    width: 100%;
    max-width: 40rem;
    font-size: 0.95rem;
  }
  th,
  td {
    text-align: right;
    padding: 0.2rem 0.5rem;
    border-bottom: 1px solid var(--line);
  }
  th:first-child,
  th:last-child,
  td:last-child {
    text-align: left;
  }
  td {
    font-family: var(--mono);
  }
  .chosen {
    font-weight: 700;
  }
</style>
