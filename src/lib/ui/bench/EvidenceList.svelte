<script lang="ts">
  import type { LengthUnit } from '$lib/core/length';
  import { EVIDENCE_WEIGHTS, type Candidate, type EvidenceWeight, type Side } from '$lib/core/sizing';
  import { EVIDENCE_WORDS, evidenceText, SIDE_WORDS } from '$lib/words/sizing';

  /** Everything that speaks for or against one size, heaviest first; each side has its own shape. */
  let { candidate, unit }: { candidate: Candidate; unit: LengthUnit } = $props();

  const WEIGHT_WORDS: Readonly<Record<EvidenceWeight, string>> = {
    decides: 'decides',
    supports: 'beside it',
    hint: 'first guess only'
  };
  const SHAPES: Readonly<Record<Side, string>> = {
    smaller: 'M1 3H11L6 11Z',
    this: 'M1 6A5 5 0 1 0 11 6A5 5 0 1 0 1 6Z',
    larger: 'M1 9H11L6 1Z'
  };
  const TONES: Readonly<Record<Side, string>> = { smaller: 'large', this: 'fits', larger: 'small' };
</script>

<table>
  <caption class="sr-only">What speaks for and against the {candidate.size}</caption>
  <thead class="sr-only">
    <tr><th scope="col">Evidence</th><th scope="col">Found</th><th scope="col">Speaks</th></tr>
  </thead>
  {#each EVIDENCE_WEIGHTS as weight (weight)}
    {@const rows = candidate.evidence.filter((one) => one.weight === weight)}
    {#if rows.length > 0}
      <tbody>
        {#each rows as evidence, index (evidence.kind)}
          <tr>
            <th scope="row"
              >{EVIDENCE_WORDS[evidence.kind]}{#if index === 0}<span class="weight"
                  >{WEIGHT_WORDS[weight]}</span
                >{/if}</th
            >
            <td class="found">{evidenceText(evidence, unit)}</td>
            <td class={TONES[evidence.speaksFor]}>
              <span class="side">
                <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true"
                  ><path d={SHAPES[evidence.speaksFor]} /></svg
                >
                {SIDE_WORDS[evidence.speaksFor]}
              </span>
            </td>
          </tr>
        {/each}
      </tbody>
    {/if}
  {/each}
</table>

<style>
  table {
    width: 100%;
    max-width: 46rem;
    font-size: 0.95rem;
  }
  tbody + tbody tr:first-child > * {
    border-top: 1px solid var(--line-strong);
  }
  th,
  td {
    text-align: left;
    font-weight: 400;
    padding: 0.25rem 0.75rem 0.25rem 0;
    border-top: 1px solid var(--line);
    vertical-align: baseline;
  }
  th {
    white-space: nowrap;
    font-weight: 600;
  }
  .weight {
    margin-left: 0.5rem;
    font-weight: 400;
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  .side {
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
    white-space: nowrap;
  }
  path {
    fill: currentColor;
  }
  @media (max-width: 640px) {
    th {
      white-space: normal;
    }
  }
</style>
