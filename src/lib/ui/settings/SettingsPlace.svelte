<script lang="ts">
  import { SHOULDER_FAMILIES, sizesOf, type Family, type Size } from '$lib/core/instruments';
  import { REST_SCHOOLS, TILT_SCHOOLS } from '$lib/core/setup';
  import {
    changeSettings,
    db,
    DEFAULT_SETTINGS,
    getSettings,
    removeDemo,
    sizesInUse,
    type Settings
  } from '$lib/data';
  import LimitChoice from '$lib/ui/bench/LimitChoice.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { status } from '$lib/ui/shell/status.svelte';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { REST_SCHOOL_WORDS, TILT_SCHOOL_WORDS } from '$lib/words/setup';
  import DimensionsTable from './DimensionsTable.svelte';

  const settings = live<Settings>(() => getSettings(db), DEFAULT_SETTINGS);
  const demoCount = live(() => db.players.filter((player) => player.demo).count(), 0);
  const chosen = $derived(settings.current);

  const change = (label: string, patch: Partial<Settings>) => attempt(() => changeSettings(db, label, patch));

  function toggleSize(family: Family, size: Size) {
    const used = sizesInUse(chosen, family);
    const next = sizesOf(family).filter((one) => (one === size ? !used.includes(one) : used.includes(one)));
    if (next.length === 0) status.say('At least one size stays in use.');
    else void change(`Changed the ${family} sizes in use`, { sizes: { ...chosen.sizes, [family]: next } });
  }

  async function bringDemo() {
    const { loadDemo } = await import('$lib/data/demo/demo');
    await attempt(() => loadDemo(db));
  }
</script>

<div class="settings">
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
    <label class="name">
      <span>My name, for the card</span>
      <input
        class="field"
        maxlength="80"
        value={chosen.teacherName}
        onchange={(event) =>
          change('Changed the name on the card', { teacherName: event.currentTarget.value.trim() })}
      />
    </label>
  </section>

  <section aria-labelledby="way">
    <h2 id="way">My way</h2>
    <LimitChoice rule={chosen.rule} onrule={(rule) => change('Changed the sizing school', { rule })} />
    <div>
      <Choice
        label="What fills the gap at the neck"
        value={chosen.restSchool}
        options={REST_SCHOOLS.map((value) => ({ value, text: REST_SCHOOL_WORDS[value].name }))}
        onpick={(restSchool) => change('Changed the set-up school', { restSchool })}
      />
      <p class="text-sm soft mt-1">{REST_SCHOOL_WORDS[chosen.restSchool].why}</p>
    </div>
    <Choice
      label="The shoulder rest"
      value={chosen.tiltSchool}
      options={TILT_SCHOOLS.map((value) => ({ value, text: TILT_SCHOOL_WORDS[value] }))}
      onpick={(tiltSchool) => change('Changed the tilt school', { tiltSchool })}
    />
  </section>

  <section aria-labelledby="sizes">
    <h2 id="sizes">Sizes I use</h2>
    {#each SHOULDER_FAMILIES as family (family)}
      <fieldset class="sizes">
        <legend>{FAMILY_WORDS[family]}</legend>
        {#each sizesOf(family) as size (size)}
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
    {#each SHOULDER_FAMILIES as family (family)}
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
      <p>
        <button type="button" class="btn act" onclick={() => attempt(() => removeDemo(db))}
          >Remove the made-up class</button
        >
      </p>
    {:else}
      <p>Twenty-four invented pupils in all states, to look around with.</p>
      <p><button type="button" class="btn act" onclick={bringDemo}>Bring in the made-up class</button></p>
    {/if}
  </section>
</div>

<style>
  .settings {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 60rem;
    display: grid;
    gap: 1.5rem;
  }
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
