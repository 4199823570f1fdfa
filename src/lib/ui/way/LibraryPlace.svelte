<script lang="ts">
  import { dndzone } from 'svelte-dnd-action';
  import { CHECK_CATEGORIES, checksFor, inWay, type Check, type CheckCategory } from '$lib/core/checks';
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { changeSettings, db, DEFAULT_SETTINGS, getSettings, newId, type OwnCheckRecord } from '$lib/data';
  import { asTaught, ownCheck, taughtTo } from '$lib/data/questions/library';
  import Choice from '$lib/ui/Choice.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import { allOf } from '$lib/data/questions/records';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { categoryName } from '$lib/words/checks';
  import { FAMILY_WORDS } from '$lib/words/families';
  import LibraryCard from './LibraryCard.svelte';
  import OwnCheckForm from './OwnCheckForm.svelte';

  /** Every check of a family: to read, to hide, to put in another place, to say in own words; and own ones. */
  const settings = live(() => getSettings(db), DEFAULT_SETTINGS);
  const own = live<readonly OwnCheckRecord[]>(() => allOf(db, 'ownChecks'), []);
  let family = $state<Family>('violin');
  let library = $state.raw<readonly Check[]>([]);
  $effect(() => {
    const asked = family;
    void checksFor(asked).then((checks) => {
      if (asked === family) library = checks;
    });
  });
  const taught = $derived(taughtTo(settings.current, null));
  const checks = $derived(
    asTaught(
      [...library, ...own.current.filter(({ families }) => families.includes(family)).map(ownCheck)].flatMap(
        (check) => inWay(check, taught.ways, family, taught.support) ?? []
      ),
      settings.current
    )
  );
  const hidden = $derived(settings.current.hiddenChecks ?? []);
  const who = $derived(drawnAs(family, {}, null, null, settings.current));
  let openId = $state<string | null>(null);
  let writing = $state.raw<OwnCheckRecord | null>(null);

  const hide = (id: string) =>
    attempt(() =>
      changeSettings(db, 'Changed which checks are looked at', ({ hiddenChecks = [] }) => ({
        hiddenChecks: hiddenChecks.includes(id)
          ? hiddenChecks.filter((one) => one !== id)
          : [...hiddenChecks, id]
      }))
    );

  /** The checks of a category while one of them is being dragged, in the order in which they lie. */
  let dragged = $state.raw<{ readonly category: CheckCategory; readonly checks: readonly Check[] } | null>(
    null
  );
  const listedIn = (category: CheckCategory) =>
    dragged?.category === category ? dragged.checks : checks.filter((check) => check.category === category);

  /** Keeps the order in which they were laid; put down where it was, nothing has changed. */
  async function order(category: CheckCategory, laid: readonly Check[]) {
    dragged = { category, checks: laid };
    const ids = laid.map(({ id }) => id);
    const before = checks.filter((check) => check.category === category).map(({ id }) => id);
    if (ids.some((id, i) => id !== before[i]))
      await attempt(() =>
        changeSettings(db, 'Changed the order of checks', ({ checkOrder = [] }) => ({
          checkOrder: [...checkOrder.filter((id) => !ids.includes(id)), ...ids]
        }))
      );
    dragged = null;
  }

  const fresh = (): OwnCheckRecord => ({
    id: newId(),
    families: [family],
    category: 'hold',
    standpoint: 'front',
    title: '',
    right: '',
    forPlayer: '',
    pose: 'playing',
    view: 'front',
    spot: 'chest',
    faults: []
  });
  const recordOf = (check: Check) => own.current.find(({ id }) => id === check.id);
</script>

<div class="place" style:--between="0.75rem" data-library>
  <h1>Checks</h1>
  <div class="top">
    <Choice
      label="Family"
      hideLabel
      value={family}
      options={FAMILIES.map((value) => ({ value, text: FAMILY_WORDS[value] }))}
      onpick={(value) => {
        family = value;
        openId = null;
      }}
    />
    <button type="button" class="btn act" data-act="own-check" onclick={() => (writing = fresh())}
      >An own check</button
    >
    <a class="btn act" href="/eye">Practise your eye</a>
    <p class="soft">
      {checks.length} checks, {checks.filter(({ id }) => hidden.includes(id)).length} hidden. Drag a picture to
      another place, or pick it up with Enter and move it with the arrow keys.
    </p>
  </div>
  {#if writing}
    {#key writing.id}
      <OwnCheckForm start={writing} ondone={() => (writing = null)} />
    {/key}
  {/if}
  {#each CHECK_CATEGORIES as category (category)}
    {@const listed = listedIn(category)}
    {#if listed.length > 0}
      <section aria-labelledby="category-{category}">
        <h2 id="category-{category}">{categoryName(category, family)}</h2>
        <ul
          aria-labelledby="category-{category}"
          use:dndzone={{
            items: [...listed],
            type: category,
            flipDurationMs: 0,
            dropTargetStyle: {},
            delayTouchStart: 250,
            dragDisabled: openId !== null
          }}
          onconsider={({ detail }) => (dragged = { category, checks: detail.items })}
          onfinalize={({ detail }) => void order(category, detail.items)}
        >
          {#each listed as check (check.id)}
            <LibraryCard
              {check}
              {who}
              open={openId === check.id}
              hidden={hidden.includes(check.id)}
              own={recordOf(check)}
              words={settings.current.checkWords ?? {}}
              onopen={() => (openId = openId === check.id ? null : check.id)}
              onhide={() => hide(check.id)}
              onchange={(record) => (writing = record)}
            />
          {/each}
        </ul>
      </section>
    {/if}
  {/each}
</div>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1.5rem;
  }
  h2 {
    font-size: 1.1rem;
    font-weight: 700;
    border-bottom: 1px solid var(--ink);
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 0.75rem;
    padding-block: 0.5rem;
  }
</style>
