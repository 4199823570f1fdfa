<script lang="ts">
  import { CHECK_CATEGORIES, checksFor, inWay, sidesOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { changeSettings, db, DEFAULT_SETTINGS, getSettings, newId, type OwnCheckRecord } from '$lib/data';
  import { removeOwnCheck } from '$lib/data/commands/own-checks';
  import { asTaught, ownCheck, taughtTo } from '$lib/data/questions/library';
  import Choice from '$lib/ui/Choice.svelte';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import { drawnAs } from '$lib/ui/lesson/drawn-as';
  import { allOf } from '$lib/data/questions/records';
  import { live } from '$lib/ui/live.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import { categoryName, STANDPOINT_WORDS } from '$lib/words/checks';
  import { FAMILY_WORDS } from '$lib/words/families';
  import CheckWords from './CheckWords.svelte';
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

  /** Moves a check before or after its neighbour of the category. */
  function move(check: Check, by: -1 | 1) {
    const ids = checks.filter(({ category }) => category === check.category).map(({ id }) => id);
    const at = ids.indexOf(check.id);
    const to = at + by;
    const other = ids[to];
    if (other === undefined) return;
    [ids[at], ids[to]] = [other, check.id];
    void attempt(() =>
      changeSettings(db, 'Changed the order of checks', ({ checkOrder = [] }) => ({
        checkOrder: [...checkOrder.filter((id) => !ids.includes(id)), ...ids]
      }))
    );
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
    <p class="soft">
      {checks.length} checks, {checks.filter(({ id }) => hidden.includes(id)).length} hidden.
    </p>
  </div>
  {#if writing}
    {#key writing.id}
      <OwnCheckForm start={writing} ondone={() => (writing = null)} />
    {/key}
  {/if}
  {#each CHECK_CATEGORIES as category (category)}
    {@const listed = checks.filter((check) => check.category === category)}
    {#if listed.length > 0}
      <section aria-labelledby="category-{category}">
        <h2 id="category-{category}">{categoryName(category, family)}</h2>
        <ul>
          {#each listed as check, i (check.id)}
            {@const record = recordOf(check)}
            <li data-check={check.id} class:hidden-check={hidden.includes(check.id)}>
              <button
                type="button"
                class="title"
                aria-expanded={openId === check.id}
                onclick={() => (openId = openId === check.id ? null : check.id)}
                ><b>{check.title}</b>
                <span class="soft"
                  >{STANDPOINT_WORDS[check.standpoint]}{hidden.includes(check.id) ? ' · hidden' : ''}</span
                ></button
              >
              <span class="ways">
                <button
                  type="button"
                  aria-label="Earlier: {check.title}"
                  disabled={i === 0}
                  onclick={() => move(check, -1)}>↑</button
                >
                <button
                  type="button"
                  aria-label="Later: {check.title}"
                  disabled={i === listed.length - 1}
                  onclick={() => move(check, 1)}>↓</button
                >
                <button type="button" onclick={() => hide(check.id)}
                  >{hidden.includes(check.id) ? 'Show' : 'Hide'}</button
                >
                {#if record}
                  <button type="button" onclick={() => (writing = record)}>Change</button>
                  <button type="button" onclick={() => attempt(() => removeOwnCheck(db, record))}
                    >Remove</button
                  >
                {/if}
              </span>
              {#if openId === check.id}
                <div class="open">
                  <p>{check.right}</p>
                  <p class="soft">“{check.forPlayer}”</p>
                  <div class="pictures">
                    {#each sidesOf(check, family) as side (side.right.view)}
                      <figure>
                        <SeenPicture {...who} {...side.right} view={VIEWS[side.right.view]} />
                        <figcaption>✓ Right</figcaption>
                      </figure>
                      {#each side.faults as { fault, scene } (fault.id)}
                        <figure>
                          <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
                          <figcaption>
                            ✗ {fault.text}<br /><span class="soft"
                              >{fault.causes.map(({ remedy }) => remedy).join(' ')}</span
                            >
                          </figcaption>
                        </figure>
                      {/each}
                    {/each}
                  </div>
                  {#if !record}<CheckWords {check} words={settings.current.checkWords ?? {}} />{/if}
                </div>
              {/if}
            </li>
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
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 1rem;
    border-bottom: 1px solid var(--line);
  }
  .title {
    flex: 1 1 18rem;
    min-height: 2.75rem;
    text-align: left;
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    align-items: center;
  }
  .hidden-check .title b {
    text-decoration: line-through;
    font-weight: 400;
  }
  .ways button {
    min-width: 2.75rem;
    min-height: 2.75rem;
    padding-inline: 0.5rem;
  }
  .ways button:disabled {
    opacity: 0.35;
  }
  .open {
    flex-basis: 100%;
    display: grid;
    gap: 0.5rem;
    padding-block: 0.25rem 0.75rem;
  }
  .pictures {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    gap: 0.75rem;
  }
  figcaption {
    text-align: center;
    font-size: 0.95rem;
    line-height: 1.25;
  }
</style>
