<script lang="ts">
  import type { Check } from '$lib/core/checks';
  import type { RemedyStanding } from '$lib/core/causes';
  import type { Remedy } from '$lib/data';
  import { EFFECT_WORDS } from '$lib/words/causes';
  import { CAUSE_WORDS } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';

  /** What was begun for faults, and whether it helped by what was seen since. */
  let { tried, checks }: { tried: readonly RemedyStanding<Remedy>[]; checks: readonly Check[] } = $props();

  const titleOf = (checkId: string) => checks.find(({ id }) => id === checkId)?.title ?? checkId;
</script>

<table>
  <thead>
    <tr><th>Since</th><th>For</th><th>What</th><th>Did it help?</th></tr>
  </thead>
  <tbody>
    {#each tried as { remedy, effects, open } (remedy.id)}
      <tr>
        <td class="num">{dayText(remedy.day)}</td>
        <th scope="row">{titleOf(remedy.checkId)}</th>
        <td>{CAUSE_WORDS[remedy.cause]}: {remedy.remedy}</td>
        <td>
          {effects.map(({ effect }) => EFFECT_WORDS[effect]).join(', then ')}
          {#if open}<span class="soft">still open</span>{/if}
        </td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
  }
  th,
  td {
    text-align: left;
    font-weight: 550;
    padding: 0.35rem 1.25rem 0.35rem 0;
    vertical-align: baseline;
  }
  td {
    font-weight: 400;
  }
  thead th {
    color: var(--ink-soft);
    font-weight: 400;
    font-size: 0.95rem;
  }
  tbody tr {
    border-top: 1px solid var(--line);
  }
  .num {
    white-space: nowrap;
  }
  @media (max-width: 640px) {
    thead {
      display: none;
    }
    tbody tr {
      display: grid;
      padding-block: 0.35rem;
    }
    tbody :is(th, td) {
      padding-block: 0;
    }
  }
</style>
