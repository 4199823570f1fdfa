<script lang="ts">
  import { MM_PER_INCH, parseLength, type LengthUnit } from '$lib/core/length';
  import {
    chinRestClass,
    rangeOf,
    settingsInUse,
    unitOf,
    type Arrangement,
    type OwnOrigin,
    type Setting,
    type SettingId
  } from '$lib/core/setup';
  import { MARK_LENGTH } from '$lib/data/schema/setup';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { CHIN_CLASS_WORDS, isAlong, MOUNT_WORDS, settingText, settingWords } from '$lib/words/setup';

  /** Every setting with its value, to be changed by steps or by typing, and the mark that brings it back. */
  let {
    arrangement,
    unit,
    typed,
    onadjust,
    onmark
  }: {
    arrangement: Arrangement;
    unit: LengthUnit;
    /** Where marks that are being typed have their place. */
    typed: TypedTexts;
    /** An own value in the setting's unit, or undefined for the computed one. */
    onadjust: (id: SettingId, value: number | undefined, origin?: OwnOrigin) => void;
    onmark: (id: SettingId, text: string) => void;
  } = $props();

  const kind = $derived(arrangement.kind);
  /** The tilt of a rest has a slider of its own. */
  const ids = $derived(settingsInUse(arrangement).filter((id) => id !== 'tilt'));
  const settings = $derived(arrangement.settings as Readonly<Partial<Record<SettingId, Setting>>>);
  const stepOf = (id: SettingId) => (unitOf(id) === 'deg' || unit === 'cm' ? 1 : MM_PER_INCH / 16);
  /** Steps run along whole steps of the tape, and end where the setting does. */
  function moved(id: SettingId, by: number): number {
    const { low, high } = rangeOf(kind, id);
    const step = stepOf(id);
    const next = Math.round((settings[id]?.value ?? 0) / step) * step + by * step;
    return Math.min(high, Math.max(low, next));
  }
  let problem = $state('');

  function read(id: SettingId, text: string): number | null {
    const bare = text.trim().replace('−', '-');
    if (unitOf(id) === 'deg') {
      const deg = Number(bare.replace('°', '').replace(',', '.'));
      return bare === '' || Number.isNaN(deg) ? null : deg;
    }
    if (/^-?0+([.,]0+)? *(mm|cm|in)?$/.test(bare)) return 0;
    const size = bare.replace(/^-/, '');
    const asMm = /^[\d.,]+$/.test(size) && unit === 'cm' && !isAlong(id) ? `${size} mm` : size;
    const parsed = parseLength(asMm, unit);
    return parsed.ok ? (bare.startsWith('-') ? -parsed.mm : parsed.mm) : null;
  }

  function typeValue(id: SettingId, text: string) {
    const value = read(id, text);
    const { low, high } = rangeOf(kind, id);
    const name = settingWords(arrangement, id).name;
    if (value === null)
      problem =
        unitOf(id) === 'deg'
          ? `${name}: type degrees, such as 12.`
          : `${name}: type a length such as ${unit === 'cm' ? '12 mm' : '1/2 in'}.`;
    else if (value < low || value > high)
      problem = `${name}: between ${settingText(id, low, unit)} and ${settingText(id, high, unit)}.`;
    else {
      problem = '';
      onadjust(id, value, 'typed');
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
    {#each ids as id (id)}
      {@const setting = settings[id]}
      {@const name = settingWords(arrangement, id).name}
      {#if setting}
        <tr data-setting={id}>
          <th scope="row">
            {name}
            <span class="soft">
              {#if id === 'chinRest' && arrangement.kind === 'rest'}{CHIN_CLASS_WORDS[
                  chinRestClass(setting.value)
                ]}, {MOUNT_WORDS[arrangement.choices.mount]}{:else}{settingWords(arrangement, id).hint}{/if}
            </span>
          </th>
          <td>
            <span class="value">
              <button
                type="button"
                class="btn act"
                aria-label="{name} lower"
                onclick={() => onadjust(id, moved(id, -1))}>−</button
              >
              <input
                class="num"
                aria-label={name}
                value={settingText(id, setting.value, unit)}
                maxlength="40"
                inputmode={unit === 'cm' ? 'decimal' : 'text'}
                onchange={(event) => {
                  typeValue(id, event.currentTarget.value);
                  event.currentTarget.value = settingText(id, settings[id]?.value ?? 0, unit);
                }}
              />
              <button
                type="button"
                class="btn act"
                aria-label="{name} higher"
                onclick={() => onadjust(id, moved(id, 1))}>+</button
              >
              {#if setting.origin !== 'computed'}
                <button type="button" class="act-quiet" onclick={() => onadjust(id, undefined)}
                  >{setting.origin === 'held' ? 'let go' : 'as computed'}</button
                >
              {:else if kind !== 'rest'}
                <button
                  type="button"
                  class="act-quiet"
                  aria-label="Hold {name}"
                  onclick={() => onadjust(id, Math.round(setting.value))}>hold</button
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
      {/if}
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
