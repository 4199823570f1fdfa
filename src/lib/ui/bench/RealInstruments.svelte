<script lang="ts">
  import Fold from '$lib/ui/Fold.svelte';
  import X from '@lucide/svelte/icons/x';
  import { dimensionsOf, sizesUp, type Family, type MeasuredInstrument } from '$lib/core/instruments';
  import { formatLength, parseLength } from '$lib/core/length';
  import { changeDraft, db, type Player } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import { lengthProblemSentence } from '$lib/words/lengths';
  import type { Bench } from './bench.svelte';

  /** Real instruments at hand: their measured length replaces the nominal one of their size. */
  let { bench, player }: { bench: Bench; player: Player } = $props();

  const family: Family = $derived(player.family);
  const unit = $derived(bench.settings.unit);
  const known = $derived(bench.draft.instruments);
  /** What was measured of what the player has from the cupboard. */
  const lent = $derived(bench.lent.filter(({ overallMm }) => overallMm !== null));
  /** A real instrument is not further than this from the nominal length of its size. */
  const FAR_SHARE = 0.15;

  // Opened by the teacher, or because something is kept here; never closed by a change elsewhere.
  // svelte-ignore state_referenced_locally
  let open = $state(bench.draft.instruments.length > 0 || bench.typed.of('instrument.overall') !== undefined);
  let picked = $state<string | null>(null);
  const size = $derived(picked ?? bench.advice?.size ?? bench.proposal?.careful ?? sizesUp(family)[0] ?? '');
  const OVERALL = 'instrument.overall';
  const STRING = 'instrument.string';
  const overall = $derived(bench.typed.of(OVERALL) ?? '');
  const string = $derived(bench.typed.of(STRING) ?? '');
  const LENGTH_TEXT = 40;
  let problem = $state('');

  const keep = (change: (known: readonly MeasuredInstrument[]) => readonly MeasuredInstrument[]) =>
    attempt(() =>
      changeDraft(db, player, 'Measured an instrument', ({ instruments }) => ({
        instruments: change(instruments)
      }))
    );

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const length = parseLength(overall, unit);
    const stringLength = string.trim() === '' ? null : parseLength(string, unit);
    if (!length.ok) return void (problem = `Overall length: ${lengthProblemSentence(length.problem, unit)}`);
    if (stringLength && !stringLength.ok)
      return void (problem = `String length: ${lengthProblemSentence(stringLength.problem, unit)}`);
    const nominal = dimensionsOf(family, size, bench.settings.dimensions);
    if (Math.abs(length.mm / nominal.overallMm - 1) > FAR_SHARE)
      return void (problem = `A ${size} is about ${formatLength(nominal.overallMm, unit)} long. Is the size right?`);
    if (stringLength && stringLength.mm >= length.mm)
      return void (problem = 'The string can’t be longer than the instrument.');
    problem = '';
    const one = {
      size,
      overallMm: length.mm,
      ...(stringLength ? { stringMm: stringLength.mm } : {})
    };
    if (await keep((all) => [...all.filter((other) => other.size !== size), one]))
      bench.typed.drop(OVERALL, STRING);
  }
</script>

<Fold
  name="real-instruments"
  title={`A real instrument at hand${known.length + lent.length > 0 ? `: ${known.length + lent.length}` : '…'}`}
  quiet
  bind:open
>
  {#if known.length + lent.length > 0}
    <ul>
      {#each lent as one (one.number)}
        <li data-lent>
          <b class="num">{one.size}</b>
          no. {one.number}, lent: {formatLength(one.overallMm ?? 0, unit)} long{one.stringMm
            ? `, string ${formatLength(one.stringMm, unit)}`
            : ''}
        </li>
      {/each}
      {#each known as one (one.size)}
        <li>
          <b class="num">{one.size}</b>
          {formatLength(one.overallMm, unit)} long{one.stringMm
            ? `, string ${formatLength(one.stringMm, unit)}`
            : ''}
          <button
            type="button"
            aria-label="Forget the measured {one.size}"
            onclick={() => keep((all) => all.filter((other) => other.size !== one.size))}
            ><X size={16} aria-hidden="true" /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <form onsubmit={add}>
    <label>
      <span>Size</span>
      <select class="field" value={size} onchange={(event) => (picked = event.currentTarget.value)}>
        {#each sizesUp(family) as one (one)}<option value={one}>{one}</option>{/each}
      </select>
    </label>
    <label>
      <span>Overall, {unit}</span>
      <input
        class="field num"
        autocomplete="off"
        maxlength={LENGTH_TEXT}
        value={overall}
        oninput={(event) => bench.typed.type(OVERALL, event.currentTarget.value)}
        aria-invalid={problem !== '' || undefined}
      />
    </label>
    <label>
      <span>String, {unit} (optional)</span>
      <input
        class="field num"
        autocomplete="off"
        maxlength={LENGTH_TEXT}
        value={string}
        oninput={(event) => bench.typed.type(STRING, event.currentTarget.value)}
      />
    </label>
    <button type="submit" class="btn act">Judge by it</button>
  </form>
  {#if problem}<p class="problem" role="alert">{problem}</p>{/if}
</Fold>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 0.5rem 0.75rem;
  }
  label {
    display: grid;
    gap: 0.15rem;
    font-size: 0.9rem;
    max-width: 11rem;
  }
  li {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  li button {
    min-width: 2.75rem;
    min-height: 2.75rem;
    display: inline-grid;
    place-items: center;
  }
  .problem {
    color: var(--stop);
    font-weight: 550;
  }
</style>
