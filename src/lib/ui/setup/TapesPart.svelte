<script lang="ts">
  import type { Family, NominalInstrument } from '$lib/core/instruments';
  import { formatLength, parseLength, type LengthUnit } from '$lib/core/length';
  import { TAPE_LAYOUTS, layoutTapes } from '$lib/core/tapes';
  import { db, keptTapes, stepTapes, type Player } from '$lib/data';
  import { paperOf } from '$lib/print/papers';
  import Choice from '$lib/ui/Choice.svelte';
  import { clock } from '$lib/ui/clock.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';
  import ProofLine from '$lib/ui/ProofLine.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { dayText } from '$lib/words/dates';
  import { fingerText, LAYOUT_WORDS, semitonesText, sixteenthsText } from '$lib/words/tapes';

  /** Where finger tapes lie on this instrument: on screen, as a table, and as a strip to print at true scale. */
  let {
    player,
    family,
    instrument,
    unit
  }: { player: Player; family: Family; instrument: NominalInstrument; unit: LengthUnit } = $props();

  const kept = $derived(keptTapes(player));
  const keptOf = (semitones: number) => kept.find((one) => one.semitones === semitones) ?? null;
  const step = (semitones: readonly number[], what: Parameters<typeof stepTapes>[3]) =>
    void attempt(() => stepTapes(db, player, semitones, what, clock.today));

  const layouts = $derived(TAPE_LAYOUTS[family]);
  let picked = $state<string | null>(null);
  const layout = $derived(layouts.find(({ id }) => id === picked) ?? layouts[0]);
  /** As it was measured from nut to bridge; empty takes the size's own. */
  let measured = $state('');
  let proofMm = $state<number | null>(100);
  const parsed = $derived(measured.trim() === '' ? null : parseLength(measured, unit));
  const [LEAST_MM, MOST_MM] = [100, 1300];
  const stringMm = $derived(
    parsed?.ok && parsed.mm >= LEAST_MM && parsed.mm <= MOST_MM ? parsed.mm : instrument.stringMm
  );
  const wrong = $derived(parsed !== null && (!parsed.ok || parsed.mm !== stringMm));
  const tapes = $derived(layout ? layoutTapes(layout, stringMm) : []);
  let beyond = $state<readonly string[]>([]);
  /** Tapes of the layout that were never laid, and kept ones that are not of it. */
  const unlaid = $derived(tapes.map(({ semitones }) => semitones).filter((one) => keptOf(one) === null));
  const more = $derived(kept.filter(({ semitones }) => !tapes.some((tape) => tape.semitones === semitones)));

  const WIDE = 560;
  const shown = $derived(Math.max(1, ...tapes.map(({ mm }) => mm)) * 1.25);
  const x = (mm: number) => 24 + (mm / shown) * (WIDE - 60);
</script>

{#snippet isOn(semitones: number, name: string)}
  {@const tape = keptOf(semitones)}
  {#if tape?.off === null}
    since {dayText(tape.since)}
    <button
      type="button"
      class="act-quiet"
      aria-label="Take off the tape: {name}"
      onclick={() => step([semitones], 'take-off')}>take off</button
    >
  {:else if tape}
    off since {dayText(tape.off ?? '')}
    <button
      type="button"
      class="act-quiet"
      aria-label="Lay the tape again: {name}"
      onclick={() => step([semitones], 'lay')}>lay again</button
    >
  {:else}
    <span class="soft">not laid</span>
  {/if}
{/snippet}

<div class="flex flex-wrap items-end gap-x-6 gap-y-3">
  <Choice
    label="Layout"
    value={layout?.id ?? null}
    options={layouts.map(({ id }) => ({ value: id, text: LAYOUT_WORDS[id] ?? id }))}
    onpick={(id) => (picked = id)}
  />
  <label>
    String, nut to bridge
    <input
      class="field num"
      maxlength="12"
      placeholder={formatLength(instrument.stringMm, unit)}
      bind:value={measured}
    />
  </label>
</div>
{#if wrong}<p class="warning" role="alert">
    Type the string’s length, such as {formatLength(instrument.stringMm, unit)}.
  </p>{/if}
<svg
  viewBox="0 0 {WIDE} 66"
  role="img"
  aria-label="Tapes on the fingerboard, to scale from the nut on the left"
>
  <path class="board" d="M24 14L{WIDE - 12} 8V58L24 52Z" />
  <line class="nut" x1="24" x2="24" y1="12" y2="54" />
  {#each tapes as { semitones, mm, finger } (semitones)}
    <line class="tape" x1={x(mm)} x2={x(mm)} y1="10" y2="56" />
    <text x={x(mm)} y="65">{finger}</text>
  {/each}
</svg>
<table>
  <thead>
    <tr>
      <th scope="col">Tape</th><th scope="col">From the nut</th><th scope="col">Inch</th>
      <th scope="col">On the instrument</th>
    </tr>
  </thead>
  <tbody>
    {#each tapes as tape (tape.semitones)}
      <tr>
        <th scope="row">{fingerText(tape)}</th>
        <td class="num">{tape.mm.toFixed(1)} mm</td>
        <td class="num">{sixteenthsText(tape)}</td>
        <td>{@render isOn(tape.semitones, fingerText(tape))}</td>
      </tr>
    {/each}
  </tbody>
</table>
{#if more.length > 0}
  <ul class="more">
    {#each more as { semitones } (semitones)}
      <li>{semitonesText(semitones)} {@render isOn(semitones, semitonesText(semitones))}</li>
    {/each}
  </ul>
{/if}
{#if unlaid.length > 0}
  <button type="button" class="btn act" onclick={() => step(unlaid, 'lay')}>They are on now</button>
{/if}
<p class="soft text-sm">
  Tapes come off one by one as the ear takes over. A mark at the bow’s balance point helps beginners who start
  there.
</p>
<p class="soft text-sm">
  Tune first; the middle of the tape lies there. The fourth finger is proved by ear against the next open
  string.
</p>
<div class="flex flex-wrap items-end gap-x-6 gap-y-3">
  <ProofLine onread={(mm) => (proofMm = mm)} />
  <PdfButton
    text="Save the strip as PDF"
    fileName="tapes-{family}-{instrument.size.replaceAll('/', '-')}.pdf"
    disabled={proofMm === null}
    ask={async (door, report) => {
      const title = `${player.name}, ${instrument.size}`;
      const made = await door.strips([{ title, stringMm, tapes }], paperOf(unit), proofMm ?? 100, report);
      beyond = made.beyond.map(({ tape }) => fingerText(tape));
      return made;
    }}
  />
</div>
{#if beyond.length > 0}<p class="warning" role="alert">
    The page is too short for the {beyond.join(', ')}; lay those by the table.
  </p>{/if}

<style>
  label {
    display: grid;
    gap: 0.25rem;
    font-size: 0.9rem;
  }
  label input {
    width: 8rem;
  }
  svg {
    width: 100%;
    max-width: 35rem;
    margin-block: 0.5rem;
  }
  .board {
    fill: var(--tone-board);
  }
  .nut {
    stroke: var(--ink);
    stroke-width: 4;
  }
  .tape {
    stroke: var(--next);
    stroke-width: 4;
  }
  text {
    font-size: 10px;
    text-anchor: middle;
    fill: var(--ink-soft);
  }
  .more li {
    display: flex;
    align-items: center;
    gap: 0.75rem;
  }
  table {
    max-width: 40rem;
    width: 100%;
  }
  td.num {
    white-space: nowrap;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 1rem 0.25rem 0;
    border-bottom: 1px solid var(--line);
    font-weight: 400;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
