<script lang="ts">
  import { MM_PER_INCH, parseLength, type LengthUnit } from '$lib/core/length';
  import { chinRestClass, SETTING_IDS, type RestArrangement, type SettingId } from '$lib/core/setup';
  import { MARK_LENGTH } from '$lib/data/schema/setup';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { CHIN_CLASS_WORDS, isAlong, MOUNT_WORDS, SETTING_WORDS, settingText } from '$lib/words/setup';

  /** Every setting with its value, to be changed by steps or by typing, and the mark that brings it back. */
  let {
    rest,
    unit,
    typed,
    onadjust,
    onmark
  }: {
    rest: RestArrangement;
    unit: LengthUnit;
    /** Where marks that are being typed have their place. */
    typed: TypedTexts;
    /** An own value in mm, or undefined for the computed one. */
    onadjust: (id: RestId, mm: number | undefined) => void;
    onmark: (id: RestId, text: string) => void;
  } = $props();

  type RestId = SettingId<'rest'>;
  /** The tilt has a slider of its own. */
  const LENGTHS = SETTING_IDS.rest.filter((id) => id !== 'tilt');
  const stepMm = $derived(unit === 'cm' ? 1 : MM_PER_INCH / 16);
  /** Steps run along whole steps of the tape. */
  const rounded = (mm: number) => Math.round(mm / stepMm) * stepMm;
  /** Nothing on a violin or viola is set further than this. */
  const LONGEST_MM = 400;
  let problem = $state('');

  function typeValue(id: RestId, text: string) {
    const bare = /^[\d.,]+$/.test(text.trim()) && unit === 'cm' && !isAlong(id) ? `${text} mm` : text;
    const parsed = parseLength(bare.replace('−', '-'), unit);
    const mm = /^0+([.,]0+)? *(mm|cm|in)?$/.test(text.trim()) ? 0 : parsed.ok ? parsed.mm : null;
    if (mm !== null && mm <= LONGEST_MM) {
      problem = '';
      onadjust(id, mm);
    } else {
      problem = `${SETTING_WORDS[id].name}: type a length such as ${unit === 'cm' ? '12 mm' : '1/2 in'}.`;
    }
  }
</script>

<table>
  <caption class="sr-only">Settings and their marks</caption>
  <thead>
    <tr>
      <th scope="col">Setting</th>
      <th scope="col">Value</th>
      <th scope="col">Mark, to find it again</th>
    </tr>
  </thead>
  <tbody>
    {#each LENGTHS as id (id)}
      {@const setting = rest.settings[id]}
      {@const name = SETTING_WORDS[id].name}
      <tr>
        <th scope="row">
          {name}
          <span class="soft">
            {#if id === 'chinRest'}{CHIN_CLASS_WORDS[chinRestClass(setting.value)]}, {MOUNT_WORDS[
                rest.choices.mount
              ]}{:else}{SETTING_WORDS[id].hint}{/if}
          </span>
        </th>
        <td>
          <span class="value">
            <button
              type="button"
              class="btn act"
              aria-label="{name} lower"
              onclick={() => onadjust(id, Math.max(0, rounded(setting.value) - stepMm))}>−</button
            >
            <input
              class="num"
              aria-label={name}
              value={settingText(id, setting.value, unit)}
              maxlength="40"
              inputmode={unit === 'cm' ? 'decimal' : 'text'}
              onchange={(event) => {
                typeValue(id, event.currentTarget.value);
                event.currentTarget.value = settingText(id, rest.settings[id].value, unit);
              }}
            />
            <button
              type="button"
              class="btn act"
              aria-label="{name} higher"
              onclick={() => onadjust(id, rounded(setting.value) + stepMm)}>+</button
            >
            {#if setting.origin === 'adjusted'}
              <button type="button" class="act-quiet" onclick={() => onadjust(id, undefined)}
                >as computed</button
              >
            {/if}
          </span>
        </td>
        <td>
          <input
            class="field"
            aria-label="Mark for {name}"
            maxlength={MARK_LENGTH}
            placeholder={id.endsWith('Along') ? 'such as: sticker at the foot' : ''}
            value={typed.of(`mark.${id}`) ?? setting.mark}
            oninput={(event) => typed.type(`mark.${id}`, event.currentTarget.value)}
            onchange={(event) => onmark(id, event.currentTarget.value)}
          />
        </td>
      </tr>
    {/each}
  </tbody>
</table>
{#if problem}<p class="warning" role="alert">{problem}</p>{/if}

<style>
  table {
    width: 100%;
    margin-block: 0.75rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.2rem 0.5rem 0.2rem 0;
    border-bottom: 1px solid var(--line);
    vertical-align: middle;
  }
  tbody th {
    font-weight: 600;
  }
  tbody th span {
    display: block;
    font-weight: 400;
    font-size: 0.85rem;
  }
  thead th {
    font-size: 0.85rem;
    font-weight: 400;
    color: var(--ink-soft);
  }
  .value {
    display: inline-flex;
    align-items: center;
    gap: 0.35rem;
  }
  .value .btn {
    min-width: 2.75rem;
    padding: 0;
  }
  .value input {
    width: 6rem;
    min-height: 2.75rem;
    text-align: center;
    font-weight: 650;
    background: transparent;
    border: 0;
    border-bottom: 1px solid var(--line-strong);
    color: var(--ink);
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
