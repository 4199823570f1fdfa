<script lang="ts">
  import { FAMILIES, sizesUp, sizesOf, type Family, type Size } from '$lib/core/instruments';
  import {
    changeSettings,
    db,
    DEFAULT_SETTINGS,
    forget,
    getSettings,
    removeDemo,
    SETTINGS_FORM,
    sizesInUse,
    UNDO_DELETION_MS,
    type Settings
  } from '$lib/data';
  import { demoPlayers } from '$lib/data/questions/records';
  import { TEACHER_NAME_LENGTH } from '$lib/data/schema/settings';
  import { Action } from '$lib/ui/action.svelte';
  import { TypedTexts } from '$lib/ui/typed.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { bringDemo } from '$lib/ui/bring-demo';
  import MyWay from '$lib/ui/way/MyWay.svelte';
  import DimensionsTable from './DimensionsTable.svelte';
  import OwnRestsTable from './OwnRestsTable.svelte';
  import PicturesPart from './PicturesPart.svelte';

  const settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  const demoCount = live(() => demoPlayers(db), 0);
  const chosen = $derived(settings.current);

  const change = (label: string, patch: Partial<Settings>) => attempt(() => changeSettings(db, label, patch));

  function toggleSize(family: Family, size: Size) {
    const used = sizesInUse(chosen, family);
    if (used.length === 1 && used.includes(size)) return status.say('At least one size stays in use.');
    void attempt(() =>
      changeSettings(db, `Changed the ${family} sizes in use`, (settings) => {
        const now = sizesInUse(settings, family);
        const next = sizesOf(family).filter((one) => (one === size ? !now.includes(one) : now.includes(one)));
        return { sizes: { ...settings.sizes, [family]: next } };
      })
    );
  }

  const demoAction = new Action();
  let removing = $state(false);
  const bring = () => demoAction.run(bringDemo);

  async function dropDemo(forGood: boolean) {
    const done = await demoAction.run(async () => {
      const gone = await removeDemo(db);
      if (forGood) await forget(db, gone);
    });
    if (done) removing = false;
  }

  const typed = new TypedTexts(SETTINGS_FORM);
  async function rename(name: string) {
    if (await change('Changed the name on the card', { teacherName: name.trim() }))
      typed.entered('teacherName', name);
  }
</script>

<div class="place" style:--wide="60rem" style:--between="1.5rem">
  <h1>Settings</h1>

  <section aria-labelledby="reading">
    <h2 id="reading">Reading and look</h2>
    <Choice
      label="Tape in"
      value={chosen.unit}
      options={[
        { value: 'cm', text: 'Centimetres' },
        { value: 'in', text: 'Inches' }
      ]}
      onpick={(unit) => change('Changed the unit', { unit })}
    />
    <Choice
      label="Theme"
      value={chosen.theme}
      options={[
        { value: 'light', text: 'Light' },
        { value: 'dark', text: 'Dark' },
        { value: 'system', text: 'As the system' }
      ]}
      onpick={(theme) => change('Changed the theme', { theme })}
    />
    <Choice
      label="Single letters as keys in a lesson"
      value={chosen.noLetterKeys ? 'off' : 'on'}
      options={[
        { value: 'on', text: 'On' },
        { value: 'off', text: 'Off' }
      ]}
      onpick={(keys) => change('Changed the keys of a lesson', { noLetterKeys: keys === 'off' })}
    />
    <label class="name">
      <span>My name, for the card</span>
      <input
        class="field"
        maxlength={TEACHER_NAME_LENGTH}
        value={typed.of('teacherName') ?? chosen.teacherName}
        oninput={(event) => typed.type('teacherName', event.currentTarget.value)}
        onchange={(event) => rename(event.currentTarget.value)}
      />
    </label>
  </section>

  <section aria-labelledby="way">
    <h2 id="way">My way</h2>
    <MyWay settings={chosen} />
  </section>

  <section aria-labelledby="own-rests">
    <h2 id="own-rests">My own rests</h2>
    <p class="soft">
      Chin rests, shoulder rests and pads that you have: the set-up names the one that does it.
    </p>
    <OwnRestsTable
      rests={chosen.rests ?? []}
      unit={chosen.unit}
      onchange={(label, next) =>
        void attempt(() => changeSettings(db, label, ({ rests = [] }) => ({ rests: next(rests) })))}
    />
  </section>

  <section aria-labelledby="sizes">
    <h2 id="sizes">Sizes I use</h2>
    {#each FAMILIES as family (family)}
      <fieldset class="sizes">
        <legend>{FAMILY_WORDS[family]}</legend>
        {#each sizesUp(family) as size (size)}
          <label class="size">
            <input
              type="checkbox"
              class="checkbox"
              checked={sizesInUse(chosen, family).includes(size)}
              onclick={(event) => {
                event.preventDefault();
                toggleSize(family, size);
              }}
            />
            <span class="num">{size}</span>
          </label>
        {/each}
      </fieldset>
    {/each}
  </section>

  <section aria-labelledby="dimensions">
    <h2 id="dimensions">Instrument dimensions</h2>
    <p class="soft">Common nominal values. Makers differ: put in what your instruments measure.</p>
    {#each FAMILIES as family (family)}
      <DimensionsTable
        {family}
        unit={chosen.unit}
        overrides={chosen.dimensions}
        onchange={(dimensions) => change(`Changed ${family} dimensions`, { dimensions })}
      />
    {/each}
  </section>

  <section aria-labelledby="demo">
    <h2 id="demo">Made-up class</h2>
    {#if demoCount.current > 0}
      <p>{demoCount.current} invented pupils are among your players.</p>
      {#if removing}
        <p>
          Undo brings the class back for {UNDO_DELETION_MS / 60_000} minutes; after that nothing of it is left.
        </p>
        <p class="flex flex-wrap gap-x-4 gap-y-2">
          <button type="button" class="btn act" disabled={demoAction.busy} onclick={() => dropDemo(false)}
            >Remove it</button
          >
          <button type="button" class="btn act" disabled={demoAction.busy} onclick={() => dropDemo(true)}
            >Remove and forget for good now</button
          >
          <button type="button" class="act-quiet" onclick={() => (removing = false)}>Keep it</button>
        </p>
      {:else}
        <p>
          <button type="button" class="btn act" onclick={() => (removing = true)}
            >Remove the made-up class…</button
          >
        </p>
      {/if}
    {:else}
      <p>Twenty-four invented pupils in all states, to look around with.</p>
      <p>
        <button type="button" class="btn act" disabled={demoAction.busy} onclick={bring}
          >Bring in the made-up class</button
        >
      </p>
    {/if}
  </section>

  <PicturesPart />

  <section aria-labelledby="what-is-new">
    <h2 id="what-is-new">What is new</h2>
    {#await import('./About.svelte') then { default: About }}<About />{/await}
  </section>
</div>

<style>
  section {
    border-top: 1px solid var(--ink);
    padding-top: 0.75rem;
    display: grid;
    gap: 1rem;
  }
  .name {
    max-width: 24rem;
  }
  .name span {
    font-size: 0.9rem;
  }
  .sizes {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
  }
  .sizes legend {
    font-size: 0.9rem;
    color: var(--ink-soft);
  }
  .size {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    min-width: 5.5rem;
    cursor: pointer;
  }
</style>
