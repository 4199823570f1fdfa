<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { askPair, type EyeQuestion, type Library } from '$lib/core/eye';
  import { plannedOn } from '$lib/core/plan';
  import { db, DEFAULT_SETTINGS, getSettings, type Group, type Settings } from '$lib/data';
  import { libraryFor, taughtTo } from '$lib/data/questions/library';
  import { allOf, playersIn, recordOf } from '$lib/data/questions/records';
  import { clock } from '$lib/ui/clock.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import { attempt } from '$lib/ui/shell/attempt';
  import { categoryName } from '$lib/words/checks';
  import EyePicture from './EyePicture.svelte';

  /** For a class in front of the large screen: two pictures, fingers up for left or right, then the child's line. */
  let { groupId }: { groupId: string } = $props();

  let group = $state.raw<Group | null>(null);
  let ready = $state(false);
  let library: Library = {};
  let settings = $state.raw<Settings>(DEFAULT_SETTINGS);
  let question = $state.raw<EyeQuestion | null>(null);
  let rightFirst = $state(true);
  let shown = $state(false);
  let place: HTMLElement | undefined = $state();

  const planned = $derived(group ? plannedOn(group.focuses, clock.today) : null);
  const who = $derived(question ? drawnAs(question.family, {}, question.size, null, settings) : null);
  const sides = $derived(rightFirst ? (['right', 'fault'] as const) : (['fault', 'right'] as const));

  onMount(() =>
    attempt(async () => {
      settings = await getSettings(db);
      const found = await recordOf(db, 'groups', groupId);
      const families = new Set(
        (await playersIn(db, groupId))
          .filter(({ archivedOn }) => archivedOn === null)
          .map(({ family }) => family)
      );
      const own = await allOf(db, 'ownChecks');
      const taught = taughtTo(settings, found);
      const category = found ? plannedOn(found.focuses, clock.today) : null;
      const each = [...families].map(async (family) => {
        const checks = await libraryFor(family, settings, own, taught);
        const week = checks.filter((check) => check.category === category);
        return [family, week.length > 0 ? week : checks] as const;
      });
      library = Object.fromEntries(await Promise.all(each));
      group = found ?? null;
      ready = true;
      ask();
    })
  );

  function ask() {
    question = askPair(library, Math.random);
    rightFirst = Math.random() < 0.5;
    shown = false;
    void focus();
  }
  async function focus() {
    await tick();
    place?.querySelector<HTMLElement>('[data-act=on]')?.focus();
  }
  function on() {
    if (shown) return ask();
    shown = true;
    void focus();
  }
</script>

<div class="place" style:--wide="90rem" bind:this={place}>
  <header>
    <h1>Which one is right?</h1>
    {#if group}<p class="soft">
        <a class="group" href="/class/{groupId}">{group.name}</a>
        {#if planned && question}this week: {categoryName(planned, question.family).toLowerCase()}{/if}
      </p>{/if}
  </header>
  {#if question && who}
    <div class="two">
      {#each sides as side (side)}
        {@const isRight = side === 'right'}
        <figure class:right={shown && isRight} class:not={shown && !isRight} data-side={side}>
          {#key question}
            <EyePicture
              {who}
              scene={isRight ? question.right : question.scene}
              marked={shown && !isRight}
              label={side === sides[0] ? 'The left picture' : 'The right picture'}
            />
          {/key}
          <figcaption>
            {#if shown}{isRight ? '✓ This one' : `✗ ${question.fault?.text}`}{:else}{side === sides[0]
                ? 'Left'
                : 'Right'}{/if}
          </figcaption>
        </figure>
      {/each}
    </div>
    <div class="below">
      <p class="line" role="status">
        {shown ? `“${question.check.forPlayer}”` : 'Fingers up: left or right?'}
      </p>
      <button type="button" class="btn act-next" data-act="on" onclick={on}
        >{shown ? 'The next two' : 'Show it'} <span class="key">↵</span></button
      >
    </div>
  {:else if ready}
    <p class="soft">
      {group ? 'Nobody is in this group yet, so there is nothing to look at.' : 'This group is not here.'}
    </p>
    <p><a class="btn act" href="/class">All groups</a></p>
  {:else}
    <p class="p-6 soft">Opening the pictures…</p>
  {/if}
</div>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1.5rem;
  }
  .group {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    line-height: 2.75rem;
    margin-right: 0.75rem;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 1.5rem;
  }
  figure {
    height: min(60vh, 40rem);
    display: grid;
    grid-template-rows: minmax(0, 1fr) auto;
    border: 3px solid var(--line);
    padding: 0.75rem;
    min-width: 0;
  }
  .right {
    border-color: var(--fits);
  }
  .not {
    border: 3px dashed var(--stop);
  }
  figcaption {
    text-align: center;
    font-size: 1.5rem;
    font-weight: 700;
    overflow-wrap: anywhere;
  }
  .below {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 1rem;
  }
  .line {
    font-size: 1.6rem;
    font-weight: 650;
  }
  @media (max-width: 600px) {
    .two {
      gap: 0.5rem;
    }
    figure {
      height: 40vh;
      padding: 0.25rem;
    }
    figcaption {
      font-size: 1rem;
    }
  }
</style>
