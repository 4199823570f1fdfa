<script lang="ts">
  import { formatSetting, parseLength, type LengthUnit } from '$lib/core/length';
  import { OWN_REST_KINDS, type OwnRest } from '$lib/core/setup';
  import { newId } from '$lib/data';
  import { MOST_OWN_RESTS } from '$lib/data/schema/settings';
  import { OWN_REST_WORDS } from '$lib/words/rests';

  /** The rests that the teacher has: kind, name, what they can be set to, how many. */
  let {
    rests,
    unit,
    onchange
  }: {
    rests: readonly OwnRest[];
    unit: LengthUnit;
    /** Changes the list as it is stored at that moment. */
    onchange: (label: string, change: (rests: readonly OwnRest[]) => readonly OwnRest[]) => void;
  } = $props();

  const USUAL: Omit<OwnRest, 'id'> = {
    kind: 'shoulder-rest',
    name: 'Shoulder rest',
    lowMm: 25,
    highMm: 50,
    narrowMm: 140,
    wideMm: 210,
    count: 1
  };
  const LENGTHS = [
    ['lowMm', 'Lowest'],
    ['highMm', 'Highest'],
    ['narrowMm', 'Narrowest'],
    ['wideMm', 'Widest']
  ] as const;
  type LengthKey = (typeof LENGTHS)[number][0];

  let problem = $state('');

  const change = (id: string, patch: Partial<OwnRest>) => {
    problem = '';
    onchange('Changed an own rest', (all) => all.map((one) => (one.id === id ? { ...one, ...patch } : one)));
  };

  function setLength(rest: OwnRest, key: LengthKey, input: HTMLInputElement) {
    const text = input.value.trim();
    const bare = unit === 'cm' && /^[\d.,]+$/.test(text) ? `${text} mm` : text;
    const parsed = parseLength(bare, unit);
    const shown = rest[key];
    if (text === '' && (key === 'narrowMm' || key === 'wideMm')) return change(rest.id, { [key]: null });
    if (!parsed.ok) problem = `${rest.name}: type a length such as ${unit === 'cm' ? '35 mm' : '1 3/8 in'}.`;
    else if ((key === 'lowMm' && parsed.mm > rest.highMm) || (key === 'highMm' && parsed.mm < rest.lowMm))
      problem = `${rest.name}: the highest lies below the lowest.`;
    else if (
      (key === 'narrowMm' && rest.wideMm !== null && parsed.mm > rest.wideMm) ||
      (key === 'wideMm' && rest.narrowMm !== null && parsed.mm < rest.narrowMm)
    )
      problem = `${rest.name}: the widest lies below the narrowest.`;
    else return change(rest.id, { [key]: parsed.mm });
    input.value = shown === null ? '' : formatSetting(shown, unit);
  }

  function setCount(rest: OwnRest, input: HTMLInputElement) {
    const count = Number(input.value);
    if (Number.isInteger(count) && count >= 0 && count <= 999) return change(rest.id, { count });
    problem = `${rest.name}: how many are there, 0 to 999?`;
    input.value = String(rest.count);
  }
</script>

{#if rests.length > 0}
  <div class="scroll" role="region" aria-label="Table of my own rests" tabindex="-1">
    <table>
      <thead>
        <tr>
          <th scope="col">Kind</th><th scope="col">Name</th>
          {#each LENGTHS as [key, name] (key)}<th scope="col">{name}</th>{/each}
          <th scope="col">How many</th><th scope="col"><span class="sr-only">Remove</span></th>
        </tr>
      </thead>
      <tbody>
        {#each rests as rest (rest.id)}
          <tr>
            <td>
              <select
                class="field"
                aria-label="Kind of {rest.name}"
                value={rest.kind}
                onchange={(event) => {
                  const kind = OWN_REST_KINDS.find((one) => one === event.currentTarget.value);
                  if (kind) change(rest.id, { kind });
                }}
              >
                {#each OWN_REST_KINDS as kind (kind)}<option value={kind}>{OWN_REST_WORDS[kind]}</option
                  >{/each}
              </select>
            </td>
            <td>
              <input
                class="field name"
                maxlength="60"
                aria-label="Name of {rest.name}"
                value={rest.name}
                onchange={(event) =>
                  change(rest.id, { name: event.currentTarget.value.trim() || OWN_REST_WORDS[rest.kind] })}
              />
            </td>
            {#each LENGTHS as [key, name] (key)}
              {@const mm = rest[key]}
              <td>
                {#if rest.kind === 'shoulder-rest' || key === 'lowMm' || key === 'highMm'}
                  <input
                    class="field num"
                    maxlength="12"
                    aria-label="{name} of {rest.name}"
                    value={mm === null ? '' : formatSetting(mm, unit)}
                    onchange={(event) => setLength(rest, key, event.currentTarget)}
                  />
                {/if}
              </td>
            {/each}
            <td>
              <input
                class="field num"
                inputmode="numeric"
                maxlength="3"
                aria-label="How many of {rest.name}"
                value={rest.count}
                onchange={(event) => setCount(rest, event.currentTarget)}
              />
            </td>
            <td>
              <button
                type="button"
                class="act-quiet"
                aria-label="Remove {rest.name}"
                onclick={() =>
                  onchange('Removed an own rest', (all) => all.filter(({ id }) => id !== rest.id))}
                >Remove</button
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
{/if}
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
<p>
  <button
    type="button"
    class="btn act"
    disabled={rests.length >= MOST_OWN_RESTS}
    onclick={() => onchange('Listed an own rest', (all) => [...all, { ...USUAL, id: newId() }])}
  >
    List one more
  </button>
</p>

<style>
  .scroll {
    overflow-x: auto;
    padding: 2px 2px 4px;
  }
  th {
    text-align: left;
    font-weight: 400;
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  td {
    padding: 0.15rem 0.5rem 0.15rem 0;
  }
  td .num {
    width: 5.5rem;
  }
  td .name {
    width: 12rem;
  }
  td select {
    width: 9.5rem;
  }
  .problem {
    color: var(--stop);
    font-weight: 550;
  }
</style>
