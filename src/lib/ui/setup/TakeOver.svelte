<script lang="ts">
  import type { Family } from '$lib/core/instruments';
  import { copiedFrom, settingsInUse, type Adjustments, type SettingId } from '$lib/core/setup';
  import { db } from '$lib/data';
  import { setUpAlike, type SetUpAlike } from '$lib/data/questions/set-up-alike';
  import { NotASetup, setupFromText, type SetupRead } from '$lib/data/files/setup-text';
  import FilePick from '$lib/ui/files/FilePick.svelte';
  import PickOne from '$lib/ui/PickOne.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { dayText } from '$lib/words/dates';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { settingText, settingWords } from '$lib/words/setup';
  import { readCodeAside } from '$lib/workers/code-reader';
  import type { Bench } from '$lib/ui/bench/bench.svelte';

  /** Takes over a set-up: from somebody on the same size, or from the code on a card. */
  let {
    bench,
    family,
    size,
    ontake
  }: {
    bench: Bench;
    family: Family;
    size: string;
    ontake: (label: string, setup: Adjustments) => Promise<boolean>;
  } = $props();

  const unit = $derived(bench.settings.unit);
  const others = live<readonly SetUpAlike[]>(
    () => setUpAlike(db, { family, size, not: bench.player?.id ?? '' }),
    [],
    () => `${family} ${size}`
  );
  let other = $state<string | null>(null);
  const from = $derived(others.current.find(({ player }) => player.id === other) ?? null);
  let text = $state('');
  let read = $state.raw<SetupRead | null>(null);
  let problem = $state('');
  let taken = $state('');

  function understand(written: string) {
    text = written;
    [read, problem, taken] = [null, '', ''];
    if (written.trim() === '') return;
    try {
      read = setupFromText(written);
    } catch (error) {
      if (!(error instanceof NotASetup)) throw error;
      problem = error.message;
    }
  }

  async function look(file: File) {
    [read, problem, taken] = [null, '', ''];
    try {
      const found = await readCodeAside(file);
      if (found === null)
        problem = 'No code was found in the picture. Take it closer, flat and in good light.';
      else understand(found);
    } catch {
      problem = 'This file is no picture that the browser can open.';
    }
  }

  const wrong = $derived(
    read && (read.family !== family || read.size !== size)
      ? `This is the set-up of a ${FAMILY_WORDS[read.family].toLowerCase()} ${read.size}; here stands a ${FAMILY_WORDS[family].toLowerCase()} ${size}.`
      : ''
  );
  const lines = ({ adjustments }: SetupRead) =>
    settingsInUse(adjustments).flatMap((id) => {
      const value = (adjustments.values as Readonly<Partial<Record<SettingId, number>>>)[id];
      const mark = (adjustments.marks as Readonly<Partial<Record<SettingId, string>>>)[id];
      const words = `${settingWords(adjustments, id).name} ${value === undefined ? '' : settingText(id, value, unit)}`;
      return value === undefined ? [] : [mark ? `${words} (${mark})` : words];
    });

  async function take(label: string, setup: Adjustments) {
    if (!(await ontake(label, setup))) return;
    [text, read, other] = ['', null, ''];
    taken = 'Taken over as a starting point: look, change one thing, look again.';
  }
</script>

<div class="grid gap-3 mt-4 max-w-[40rem]">
  {#if others.current.length > 0}
    <PickOne
      label="From somebody on the same size"
      options={others.current.map(({ player, setup }) => ({
        value: player.id,
        text: `${player.name}, set up on ${dayText(setup.day)}`
      }))}
      value={other}
      onpick={(picked) => (other = picked)}
    />
    <button
      type="button"
      class="btn act"
      disabled={!from}
      onclick={() => from && void take(`Took over the set-up of ${from.player.name}`, copiedFrom(from.setup))}
    >
      Take it over
    </button>
  {/if}
  <label>
    From a card: the text of its code
    <input
      class="field num"
      maxlength="2000"
      placeholder="jarvel-setup/1 …"
      autocomplete="off"
      value={text}
      oninput={(event) => understand(event.currentTarget.value)}
    />
  </label>
  <div class="row">
    <FilePick label="Read a picture of the code…" accept="image/*" onpick={look} />
    {#if read && !wrong}
      {@const found = read}
      <button
        type="button"
        class="btn act"
        onclick={() => void take('Took over a set-up from a card', found.adjustments)}>Take it over</button
      >
    {/if}
  </div>
  {#if read}
    <p class="soft" data-read>
      {FAMILY_WORDS[read.family]}
      {read.size}, set up on {dayText(read.day)}: {lines(read).join('; ')}.
    </p>
  {/if}
  {#if problem || wrong}<p class="warning" role="alert">{problem || wrong}</p>{/if}
  {#if taken}<p role="status">{taken}</p>{/if}
</div>

<style>
  label {
    display: grid;
    gap: 0.25rem;
    font-size: 0.9rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 0.75rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
