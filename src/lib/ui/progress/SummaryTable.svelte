<script lang="ts">
  import type { Summary } from '$lib/core/progress';
  import { secureAfterText, stuckText } from '$lib/words/progress';

  /** Where checks stand, a row for each category or player: how much is secure, how long it took, what is stuck. */
  let {
    of,
    rows
  }: {
    /** What a row is. */
    of: string;
    rows: readonly {
      readonly id: string;
      readonly name: string;
      readonly href?: string;
      readonly summary: Summary;
    }[];
  } = $props();
</script>

<table>
  <thead>
    <tr><th>{of}</th><th>Secure</th><th>Time to secure</th><th>Stuck</th></tr>
  </thead>
  <tbody>
    {#each rows as { id, name, href, summary: { seen, secure, daysToSecure, stuck } } (id)}
      <tr data-summary={id}>
        <th scope="row"
          >{#if href}<a {href}>{name}</a>{:else}{name}{/if}</th
        >
        <td>
          {#if seen === 0}
            <span class="soft">not seen</span>
          {:else}
            <span class="share" aria-hidden="true"><span style:width="{(100 * secure) / seen}%"></span></span>
            <span class="num">{secure} of {seen}</span>
          {/if}
        </td>
        <td data-of="Time to secure: ">{secureAfterText(daysToSecure)}</td>
        <td data-of="Stuck: " class:stuck={stuck.length > 0}>{stuckText(stuck)}</td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 550;
  }
  thead th {
    color: var(--ink-soft);
    font-weight: 400;
    font-size: 0.95rem;
  }
  th,
  td {
    padding: 0.3rem 1.25rem 0.3rem 0;
    vertical-align: baseline;
    overflow-wrap: anywhere;
  }
  tbody tr {
    border-top: 1px solid var(--line);
  }
  td:nth-child(2),
  td:nth-child(3) {
    white-space: nowrap;
  }
  .share {
    display: inline-block;
    width: 6rem;
    height: 0.6rem;
    border: 1px solid var(--line-strong);
    margin-right: 0.6rem;
  }
  .share span {
    display: block;
    height: 100%;
    background: var(--fits);
  }
  .stuck {
    font-weight: 550;
  }
  a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    display: block;
    padding-block: 0.65rem;
  }
  @media (max-width: 640px) {
    thead {
      display: none;
    }
    tbody tr {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      padding-block: 0.35rem;
    }
    tbody :is(th, td) {
      padding: 0;
    }
    tbody td:nth-child(n + 3) {
      grid-column: 1 / -1;
    }
    [data-of]:not(:empty)::before {
      content: attr(data-of);
      color: var(--ink-soft);
      font-weight: 400;
    }
  }
</style>
