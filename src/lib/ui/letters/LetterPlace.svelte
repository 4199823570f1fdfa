<script lang="ts">
  import { tick } from 'svelte';
  import { changeSettings, db, DEFAULT_SETTINGS, getSettings, SETTINGS_FORM } from '$lib/data';
  import {
    LETTER_KINDS,
    LETTER_LENGTH,
    TEACHER_NAME_LENGTH,
    type LetterKind
  } from '$lib/data/schema/settings';
  import { Action } from '$lib/ui/action.svelte';
  import { focusOnOpen } from '$lib/ui/focus';
  import Toggles from '$lib/ui/Toggles.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import { live, liveRecord } from '$lib/ui/live.svelte';
  import ChildStrip from '$lib/ui/player/ChildStrip.svelte';
  import NoPlayer from '$lib/ui/player/NoPlayer.svelte';
  import { status } from '$lib/ui/shell/status.svelte';
  import { TypedTexts } from '$lib/ui/typed.svelte';
  import {
    fillLetter,
    LETTER_NAMES,
    LETTER_TEMPLATES,
    LETTER_VALUE_NAMES,
    LETTER_VALUES
  } from '$lib/words/letters';
  import { letterValues } from './letter-values';

  /** Letters and messages home, from the teacher's templates; nothing is sent from here. */
  let { playerId }: { playerId: string } = $props();

  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const player = liveRecord('players', () => playerId);
  const values = live(() => letterValues(playerId), null);
  const typed = new TypedTexts(SETTINGS_FORM);
  let kind = $state<LetterKind>('size');

  const kept = $derived(settings.current.letters?.[kind] ?? LETTER_TEMPLATES[kind]);
  const field = $derived(`letter.${kind}`);
  const template = $derived(typed.of(field) ?? kept);
  const teacher = $derived(typed.of('teacherName') ?? '');
  /** Nothing else asks for it before the first letter. */
  const asksName = $derived(fillLetter(template, values.current ?? {}).missing.includes('teacher'));
  const letter = $derived(
    fillLetter(template, {
      ...values.current,
      ...(asksName && teacher.trim() ? { teacher: teacher.trim() } : {})
    })
  );
  const lacking = $derived(letter.missing.filter((name) => name !== 'teacher'));
  const isWhole = $derived(letter.missing.length + letter.unknown.length === 0);

  const keeping = new Action();
  const keep = (text: string | undefined) =>
    keeping.run(async () => {
      const mine = kind;
      await changeSettings(db, 'Changed a letter', ({ letters = {} }) => ({
        letters: { ...letters, [mine]: text }
      }));
      typed.drop(`letter.${mine}`);
    });

  const keepName = () =>
    keeping.run(async () => {
      await changeSettings(db, 'Changed the name on the card', { teacherName: teacher.trim() });
      typed.entered('teacherName', teacher);
    });
  /** What goes out carries the name that stands there: it is kept with it. */
  const withName = async () => !asksName || teacher.trim() === '' || (await keepName());

  async function printLetter() {
    if (!(await withName())) return;
    await tick();
    print();
  }
  async function copy() {
    await withName();
    try {
      await navigator.clipboard.writeText(letter.text);
      status.say('The letter is copied.');
    } catch {
      status.say('The browser did not allow copying. Select the text and copy it.');
    }
  }
</script>

{#if !player.ready || !values.ready || !settings.ready || !typed.ready}
  <p class="p-6 soft">Opening the record…</p>
{:else if !player.current}
  <NoPlayer />
{:else}
  <div class="place" style:--wide="60rem">
    <ChildStrip player={player.current} here="papers" />
    <p class="ways no-print">
      <a class="btn act" href="/card/{playerId}">Card</a>
      <a class="btn act" href="/home-card/{playerId}">Home card</a>
      <a class="btn act" href="/set-up/{playerId}">Set-up, large</a>
    </p>
    <header class="no-print">
      <Toggles
        label="Which letter"
        as="letter"
        look="framed"
        options={LETTER_KINDS.map((value) => ({ value, text: LETTER_NAMES[value] }))}
        picked={[kind]}
        onpick={(value) => (kind = value)}
      />
    </header>
    {#if asksName}
      <form
        class="ways wrong no-print"
        onsubmit={(event) => {
          event.preventDefault();
          void keepName();
        }}
      >
        <label
          >Your name is missing
          <input
            {@attach focusOnOpen}
            class="field"
            maxlength={TEACHER_NAME_LENGTH}
            value={teacher}
            oninput={(event) => typed.type('teacherName', event.currentTarget.value)}
          /></label
        >
        <button type="submit" class="btn act" disabled={keeping.busy || teacher.trim() === ''}>Keep it</button
        >
      </form>
    {/if}
    {#if lacking.length + letter.unknown.length > 0}
      <div class="wrong no-print" role="alert">
        {#each lacking as name (name)}
          <p>“{name}” is missing: it comes from {LETTER_VALUES[name].from}.</p>
        {/each}
        {#each letter.unknown as name (name)}
          <p>“{name}” is nothing that a letter can say. See the list below.</p>
        {/each}
      </div>
    {/if}
    <article data-text>{letter.text}</article>
    <p class="ways no-print">
      <button type="button" class="btn act-next" data-act="copy-letter" disabled={!isWhole} onclick={copy}
        >Copy the text</button
      >
      <button type="button" class="btn act" disabled={!isWhole} onclick={printLetter}>Print</button>
    </p>
    <div class="no-print">
      <Fold name="template" title="The words of this letter, for everybody">
        <div class="template">
          <label>
            <span>Your template</span>
            <textarea
              class="field"
              rows="14"
              maxlength={LETTER_LENGTH}
              value={template}
              oninput={(event) => typed.type(field, event.currentTarget.value)}></textarea>
          </label>
          <dl>
            {#each LETTER_VALUE_NAMES as name (name)}
              <dt class="num">{`{${name}}`}</dt>
              <dd>{LETTER_VALUES[name].means}</dd>
            {/each}
          </dl>
        </div>
        <p class="ways">
          <button
            type="button"
            class="btn act"
            data-act="keep-letter"
            disabled={keeping.busy || template === kept || letter.unknown.length > 0}
            onclick={() => keep(template)}>Keep these words</button
          >
          <button
            type="button"
            class="btn act"
            disabled={keeping.busy || template === LETTER_TEMPLATES[kind]}
            onclick={() => keep(undefined)}>Back to the first words</button
          >
        </p>
      </Fold>
    </div>
  </div>
{/if}

<style>
  header,
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  header {
    justify-content: space-between;
  }
  article {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    padding: 1.5rem;
    border: 1px solid var(--line-strong);
    max-width: 46rem;
  }
  .wrong label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
    color: var(--ink);
  }
  .wrong {
    border-left: 4px solid var(--stop);
    padding: 0.5rem 1rem;
    color: var(--stop);
  }
  .template {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
    gap: 1.5rem;
    margin-bottom: 0.75rem;
  }
  textarea {
    width: 100%;
    line-height: 1.4;
  }
  dl {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.2rem 0.75rem;
    align-content: start;
  }
  @media (max-width: 700px) {
    .template {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media print {
    .place {
      padding: 0;
    }
    article {
      border: 0;
      padding: 0;
    }
  }
</style>
