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

<ul class="settings" aria-label="Settings and their marks">
  {#each ids as id (id)}
    {@const setting = settings[id]}
    {@const name = settingWords(arrangement, id).name}
    {#if setting}
      <li data-setting={id}>
        <p>
          <b>{name}</b>
          <span class="soft">
            {#if id === 'chinRest' && arrangement.kind === 'rest'}{CHIN_CLASS_WORDS[
                chinRestClass(setting.value)
              ]}, {MOUNT_WORDS[arrangement.choices.mount]}{:else}{settingWords(arrangement, id).hint}{/if}
          </span>
          {#if setting.origin !== 'computed'}
            <button type="button" class="own" onclick={() => onadjust(id, undefined)}
              >{setting.origin === 'held' ? 'let go' : 'work out anew'}</button
            >
          {:else if kind !== 'rest'}
            <button
              type="button"
              class="own"
              aria-label="Fix {name}"
              onclick={() => onadjust(id, Math.round(setting.value))}>fix</button
            >
          {/if}
        </p>
        <div class="value">
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
          <input
            class="mark"
            aria-label="Mark for {name}"
            maxlength={MARK_LENGTH}
            placeholder="mark, to find it again"
            value={typed.of(`mark.${id}`) ?? setting.mark}
            oninput={(event) => typed.type(`mark.${id}`, event.currentTarget.value)}
            onchange={(event) => onmark(id, event.currentTarget.value)}
          />
        </div>
      </li>
    {/if}
  {/each}
</ul>
{#if problem}<p class="warning" role="alert">{problem}</p>{/if}

<style>
  .settings {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(14.5rem, 1fr));
    gap: 0.1rem 1.25rem;
    margin-block: 0.25rem;
  }
  li {
    border-top: 1px solid var(--line);
    min-width: 0;
  }
  li p {
    display: flex;
    align-items: baseline;
    gap: 0 0.5rem;
    line-height: 1.15rem;
  }
  li p .soft {
    font-size: 0.85rem;
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  /* The words take one line; the place to touch is larger than they are. */
  .own {
    position: relative;
    font-size: 0.85rem;
    color: var(--ink-soft);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  .own::after {
    content: '';
    position: absolute;
    inset: -0.6rem -0.5rem -0.2rem;
  }
  .value {
    display: flex;
    align-items: center;
    gap: 0.25rem;
    padding-bottom: 0.15rem;
  }
  .value .btn {
    min-width: 2.75rem;
    padding: 0;
  }
  .value input {
    min-height: 2.75rem;
    background: transparent;
    border: 0;
    color: var(--ink);
  }
  .value .num {
    width: 5rem;
    padding: 0;
    text-align: center;
    font-weight: 650;
  }
  .value .mark {
    flex: 1;
    min-width: 0;
    font-size: 0.9rem;
    padding-inline: 0.5rem;
    color: var(--next);
    border-bottom: 1px solid var(--line);
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
