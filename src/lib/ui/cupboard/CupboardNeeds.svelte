<script lang="ts">
  import { shortagesOf, termsFrom, type AssignQuestion, type Covering, type ToGet } from '$lib/core/cupboard';
  import type { Family } from '$lib/core/instruments';
  import { formatLength } from '$lib/core/length';
  import { db, type Settings } from '$lib/data';
  import type { Cupboard } from '$lib/data/questions/cupboard';
  import { planQuestion } from '$lib/data/questions/cupboard-plan';
  import { fittingsFor, type Fittings } from '$lib/data/questions/fittings';
  import type { RosterEntry } from '$lib/data/questions/roster';
  import { clock } from '$lib/ui/clock.svelte';
  import { download } from '$lib/ui/download';
  import { attempt } from '$lib/ui/shell/attempt';
  import { shortText, toGetText, wantedText } from '$lib/words/cupboard';
  import { monthText } from '$lib/words/dates';
  import { FAMILY_WORDS } from '$lib/words/families';

  /** What is short and over through the year, and the fewest things to get about it. */
  let {
    family,
    cupboard,
    entries,
    settings
  }: {
    family: Family;
    cupboard: Cupboard;
    entries: readonly RosterEntry[];
    settings: Settings;
  } = $props();

  const TERMS = 3;
  const AHEAD = ['measured-too-small', 'probably-too-small'];

  let question = $state.raw<AssignQuestion | null>(null);
  let getting = $state.raw<readonly ToGet[] | null>(null);
  let fittings = $state.raw<Fittings | null>(null);
  let failed = $state('');

  $effect(() => {
    const [of, whose, what, today] = [cupboard, entries, family, clock.today];
    getting = null;
    failed = '';
    let isWanted = true;
    void attempt(async () => {
      const asked = await planQuestion(db, what, of, whose, { today, terms: TERMS });
      const mine = whose.filter(({ player }) => player.family === what);
      const yearOn = termsFrom(today, TERMS + 1, settings.termStarts).at(-1) ?? today;
      const outgrow = mine.filter(
        ({ standing, foresight }) =>
          AHEAD.includes(standing) || (foresight?.outgrown?.middle ?? yearOn) < yearOn
      );
      const found = await fittingsFor(
        db,
        mine.map(({ player }) => player),
        today,
        new Set(outgrow.map(({ player }) => player.id))
      );
      if (!isWanted) return;
      question = asked;
      fittings = found;
      const { toGetAside } = await import('$lib/workers/assign');
      try {
        const fewest = await toGetAside(asked);
        if (isWanted) getting = fewest;
      } catch (error) {
        if (isWanted) failed = error instanceof Error ? error.message : String(error);
      }
    });
    return () => (isWanted = false);
  });

  const shortages = $derived(question ? shortagesOf(question) : []);
  const sizes = $derived(question?.sizes.filter((size) => shortages.some((one) => one.size === size)) ?? []);
  const terms = $derived(termsFrom(clock.today, TERMS, settings.termStarts));
  const of = (size: string, term: number) =>
    shortages.find((one) => one.size === size && one.term === term) ?? null;
  const length = (mm: number) => formatLength(mm, settings.unit);
  const coverText = (what: string, all: readonly Covering[]) =>
    all.map(({ mm, count }) => `${count} × ${what} of ${length(mm)}`).join(', ');

  const name = $derived(FAMILY_WORDS[family].toLowerCase());
  const save = () =>
    attempt(async () => {
      const { toCsv } = await import('$lib/data/files/csv');
      const rows = [
        ...shortages.map((one) => [
          `${name} ${one.size}`,
          terms[one.term] ?? '',
          String(one.there),
          one.wanted.toFixed(1),
          shortText(one)
        ]),
        ...(getting ?? []).map(({ size, count }) => [`${name} ${size}`, 'to get', '', String(count), '']),
        ...(fittings?.stools ?? []).map(({ mm, count }) => [
          `stool ${length(mm)}`,
          'to have',
          '',
          String(count),
          ''
        ]),
        ...(fittings?.rests ?? []).map(({ mm, count }) => [
          `shoulder rest ${length(mm)} wide`,
          'to have',
          '',
          String(count),
          ''
        ])
      ];
      const csv = toCsv(['What', 'From', 'There', 'Wanted', 'Remark'], rows);
      download(`to-get-${name}.csv`, 'text/csv;charset=utf-8', csv);
    });
</script>

<section aria-label="What to get" data-needs>
  <header>
    <h2>What to get</h2>
    {#if question}
      <button type="button" class="btn act no-print" onclick={save}>Save this list</button>
      <button type="button" class="btn act no-print" onclick={() => print()}>Print it</button>
    {/if}
  </header>
  {#if !question}
    <p class="soft" role="status">Counting who will need what…</p>
  {:else}
    <table>
      <thead>
        <tr>
          <th scope="col">Size</th>
          {#each terms as from, term (term)}
            <th scope="col">{term === 0 ? 'Now' : `From ${monthText(from)}`}</th>
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each sizes as size (size)}
          <tr>
            <th scope="row" class="num">{size}</th>
            {#each terms as from, term (from)}
              {@const one = of(size, term)}
              <td data-from={from}>
                {#if one}
                  {wantedText(one)} of {one.there}
                  {#if shortText(one) !== ''}
                    <span class:short={one.chanceShort >= one.chanceOver} class="soft">{shortText(one)}</span>
                  {/if}
                {/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="soft text-sm">
      Wanted of those that are there; how likely it is by what each is foreseen to outgrow.
    </p>
    {#if failed}
      <p role="alert">The fewest could not be worked out: {failed}</p>
    {:else if getting === null}
      <p class="soft" role="status">Working out the fewest…</p>
    {:else}
      <p data-fewest>
        {#if getting.length === 0}
          Nobody has to wait: who has not the right size makes do with one near it.
        {:else}
          So that nobody waits, rent or buy <b>{toGetText(getting)}</b>: fewer will not do.
        {/if}
      </p>
    {/if}
    {#if fittings && fittings.stools.length > 0}
      <p data-stools>
        Stools for all who are set up, now and through the year:
        <b>{coverText('stool', fittings.stools)}</b>. Everybody sits within {length(15)} of the own height.
      </p>
    {/if}
    {#if fittings && fittings.rests.length > 0}
      <p data-rests>
        Shoulder rests, now and through the year: <b>{coverText('rest', fittings.rests)} wide</b>, each set by
        up to
        {length(15)}.
      </p>
    {/if}
    {#if fittings && fittings.without > 0 && family !== 'bass'}
      <p class="soft">{fittings.without} without a set-up are not counted in it.</p>
    {/if}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 0.6rem;
    padding-block: 1rem;
    border-top: 1px solid var(--line-strong);
    margin-top: 1rem;
    max-width: 60rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
  }
  h2 {
    font-size: 1.2rem;
    font-weight: 700;
    margin-right: auto;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 1rem 0.25rem 0;
    border-bottom: 1px solid var(--line);
  }
  b {
    font-weight: 600;
  }
  .short,
  [role='alert'] {
    color: var(--stop);
    font-weight: 600;
  }
</style>
