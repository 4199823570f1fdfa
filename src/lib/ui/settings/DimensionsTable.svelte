<script lang="ts">
  import {
    dimensionTable,
    EDITABLE_DIMENSIONS,
    NOMINAL_INSTRUMENTS,
    type DimensionOverrides,
    type EditableDimension,
    type Family,
    type Size
  } from '$lib/core/instruments';
  import { formatSetting, lengthNumber, parseLength, type LengthUnit } from '$lib/core/length';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { lengthProblemSentence } from '$lib/words/lengths';

  /** Nominal dimensions of a family, each to be replaced by the teacher's own and set back. */
  let {
    family,
    unit,
    overrides,
    onchange
  }: {
    family: Family;
    unit: LengthUnit;
    overrides: DimensionOverrides;
    onchange: (overrides: DimensionOverrides) => void;
  } = $props();

  const NAMES: Readonly<Record<EditableDimension, string>> = {
    overallMm: 'Overall',
    bodyMm: 'Body',
    stringMm: 'String',
    ribMm: 'Rib',
    bowMm: 'Bow',
    lowerBoutMm: 'Lower bout',
    chinRestMm: 'Chin rest',
    pinMinMm: 'Pin from',
    pinMaxMm: 'Pin to'
  };
  /** Dimensions that instruments of this family have. */
  const columns = $derived(
    EDITABLE_DIMENSIONS.filter((id) => NOMINAL_INSTRUMENTS[family].some((row) => row[id] !== null)).map(
      (id) => ({ id, name: NAMES[id] })
    )
  );
  /** A dimension further from nominal than this is more likely a slip. */
  const FURTHEST_SHARE = 0.25;

  const rows = $derived(dimensionTable(family, overrides).toReversed());
  const nominal = $derived(NOMINAL_INSTRUMENTS[family]);
  const own = $derived(overrides[family] ?? {});
  let problem = $state('');

  function set(size: Size, id: EditableDimension, input: HTMLInputElement) {
    const usual = nominal.find((row) => row.size === size)?.[id] ?? 0;
    const shown = rows.find((row) => row.size === size)?.[id] ?? 0;
    const parsed = parseLength(input.value, unit);
    problem = '';
    if (!parsed.ok) problem = `${size}: ${lengthProblemSentence(parsed.problem, unit)}`;
    else if (Math.abs(parsed.mm - usual) > FURTHEST_SHARE * usual)
      problem = `${size}: ${formatSetting(parsed.mm, unit)} is too far from the usual ${formatSetting(usual, unit)} to be this size.`;
    if (!parsed.ok || problem !== '') {
      input.value = lengthNumber(shown, unit);
      return;
    }
    const { [id]: _old, ...others } = own[size] ?? {};
    const dimensions = Math.abs(parsed.mm - usual) < 0.05 ? others : { ...others, [id]: parsed.mm };
    onchange({ ...overrides, [family]: { ...own, [size]: dimensions } });
  }

  function reset() {
    problem = '';
    onchange({ ...overrides, [family]: {} });
  }

  const isOwn = (size: Size, id: EditableDimension) => own[size]?.[id] !== undefined;
  const anyOwn = $derived(Object.values(own).some((row) => Object.keys(row).length > 0));
</script>

<div class="overflow-x-auto" role="region" aria-label="{FAMILY_WORDS[family]} dimensions" tabindex="-1">
  <table>
    <caption>{FAMILY_WORDS[family]}, in {unit}</caption>
    <thead>
      <tr>
        <th scope="col">Size</th>
        {#each columns as column (column.id)}<th scope="col">{column.name}</th>{/each}
      </tr>
    </thead>
    <tbody>
      {#each rows as row (row.size)}
        <tr>
          <th scope="row" class="num">{row.size}</th>
          {#each columns as { id, name } (id)}
            <td>
              <input
                class="num"
                class:own={isOwn(row.size, id)}
                aria-label="{name} of {row.size}{isOwn(row.size, id) ? ', own value' : ''}"
                value={lengthNumber(row[id] ?? 0, unit)}
                onchange={(event) => set(row.size, id, event.currentTarget)}
              />
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
{#if anyOwn}
  <p>
    <button type="button" class="btn act" onclick={reset}
      >Reset {FAMILY_WORDS[family].toLowerCase()} dimensions</button
    >
  </p>
{/if}

<style>
  caption {
    text-align: left;
    font-size: 0.9rem;
    color: var(--ink-soft);
  }
  th,
  td {
    padding: 0 0.5rem 0 0;
    text-align: left;
    white-space: nowrap;
  }
  thead th {
    font-weight: 400;
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  input {
    width: 5.5rem;
    min-height: 2.75rem;
    padding-inline: 0.35rem;
    background: transparent;
    border: 0;
    border-bottom: 1px solid var(--line);
    color: var(--ink);
  }
  .own {
    font-weight: 700;
    border-bottom: 2px solid var(--next);
  }
  .problem {
    color: var(--stop);
    font-weight: 600;
  }
</style>
