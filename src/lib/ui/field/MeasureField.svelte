<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { combineReadings, plausibility, type MeasurementId } from '$lib/core/body';
  import { formatHeight, lengthNumber, parseLength, type LengthUnit } from '$lib/core/length';
  import type { Measurement } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import type { TypedTexts } from '$lib/ui/typed.svelte';
  import { dayText } from '$lib/words/dates';
  import { lengthProblemSentence, plausibilitySentence } from '$lib/words/lengths';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import type { Snippet } from 'svelte';

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
    onnext,
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
    onreading: (mm: number) => Promise<unknown>;
    ondrop: (reading: Measurement['readings'][number]) => void;
    onnext: () => void;
    extra?: Snippet;
  } = $props();

  /** The longest text that can be a length. */
  const LENGTH_TEXT = 40;
  const uid = $props.id();
  let input: HTMLInputElement | undefined = $state();
  const text = $derived(typed.of(kind) ?? '');
  const taking = new Action();
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
  let question = $state<{ mm: number; text: string } | null>(null);
  let problem = $state('');

  const shown = $derived.by(() => {
    if (value)
      return kind === 'height'
        ? formatHeight(value.mm, unit).replace(/ cm$/, '')
        : lengthNumber(value.mm, unit);
    if (estimateMm !== null) return `≈ ${lengthNumber(estimateMm, unit)}`;
    return '';
  });

  /** Takes what was typed. Leaving the field takes it too, but asks no question twice and does not go on. */
  function enter(confirmed = false, goOn = true) {
    if (text.trim() === '') {
      if (!goOn) return;
      if (!apart || problem !== '') return onnext();
      problem = ' ';
      return;
    }
    const parsed = parseLength(text, unit);
    if (!parsed.ok) {
      problem = lengthProblemSentence(parsed.problem, unit);
      return;
    }
    problem = '';
    const forAge = isBeyondAge(parsed.mm) ? 'beyond' : 'within';
    const judged = plausibility(kind, parsed.mm, heightMm, forAge);
    if (judged.kind === 'impossible') {
      problem = plausibilitySentence(kind, parsed.mm, judged, unit);
      return;
    }
    const asked = confirmed || question?.mm === parsed.mm;
    if (judged.kind === 'ask' && !asked) {
      question = { mm: parsed.mm, text: plausibilitySentence(kind, parsed.mm, judged, unit) };
      return;
    }
    if (taking.busy) return;
    const before = readings.map(({ mm }) => mm);
    question = null;
    touched = false;
    const entered = text;
    void taking.run(async () => {
      await onreading(parsed.mm);
      typed.entered(kind, entered);
    });
    if (combineReadings(kind, [...before, parsed.mm]).agrees && goOn) onnext();
  }

  function keydown(event: KeyboardEvent) {
    if (event.key === 'Enter') {
      event.preventDefault();
      if (!event.repeat) enter();
    } else if (event.key === 'Escape' && (question || problem)) {
      event.preventDefault();
      question = null;
      problem = '';
    }
  }
</script>

<div class="line" class:active class:apart>
  <label for={uid}>{words.name}</label>
  <div class="entry">
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
      aria-invalid={problem.trim() !== '' || undefined}
      onfocus={() => {
        focused = true;
        onactive();
      }}
      onblur={() => {
        focused = false;
        if (touched && !question && problem === '' && text !== '') enter(false, false);
        touched = false;
      }}
      oninput={(event) => {
        question = null;
        problem = '';
        touched = true;
        typed.type(kind, event.currentTarget.value);
      }}
      onkeydown={keydown}
    />
    {#if active}<span class="unit num">{unit}</span>{/if}
  </div>
  <div class="about" id="{uid}-about">
    {#if active || apart || question || problem}
      {#if active}<p class="how">{words.how}</p>{/if}
      {#if readings.length > 0}
        <ul class="readings" aria-label="Readings of {words.name}">
          {#each readings as reading, index (reading.at + index)}
            <li class="num">
              {lengthNumber(reading.mm, unit)}
              <button
                type="button"
                onpointerdown={(event) => event.preventDefault()}
                onclick={() => ondrop(reading)}
                aria-label="Drop the reading {lengthNumber(reading.mm, unit)} {unit}"
              >
                <X size={14} aria-hidden="true" />
              </button>
            </li>
          {/each}
          {#if value && readings.length > 1}<li class="num soft">± {lengthNumber(value.sdMm, unit)}</li>{/if}
        </ul>
      {/if}
      {#if apart && value}
        <p class="warn" role="alert">
          {lengthNumber(value.spreadMm, unit)}
          {unit} apart. Take {readings.length === 2 ? 'a third' : 'another'}, or drop one.
        </p>
      {/if}
      {#if problem.trim() !== ''}<p class="warn" role="alert">{problem}</p>{/if}
      {#if question}
        <div class="warn" role="alert">
          <p>{question.text}</p>
          <p class="answers">
            <button type="button" class="btn act" onclick={() => enter(true)}
              >Keep it <span class="key">↵</span></button
            >
            <button
              type="button"
              class="act-quiet"
              onclick={() => {
                question = null;
                typed.type(kind, '');
                input?.focus();
              }}>Type it again</button
            >
          </p>
        </div>
      {/if}
    {/if}
    {#if text !== '' && !focused && !taking.busy && !question && problem === ''}<p class="old">
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
      onclick={() => enter()}
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
  .entry {
    display: flex;
    align-items: baseline;
    gap: 0.35rem;
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
  .readings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.15rem 0.75rem;
    align-items: center;
    font-size: 0.9rem;
  }
  .readings li {
    display: inline-flex;
    align-items: center;
  }
  .readings button {
    min-width: 1.75rem;
    min-height: 1.75rem;
    display: inline-grid;
    place-items: center;
    color: var(--ink-soft);
  }
  .warn {
    color: var(--stop);
    font-size: 0.95rem;
    font-weight: 550;
    margin-block: 0.25rem;
  }
  .answers {
    display: flex;
    gap: 0.5rem;
    margin-top: 0.4rem;
  }
  .go {
    grid-column: 2;
    justify-self: end;
    align-self: start;
    margin-top: 0.35rem;
  }
</style>
