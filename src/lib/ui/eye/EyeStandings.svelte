<script lang="ts">
  import { STANDPOINTS } from '$lib/core/checks';
  import { howWell, type EyeRecord, type HowWell, type Library } from '$lib/core/eye';
  import { FAMILIES } from '$lib/core/instruments';
  import { STANDPOINT_NAMES } from '$lib/words/checks';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** What is seen reliably and what is overlooked, by where one stands and by fault, and how fast. */
  let { record, library }: { record: EyeRecord; library: Library } = $props();

  const WELL: Readonly<Record<HowWell, string>> = {
    reliable: '● reliably',
    sometimes: '◐ sometimes',
    overlooked: '○ overlooked'
  };
  const MOST = 12;

  const rows = $derived(
    FAMILIES.flatMap((family) =>
      (library[family] ?? []).flatMap((check) =>
        check.faults.flatMap(({ id, text }) => {
          const key = `${family}/${check.id}/${id}`;
          const standing = record.faults[key];
          return standing ? [{ key, family, check, text, ...standing }] : [];
        })
      )
    )
  );
  const sides = $derived(
    STANDPOINTS.map((standpoint) => ({
      standpoint,
      own: rows.filter(({ check }) => check.standpoint === standpoint)
    })).filter(({ own }) => own.length > 0)
  );
  const missed = $derived(
    rows.filter(({ shown, told, row }) => told < shown && row === 0).toSorted((a, b) => a.due - b.due)
  );
  const sum = (own: typeof rows, of: 'shown' | 'told') => own.reduce((all, one) => all + one[of], 0);
  const seconds = (own: typeof rows) => {
    const told = sum(own, 'told');
    const ms = own.reduce((all, one) => all + one.ms * one.told, 0);
    return told === 0 ? '–' : `${(ms / told / 1000).toFixed(1)} s`;
  };
</script>

{#if rows.length > 0}
  <section class="standings" aria-labelledby="eye-standings">
    <h2 id="eye-standings">What you see so far</h2>
    <table>
      <thead><tr><th>From where</th><th>Told</th><th>In</th><th>Seen</th></tr></thead>
      <tbody>
        {#each sides as { standpoint, own } (standpoint)}
          <tr data-standpoint={standpoint}>
            <th scope="row">{STANDPOINT_NAMES[standpoint]}</th>
            <td class="num">{sum(own, 'told')} of {sum(own, 'shown')}</td>
            <td class="num">{seconds(own)}</td>
            <td>{WELL[howWell(own)]}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if missed.length > 0}
      <h3>Comes back</h3>
      <ul>
        {#each missed.slice(0, MOST) as { key, family, check, text } (key)}
          <li><b>{text}</b> <span class="soft">{check.title}, {FAMILY_WORDS[family].toLowerCase()}</span></li>
        {/each}
      </ul>
    {/if}
  </section>
{/if}

<style>
  .standings {
    display: grid;
    gap: 0.5rem;
  }
  table {
    max-width: 36rem;
  }
  th {
    text-align: left;
    font-weight: 550;
  }
  thead th {
    font-weight: 400;
    color: var(--ink-soft);
  }
  th,
  td {
    padding: 0.3rem 1rem 0.3rem 0;
    border-bottom: 1px solid var(--line);
  }
  li {
    padding-block: 0.2rem;
  }
</style>
