<script lang="ts">
  import { isShoulderFamily } from '$lib/core/instruments';
  import { formatLength, parseLength, type LengthUnit } from '$lib/core/length';
  import type { InstrumentForm } from '$lib/data/commands/cupboard';
  import type { StoredInstrument } from '$lib/data/questions/cupboard';
  import Fold from '$lib/ui/Fold.svelte';

  /** What else is known of an instrument: lengths by which set-ups and strips are made, and what goes with it. */
  let {
    instrument,
    unit,
    onchange
  }: {
    instrument: StoredInstrument;
    unit: LengthUnit;
    onchange: (patch: Partial<InstrumentForm>) => void;
  } = $props();

  const low = $derived(!isShoulderFamily(instrument.family));
  const lengths = $derived([
    { field: 'stringMm' as const, text: 'String, nut to bridge' },
    { field: 'ribMm' as const, text: 'Height of the ribs' },
    ...(low ? [{ field: 'pinMaxMm' as const, text: 'The pin comes out by' }] : [])
  ]);
  const PARTS = [
    { field: 'bow', text: 'Bow' },
    { field: 'rest', text: 'Rest or strap' },
    { field: 'place', text: 'Where it is kept' }
  ] as const;
  /** The field with what is no length. */
  let wrong = $state('');

  function measure(field: 'stringMm' | 'ribMm' | 'pinMaxMm', text: string) {
    const read = text.trim() === '' ? null : parseLength(text, unit);
    wrong = read && !read.ok ? field : '';
    if (wrong === '') onchange({ [field]: read?.ok ? read.mm : null });
  }

  function notch(text: string) {
    const all = text
      .split(/[\s;]+/)
      .filter((part) => part !== '')
      .map((part) => parseLength(part, unit));
    wrong = all.every((one) => one.ok) ? '' : 'notches';
    if (wrong !== '') return;
    const notchesMm = all.flatMap((one) => (one.ok ? [one.mm] : [])).sort((a, b) => a - b);
    onchange({ notchesMm: notchesMm.length > 0 ? notchesMm : undefined });
  }
  const shown = (mm: number | null | undefined) => (mm == null ? '' : formatLength(mm, unit));
</script>

<Fold name="instrument-details" title="More of it" quiet>
  <div class="details">
    {#each lengths as { field, text } (field)}
      <label>
        {text}
        <input
          class="field num"
          placeholder="by its size"
          value={shown(instrument[field])}
          aria-invalid={wrong === field || undefined}
          onchange={({ currentTarget }) => measure(field, currentTarget.value)}
        />
      </label>
    {/each}
    {#if low}
      <label>
        Notches of the pin
        <input
          class="field num"
          placeholder="none"
          value={(instrument.notchesMm ?? []).map((mm) => formatLength(mm, unit).split(' ')[0]).join(' ')}
          aria-invalid={wrong === 'notches' || undefined}
          onchange={({ currentTarget }) => notch(currentTarget.value)}
        />
      </label>
    {/if}
    {#if wrong !== ''}<p role="alert">This is no length.</p>{/if}
    {#each PARTS as { field, text } (field)}
      <label>
        {text}
        <input
          class="field"
          maxlength="80"
          value={instrument[field] ?? ''}
          onchange={({ currentTarget }) => onchange({ [field]: currentTarget.value.trim() || undefined })}
        />
      </label>
    {/each}
  </div>
</Fold>

<style>
  .details {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem 0.75rem;
    padding-top: 0.5rem;
  }
  label {
    display: grid;
    align-content: end;
    font-size: 0.9rem;
  }
  input {
    min-width: 0;
  }
  p {
    grid-column: 1 / -1;
    color: var(--stop);
    font-weight: 600;
  }
</style>
