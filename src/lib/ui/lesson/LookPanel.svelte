<script lang="ts">
  import { faultsShown, RATINGS, sideKey, sidesOf, type Check } from '$lib/core/checks';
  import { VIEWS } from '$lib/core/figure/views';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import AngleLines from '$lib/ui/photo/AngleLines.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import { outcomeText, RATING_WORDS } from '$lib/words/checks';
  import { dayText } from '$lib/words/dates';
  import type { DrawnAs } from './drawn-as';
  import { FAULT_KEYS, RATING_KEYS } from './keys';
  import type { Lesson } from './lesson.svelte';
  import OutcomePart from './OutcomePart.svelte';

  /** The look in hand: what right looks like, a tap for how far it is, a picture for what is amiss. */
  let { lesson, check, who }: { lesson: Lesson; check: Check; who: DrawnAs } = $props();

  const seen = $derived(lesson.seen[check.id]);
  const last = $derived(lesson.last[check.id]);
  const rating = $derived(seen?.outcome.kind === 'rating' ? seen.outcome.rating : null);
  const faults = $derived(seen?.faults ?? []);
  const lastFaults = $derived(check.faults.filter(({ id }) => last?.faults.includes(id)));

  const sides = $derived(sidesOf(check, who.family));
  const order = $derived(faultsShown(check, who.family));
  const rests = $derived(lesson.restsUntil(check));
  const workedOn = $derived(lesson.workedOn(check));
</script>

<section class="grid gap-3" data-look={check.id} aria-labelledby="look-title">
  <header>
    <h2 id="look-title"><span class="num">{lesson.looks.indexOf(check) + 1}</span> {check.title}</h2>
    <p>{check.right}</p>
    <p class="soft last">
      {#if last}
        Last time {outcomeText(last.outcome).toLowerCase()}, {dayText(last.day)}{lastFaults.length > 0
          ? `: ${lastFaults.map(({ text }) => text.toLowerCase()).join(', ')}`
          : ''}.
      {:else}Not looked at before.{/if}
      {#if rests}Rests until {dayText(rests)}.{/if}
    </p>
  </header>

  {#if check.result === 'rating'}
    <Toggles
      label="How far: {check.title}"
      as="rate"
      look="tall"
      options={RATINGS.map((value) => ({
        value,
        text: RATING_WORDS[value],
        key: RATING_KEYS[value].toUpperCase()
      }))}
      picked={[rating]}
      onpick={(value) => lesson.rate(check, { kind: 'rating', rating: value })}
    />
  {:else if lesson.player}
    <OutcomePart
      player={lesson.player}
      {check}
      results={lesson.resultsOf(check)}
      outcome={lesson.seen[check.id]?.outcome ?? null}
      today={lesson.today}
      stopped={lesson.pains.length > 0}
      keyed
      onrate={(outcome, done) => void lesson.rate(check, outcome, done)}
    />
  {/if}

  <AngleLines results={lesson.resultsOf(check)} />
  {#each workedOn as { fault, since } (fault.id)}
    <p class="worked" data-worked-on={fault.id}>
      Worked on since {dayText(since)}: {fault.text.toLowerCase()}.
      <button
        type="button"
        class="btn act"
        aria-pressed={seen?.absent?.includes(fault.id) === true}
        onclick={() => lesson.toggle(check, fault.id, 'absent')}
        >{seen?.absent?.includes(fault.id) ? '✓ Not seen any more' : 'Not seen any more'}</button
      >
    </p>
  {/each}

  <div class="pictures" class:many={sides.length + check.faults.length > 3}>
    {#each sides as side (sideKey(side.right))}
      <figure class="right">
        <SeenPicture {...who} {...side.right} view={VIEWS[side.right.view]} />
        <figcaption><b>✓ Right</b></figcaption>
      </figure>
      {#each side.faults as { fault, scene } (fault.id)}
        <button
          type="button"
          class="fault"
          aria-pressed={faults.includes(fault.id)}
          data-fault={fault.id}
          onclick={() => lesson.toggle(check, fault.id)}
        >
          <SeenPicture {...who} {...scene} view={VIEWS[scene.view]} />
          <span
            >{fault.text}
            <span class="key">{FAULT_KEYS[order.indexOf(fault)]?.toUpperCase()}</span></span
          >
        </button>
      {/each}
    {/each}
  </div>
</section>

<style>
  h2 {
    font-size: 1.35rem;
    font-weight: 700;
  }
  h2 .num {
    color: var(--ink-soft);
    margin-right: 0.25rem;
  }
  .last {
    font-size: 0.95rem;
  }
  .worked {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
  }
  .worked [aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
  }
  .pictures {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
    gap: 0.5rem;
    --seen-high: 8.75rem;
  }
  /* Smaller, so that all are seen at once. */
  .pictures.many {
    grid-template-columns: repeat(auto-fill, minmax(7.2rem, 1fr));
    --seen-high: 7.5rem;
  }
  .fault,
  .right {
    display: grid;
    align-content: start;
    gap: 0.25rem;
    padding: 0.35rem;
    border: 1px solid var(--line);
    border-radius: var(--radius-base);
    text-align: center;
    font-size: 0.95rem;
    line-height: 1.2;
  }
  .right {
    border-color: transparent;
    border-top: 3px solid var(--fits);
    border-radius: 0;
  }
  .right b {
    color: var(--fits);
  }
  .fault[aria-pressed='true'] {
    border: 3px solid var(--large);
    padding: calc(0.35rem - 2px);
    color: var(--large);
    font-weight: 650;
  }
</style>
