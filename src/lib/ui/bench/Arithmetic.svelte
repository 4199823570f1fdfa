<script lang="ts">
  import { formatLength, type LengthUnit } from '$lib/core/length';
  import type { Proposal } from '$lib/core/sizing';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { VERDICT_WORDS } from '$lib/words/sizing';

  let { proposal, unit }: { proposal: Proposal; unit: LengthUnit } = $props();

  const { wristMm, handMm, limit, reachMm, reachSdMm } = $derived(proposal.arithmetic);
</script>

<p>
  Neck to wrist {formatLength(wristMm, unit)}, hand {formatLength(handMm, unit)}: the scroll may end at
  {formatLength(wristMm, unit)} + {Math.round(limit * 100)} % × {formatLength(handMm, unit)} = {formatLength(
    reachMm,
    unit
  )}
  (± {formatLength(reachSdMm, unit)} from the tape).
</p>
<table>
  <caption class="sr-only">Each size against this arm</caption>
  <thead>
    <tr>
      <th scope="col">Size</th>
      <th scope="col">Overall</th>
      <th scope="col">Landing</th>
      <th scope="col">Room</th>
      <th scope="col">Chance</th>
      <th scope="col">Verdict</th>
    </tr>
  </thead>
  <tbody>
    {#each proposal.candidates as candidate (candidate.size)}
      <tr class:chosen={candidate.size === proposal.proposal}>
        <th scope="row" class="num">{candidate.size}</th>
        <td>{formatLength(candidate.overallMm, unit)}</td>
        <td>{Math.round(candidate.landing * 100)} %</td>
        <td>{formatLength(candidate.marginMm, unit)}</td>
        <td>{(candidate.probability * 100).toFixed(1)} %</td>
        <td
          ><span class="verdict"
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
  .verdict {
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
  }
  .chosen {
    font-weight: 700;
  }
</style>
