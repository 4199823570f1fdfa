<script lang="ts">
  import { combineReadings, type MeasurementId } from '$lib/core/body';
  import { formatHeight, lengthNumber, type LengthUnit } from '$lib/core/length';
  import type { Measurement } from '$lib/data';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { dayText } from '$lib/words/dates';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import type { Snippet } from 'svelte';
  import { LengthEntry } from './entry.svelte';
  import type { MeasuringOrder } from './measuring-order';
  import ReadingsList from './ReadingsList.svelte';

  /**
   * One line of the measuring list. Takes a typed length, asks when it is unlikely, keeps every reading and
   * shows their mean. Enter takes the value and goes on; on an empty field it goes on at once.
   */
  let {
    kind,
    unit,
    typed,
    measurement,
    fresh,
    heightMm,
    isBeyondAge = () => false,
    estimateMm,
    active,
    onactive,
    onreading,
    ondrop,
    earlier = null,
    onwrong = () => {},
    order,
    extra
  }: {
    kind: MeasurementId;
    unit: LengthUnit;
    /** Where what is typed and not entered has its place. */
    typed: TypedTexts;
    measurement: Measurement | undefined;
    /** Whether that measurement is recent enough to be used. */
    fresh: boolean;
    heightMm: number | null;
    /** Whether a height lies far outside what the age lets expect. */
    isBeyondAge?: (mm: number) => boolean;
    estimateMm: number | null;
    /** The field in use stays open until another is used, so that nothing moves under a tap elsewhere. */
    active: boolean;
    onactive: () => void;
    /** Writes a reading; resolves when it is in the database. */
    onreading: (mm: number, now: Date) => Promise<unknown>;
    ondrop: (reading: Measurement['readings'][number]) => void;
    /** What was read on an earlier day, where this one was measured again. */
    earlier?: Measurement | null;
    /** What was read then was wrong. */
    onwrong?: (earlier: Measurement) => void;
    /** The list that this field is in. */
    order: MeasuringOrder;
    extra?: Snippet;
  } = $props();

  /** The longest text that can be a row of lengths. */
  const LENGTH_TEXT = 120;
  const uid = $props.id();
  let input: HTMLInputElement | undefined = $state();
  const text = $derived(typed.of(kind) ?? '');
  const words = $derived(MEASUREMENT_WORDS[kind]);
  const readings = $derived(fresh ? (measurement?.readings ?? []) : []);
  const value = $derived(
    readings.length > 0
      ? combineReadings(
          kind,
          readings.map(({ mm }) => mm)
        )
      : null
  );
  const apart = $derived(value !== null && !value.agrees);

  let focused = $state(false);
  /** Typed since the field was last left. Not reactive: a field that is taken away in use is left too. */
  let touched = false;
  /** What stands here came with a row: with its last length the list is done. */
  let inRow = false;
  const entry = new LengthEntry(() => ({
    kind,
    unit,
    text,
    readings: readings.map(({ mm }) => mm),
    heightMm,
    coming: typed.coming,
    isBeyondAge,
    write: (mm, now) => {
      touched = false;
      return onreading(mm, now);
    },
    entered: (taken) => typed.entered(kind, taken),
    goOn: () => (inRow ? order.done() : order.next(kind)),
    isLast: order.isLast(kind),
    passOn: (own, rest, goOn) => {
      typed.type(kind, own);
      if (own === '') typed.entered(kind, own);
      if (rest !== '') order.passOn(kind, rest, goOn);
    }
  }));

  export const focus = () => input?.focus();
  /** Takes the rest of a row, which was typed into the fields before it. */
  export function takeRest(rest: string, goOn: boolean): void {
    entry.reset();
    typed.type(kind, rest);
    if (!goOn) return entry.leave();
    inRow = true;
    focus();
    entry.enter();
  }

  const shown = $derived.by(() => {
    if (value)
      return kind === 'height'
        ? formatHeight(value.mm, unit).replace(/ cm$/, '')
        : lengthNumber(value.mm, unit);
    if (estimateMm !== null) return `≈ ${lengthNumber(estimateMm, unit)}`;
    return '';
  });

  function keydown(event: KeyboardEvent) {
    if (event.key === 'Enter') {
      event.preventDefault();
      if (!event.repeat) entry.enter();
    } else if (event.key === 'Escape' && (entry.question || entry.problem)) {
      event.preventDefault();
      entry.reset();
    }
  }
</script>

<div class="line" class:active class:apart>
  <label for={uid}>{words.name}</label>
  <div class="flex items-baseline gap-[0.35rem]">
    <input
      bind:this={input}
      id={uid}
      maxlength={LENGTH_TEXT}
      data-measure={kind}
      type="text"
      inputmode={unit === 'cm' ? 'decimal' : 'text'}
      enterkeyhint="next"
      autocomplete="off"
      spellcheck="false"
      value={focused || text !== '' ? text : shown}
      placeholder={focused ? shown || '–' : '–'}
      class:estimate={!value && !focused && text === ''}
      class:waiting={text !== '' && !focused}
      aria-describedby="{uid}-about"
      aria-invalid={entry.problem !== '' || undefined}
      onfocus={(event) => {
        focused = true;
        // What was taken stands there until it is in the database: the next number takes its place.
        if (typed.coming.has(kind)) event.currentTarget.select();
        onactive();
      }}
      onblur={() => {
        focused = false;
        if (touched) entry.leave();
        touched = false;
      }}
      oninput={(event) => {
        entry.reset();
        touched = true;
        inRow = false;
        typed.type(kind, event.currentTarget.value);
      }}
      onkeydown={keydown}
    />
    {#if active}<span class="unit num">{unit}</span>{/if}
  </div>
  <div class="about" id="{uid}-about">
    {#if active || apart || entry.question || entry.problem}
      {#if active}<p class="how">{words.how}</p>{/if}
      {#if value && measurement}
        <ReadingsList name={words.name} {readings} day={measurement.day} sdMm={value.sdMm} {unit} {ondrop} />
      {/if}
      {#if active && earlier}
        <p class="how">
          {lengthNumber(earlier.readings[0]?.mm ?? 0, unit)} on {dayText(earlier.day)}
          <button
            type="button"
            class="act-quiet"
            onpointerdown={(event) => event.preventDefault()}
            onclick={() => onwrong(earlier)}>It was wrong</button
          >
        </p>
      {/if}
      {#if apart && value}
        <p class="warn" role="alert">
          {lengthNumber(value.spreadMm, unit)}
          {unit} apart. Take {readings.length === 2 ? 'a third' : 'another'}, or drop one.
          <button
            type="button"
            class="act-quiet"
            onpointerdown={(event) => event.preventDefault()}
            onclick={() => readings.slice(0, -1).forEach(ondrop)}>Only the last counts</button
          >
        </p>
      {/if}
      {#if entry.problem !== ''}<p class="warn" role="alert">{entry.problem}</p>{/if}
      {#if entry.question}
        <div class="warn" role="alert">
          <p>{entry.question.text}</p>
          <p class="flex gap-2 mt-[0.4rem]">
            <button type="button" class="btn act" onclick={() => entry.confirm()}
              >Keep it <span class="key">↵</span></button
            >
            <button
              type="button"
              class="act-quiet"
              onclick={() => {
                entry.reset();
                typed.type(kind, '');
                input?.focus();
              }}>Type it again</button
            >
          </p>
        </div>
      {/if}
    {/if}
    {#if text !== '' && !focused && !entry.busy && !entry.question && entry.problem === ''}<p class="old">
        typed, not taken yet
      </p>{/if}
    {#if !fresh && measurement && measurement.readings.length > 0}
      <p class="old">
        {lengthNumber(measurement.readings[0]?.mm ?? 0, unit)} on {dayText(measurement.day)}
      </p>
    {/if}
  </div>
  {#if active}
    <button
      type="button"
      class="btn act go"
      tabindex="-1"
      onpointerdown={(event) => event.preventDefault()}
      onclick={() => entry.enter()}
    >
      {text.trim() === '' ? 'Skip' : 'Take'} <span class="key">↵</span>
    </button>
  {/if}
  {#if extra}<div class="extra">{@render extra()}</div>{/if}
</div>

<style>
  .line {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: center;
    column-gap: 0.5rem;
    padding-left: 0.75rem;
    border-left: 3px solid transparent;
  }
  .line.active {
    border-left-color: var(--next);
    padding-block: 0.35rem;
  }
  label {
    min-height: 2.4rem;
    display: flex;
    align-items: center;
  }
  .active label {
    font-weight: 650;
  }
  input {
    font-family: var(--mono);
    font-weight: 650;
    font-size: 1.05rem;
    width: 7.5rem;
    min-height: 2.4rem;
    padding: 0 0.25rem;
    text-align: right;
    background: transparent;
    border: 0;
    border-bottom: 1px solid transparent;
    color: var(--ink);
  }
  input:hover {
    border-bottom-color: var(--line-strong);
  }
  .active input {
    font-size: 1.5rem;
    border-bottom: 2px solid var(--next);
    outline: none;
  }
  input::placeholder {
    color: var(--ink-soft);
    opacity: 1;
    font-weight: 400;
  }
  .estimate {
    font-weight: 400;
    color: var(--ink-soft);
  }
  .waiting {
    font-weight: 400;
    font-style: italic;
  }
  .unit {
    color: var(--ink-soft);
  }
  .extra {
    grid-column: 1 / -1;
  }
  .about {
    grid-column: 1;
  }
  .about:last-child,
  .line:has(.warn) .about {
    grid-column: 1 / -1;
  }
  .how,
  .old {
    font-size: 0.85rem;
    color: var(--ink-soft);
  }
  .warn {
    color: var(--stop);
    font-size: 0.95rem;
    font-weight: 550;
    margin-block: 0.25rem;
  }
  .go {
    grid-column: 2;
    justify-self: end;
    align-self: start;
    margin-top: 0.35rem;
  }
</style>
